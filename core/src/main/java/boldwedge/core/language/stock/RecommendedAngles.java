package boldwedge.core.language.stock;

/**
 * Angles the handbooks recommend for a group of work materials and a family of tool materials, in the older American
 * signature, radians.
 */
public record RecommendedAngles(
        Span backRake, Span sideRake, Span endRelief, Span sideRelief, String why, String source) {}
