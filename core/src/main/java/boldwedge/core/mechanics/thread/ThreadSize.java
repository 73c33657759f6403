package boldwedge.core.mechanics.thread;

/**
 * A thread by its form, diameter and pitch; basic sizes, without tolerance.
 *
 * @param form shape of the groove
 * @param majorMm major diameter, mm
 * @param pitchMm distance from one turn to the next, mm
 * @param starts how many grooves run side by side
 */
public record ThreadSize(ThreadForm form, double majorMm, double pitchMm, int starts) {
    /** What one turn advances, mm. */
    public double leadMm() {
        return pitchMm * starts;
    }

    /** d2 = D2, mm. */
    public double pitchDiameterMm() {
        return majorMm - form.pitchBelowMm(pitchMm);
    }

    /** D1, the minor diameter of the inside thread, mm. */
    public double minorMm() {
        return majorMm - form.minorBelowMm(pitchMm);
    }

    /** d3, the root of the outside thread, mm. */
    public double rootMm() {
        return majorMm - form.rootBelowMm(pitchMm);
    }

    /** The root of the inside thread, mm. */
    public double insideRootMm() {
        return majorMm + form.rootAboveMm(pitchMm);
    }

    /** Helix angle at a diameter, radians: tan φ = L / (π · d). */
    public double helixRad(double diameterMm) {
        return Math.atan(leadMm() / (Math.PI * diameterMm));
    }

    /** Depth that the tool goes in, mm on the radius, from the crest to the root as the standard draws it. */
    public double depthMm(boolean inside) {
        return inside ? (insideRootMm() - minorMm()) / 2 : (majorMm - rootMm()) / 2;
    }
}
