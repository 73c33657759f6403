package boldwedge.core.mechanics.holder;

/**
 * A ring pressed into another: thick cylinders, both elastic, contact over the whole length (Lamé; Shigley, Mechanical Engineering
 * Design, press and shrink fits).
 *
 * @param boreMm diameter at which they meet, D
 * @param outsideMm outside of the outer one, Do
 * @param insideMm inside of the inner one, di; 0 where it is solid
 * @param overMm interference on the diameter, δ
 * @param outer what the outer one is made of
 * @param inner what the inner one is made of
 */
public record PressFit(double boreMm, double outsideMm, double insideMm, double overMm, Elastic outer, Elastic inner) {
    /**
     * How a material gives.
     *
     * @param modulusMPa Young's modulus
     * @param poisson Poisson's ratio
     */
    public record Elastic(double modulusMPa, double poisson) {}

    /** What the outer one gives for a pressure, over the bore, 1/MPa: ((Do² + D²)/(Do² − D²) + νo)/Eo. */
    public double outerGive() {
        double o = outsideMm * outsideMm;
        double d = boreMm * boreMm;
        return ((o + d) / (o - d) + outer.poisson()) / outer.modulusMPa();
    }

    /** What the inner one gives, 1/MPa: ((D² + di²)/(D² − di²) − νi)/Ei. */
    public double innerGive() {
        double d = boreMm * boreMm;
        double i = insideMm * insideMm;
        return ((d + i) / (d - i) - inner.poisson()) / inner.modulusMPa();
    }

    /** Pressure between them, MPa: δ / D (outer + inner). */
    public double pressureMPa() {
        return overMm / (boreMm * (outerGive() + innerGive()));
    }

    /** By how much the inner one's bore closes, mm: 2 p D² di / (Ei (D² − di²)). */
    public double closesMm() {
        double d = boreMm * boreMm;
        return 2 * pressureMPa() * d * insideMm / (inner.modulusMPa() * (d - insideMm * insideMm));
    }

    /** Force that presses it home over a length, N: μ p π D L. */
    public double forceN(double lengthMm, double friction) {
        return friction * pressureMPa() * Math.PI * boreMm * lengthMm;
    }

    /** Hoop tension at the outer one's bore, MPa: p (Do² + D²)/(Do² − D²). */
    public double hoopMPa() {
        double o = outsideMm * outsideMm;
        double d = boreMm * boreMm;
        return pressureMPa() * (o + d) / (o - d);
    }

    /** Compression around the inner one's bore, MPa: 2 p D²/(D² − di²). */
    public double innerHoopMPa() {
        double d = boreMm * boreMm;
        return 2 * pressureMPa() * d / (d - insideMm * insideMm);
    }

    /** How much warmer the outer one must be for the inner to slide in with so much play, K. */
    public double warmerK(double expansionPerK, double playMm) {
        return (overMm + playMm) / (expansionPerK * boreMm);
    }
}
