package boldwedge.core.mechanics.holder;

import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * An insert seen from above as it sits in its holder. x runs along the work's axis away from the chuck, y toward the work; the sharp
 * corner, which the nose radius never reaches, stands at the origin. The leading edge makes κ with the axis on the side of the chuck: from
 * the corner it goes along (−cos κ, −sin κ); the trailing edge is turned from it by the corner's angle. mm, radians.
 *
 * @param circleMm inscribed circle
 * @param cornerRad angle of the corner that cuts
 * @param noseMm nose radius
 * @param kappaRad edge angle κ
 * @param triangle whether it has three corners and not four
 */
public record InsertShape(double circleMm, double cornerRad, double noseMm, double kappaRad, boolean triangle) {
    /** Length of an edge: d · √3 of a triangle, d / sin ε of a rhombus. */
    public double edgeMm() {
        return triangle ? circleMm * Math.sqrt(3) : circleMm / Math.sin(cornerRad);
    }

    private static Vector2D along(double angle) {
        return new Vector2D(Math.cos(angle), Math.sin(angle));
    }

    /** Unit vector along the leading edge, from the corner. */
    public Vector2D leading() {
        return along(Math.PI + kappaRad);
    }

    /** Unit vector along the trailing edge, from the corner. */
    public Vector2D trailing() {
        return along(Math.PI + kappaRad + cornerRad);
    }

    /** Unit vector along the corner's bisector, into the insert. */
    public Vector2D bisector() {
        return along(Math.PI + kappaRad + cornerRad / 2);
    }

    /** From the tip of the nose's arc to the middle of the hole: d / (2 · sin(ε/2)) − r · (1 / sin(ε/2) − 1). */
    public double noseToHoleMm() {
        double sin = Math.sin(cornerRad / 2);
        return circleMm / (2 * sin) - noseMm * (1 / sin - 1);
    }

    /** Middle of the hole. */
    public Vector2D hole() {
        return bisector().scalarMultiply(circleMm / (2 * Math.sin(cornerRad / 2)));
    }

    /** Tip of the nose's arc, on the bisector. */
    public Vector2D noseTip() {
        return bisector().scalarMultiply(noseMm * (1 / Math.sin(cornerRad / 2) - 1));
    }

    /** The point of the nose that reaches furthest toward the work: where the tool touches. */
    public double reachMm() {
        Vector2D centre = bisector().scalarMultiply(noseMm / Math.sin(cornerRad / 2));
        return centre.getY() + noseMm;
    }

    /** End of the leading edge. */
    public Vector2D leadingEnd() {
        return leading().scalarMultiply(edgeMm());
    }

    /** End of the trailing edge. */
    public Vector2D trailingEnd() {
        return trailing().scalarMultiply(edgeMm());
    }

    /** Where the two walls meet: the end of the trailing edge of a triangle, the corner opposite of a rhombus. */
    public Vector2D wallCorner() {
        return triangle ? trailingEnd() : leadingEnd().add(trailingEnd());
    }

    /** Unit vector from there along the wall that ends at the leading edge's end. */
    public Vector2D backWall() {
        return leadingEnd().subtract(wallCorner()).normalize();
    }

    /** Unit vector from there along the other wall: back along the trailing edge of a triangle. */
    public Vector2D sideWall() {
        return triangle
                ? trailing().negate()
                : trailingEnd().subtract(wallCorner()).normalize();
    }

    /** Unit vector from the hole into the corner of the walls: that way the screw draws the insert. */
    public Vector2D drawn() {
        return wallCorner().subtract(hole()).normalize();
    }
}
