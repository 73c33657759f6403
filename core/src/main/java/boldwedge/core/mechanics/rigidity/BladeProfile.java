package boldwedge.core.mechanics.rigidity;

import java.util.List;

/**
 * A cross-section that is alike on both sides of its upright axis, as trapezoids stacked from the bottom up. Areas and second
 * moments are exact for straight sides.
 *
 * @param strips from the bottom up
 */
public record BladeProfile(List<Strip> strips) {
    /**
     * A trapezoid.
     *
     * @param heightMm its height
     * @param bottomMm width at its bottom
     * @param topMm width at its top
     */
    public record Strip(double heightMm, double bottomMm, double topMm) {
        double area() {
            return heightMm * (bottomMm + topMm) / 2;
        }

        double centroid() {
            return heightMm / 3 * (bottomMm + 2 * topMm) / (bottomMm + topMm);
        }

        /** About its own level axis: h³ (b² + 4bt + t²) / 36 (b + t). */
        double level() {
            double b = bottomMm;
            double t = topMm;
            return Math.pow(heightMm, 3) * (b * b + 4 * b * t + t * t) / (36 * (b + t));
        }

        /** About the upright axis: ∫ w³/12 dy = h (b + t)(b² + t²) / 48. */
        double upright() {
            return heightMm * (bottomMm + topMm) * (bottomMm * bottomMm + topMm * topMm) / 48;
        }
    }

    public BladeProfile {
        strips = List.copyOf(strips);
    }

    /** A rectangle. */
    public static BladeProfile rectangle(double widthMm, double heightMm) {
        return new BladeProfile(List.of(new Strip(heightMm, widthMm, widthMm)));
    }

    /** A trapezoid, wider at the top. */
    public static BladeProfile tapered(double topMm, double bottomMm, double heightMm) {
        return new BladeProfile(List.of(new Strip(heightMm, bottomMm, topMm)));
    }

    /** A T: a head on a thinner stem. */
    public static BladeProfile tee(double headWidthMm, double headHeightMm, double stemMm, double heightMm) {
        return new BladeProfile(List.of(
                new Strip(heightMm - headHeightMm, stemMm, stemMm), new Strip(headHeightMm, headWidthMm, headWidthMm)));
    }

    public double heightMm() {
        double height = 0;
        for (Strip strip : strips) {
            height += strip.heightMm();
        }
        return height;
    }

    public double areaMm2() {
        double area = 0;
        for (Strip strip : strips) {
            area += strip.area();
        }
        return area;
    }

    /** Height of the centroid above the bottom, mm. */
    public double centroidMm() {
        double moment = 0;
        double below = 0;
        for (Strip strip : strips) {
            moment += strip.area() * (below + strip.centroid());
            below += strip.heightMm();
        }
        return moment / areaMm2();
    }

    /** Second moment about the level axis through the centroid, mm⁴: what bears the cut down. */
    public double levelMm4() {
        double centroid = centroidMm();
        double sum = 0;
        double below = 0;
        for (Strip strip : strips) {
            double off = below + strip.centroid() - centroid;
            sum += strip.level() + strip.area() * off * off;
            below += strip.heightMm();
        }
        return sum;
    }

    /** Second moment about the upright axis, mm⁴: what bears a push aside. */
    public double uprightMm4() {
        double sum = 0;
        for (Strip strip : strips) {
            sum += strip.upright();
        }
        return sum;
    }

    /**
     * Torsion constant of a thin upright section, mm⁴: ∫ w³/3 dy less 0.105 w⁴ at each end (Timoshenko &amp; Goodier, for
     * narrow rectangles).
     */
    public double torsionMm4() {
        double ends = Math.pow(strips.getFirst().bottomMm(), 4)
                + Math.pow(strips.getLast().topMm(), 4);
        return 4 * uprightMm4() - 0.105 * ends;
    }

    /** The farther of top and bottom from the centroid, mm. */
    public double outermostMm() {
        return Math.max(centroidMm(), heightMm() - centroidMm());
    }
}
