package boldwedge.core.mechanics.rigidity;

import boldwedge.core.language.stock.BarMaterial;

/**
 * A length of bar of one round cross-section, perhaps hollow, perhaps cross-drilled along the line of the bending load.
 *
 * @param lengthMm along the bar, mm
 * @param outerMm outside diameter, mm
 * @param boreMm diameter of the hole along its axis, mm; 0 when solid
 * @param crossHoleMm width of a hole right through it along the direction of the load, mm; 0 for none
 * @param material what it is made of
 */
public record BarSection(double lengthMm, double outerMm, double boreMm, double crossHoleMm, BarMaterial material) {
    private static final double POISSON = 0.3;

    /** A plain length, solid or bored. */
    public static BarSection plain(double lengthMm, double outerMm, double boreMm, BarMaterial material) {
        return new BarSection(lengthMm, outerMm, boreMm, 0, material);
    }

    /**
     * Second moment of area about the axis square to the load, mm⁴: π(D⁴ − d⁴)/64, less the strip that a cross-hole takes
     * away (exact for a strip of constant width through a circle).
     */
    public double secondMomentMm4() {
        return Beam.round(outerMm) - Beam.round(boreMm) - strip(outerMm / 2) + strip(boreMm / 2);
    }

    /** Area of the cross-section, mm². */
    public double areaMm2() {
        return Math.PI / 4 * (outerMm * outerMm - boreMm * boreMm) - stripArea(outerMm / 2) + stripArea(boreMm / 2);
    }

    /**
     * Shear coefficient of a round tube, 6(1+ν)(1+m²)² / ((7+6ν)(1+m²)² + (20+12ν)m²) with m the ratio of the radii
     * (Cowper 1966, The shear coefficient in Timoshenko's beam theory).
     */
    public double shearCoefficient() {
        double m2 = boreMm * boreMm / (outerMm * outerMm);
        double q = (1 + m2) * (1 + m2);
        return 6 * (1 + POISSON) * q / ((7 + 6 * POISSON) * q + (20 + 12 * POISSON) * m2);
    }

    /** Bending stiffness EI, N·mm². */
    public double bendingStiffness() {
        return material.modulusMPa() * secondMomentMm4();
    }

    /** Shear stiffness κGA, N. */
    public double shearStiffness() {
        return shearCoefficient() * material.modulusMPa() / (2 * (1 + POISSON)) * areaMm2();
    }

    /** Mass per length in tonnes per mm, so that N, mm and s go together. */
    public double massPerMm() {
        return material.densityGramPerCm3() * 1e-9 * areaMm2();
    }

    /** ∫ y² over the strip |x| ≤ w/2 of a circle of radius r, in closed form. */
    private double strip(double r) {
        double w = Math.min(crossHoleMm, 2 * r);
        if (w <= 0) {
            return 0;
        }
        double y0 = Math.sqrt(Math.max(0, r * r - w * w / 4));
        // Below y0 the strip has its full width; above, the circle bounds it: 4 ∫ y² √(r² − y²) dy.
        double straight = 2 * w * y0 * y0 * y0 / 3;
        double cap = 4 * (capIntegral(r, r) - capIntegral(y0, r));
        return straight + cap;
    }

    /** Antiderivative of y² √(r² − y²). */
    private static double capIntegral(double y, double r) {
        return y / 8 * (2 * y * y - r * r) * Math.sqrt(Math.max(0, r * r - y * y))
                + r * r * r * r / 8 * Math.asin(Math.clamp(y / r, -1, 1));
    }

    private double stripArea(double r) {
        double w = Math.min(crossHoleMm, 2 * r);
        if (w <= 0) {
            return 0;
        }
        double half = w / 2;
        return 2 * (half * Math.sqrt(r * r - half * half) + r * r * Math.asin(half / r));
    }
}
