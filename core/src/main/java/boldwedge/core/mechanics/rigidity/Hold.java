package boldwedge.core.mechanics.rigidity;

import boldwedge.core.language.words.Worded;

/** How the work is held, and so how it bends. */
public enum Hold implements Worded {
    CHUCK(1.0),
    CHUCK_AND_CENTRE(0.31),
    BETWEEN_CENTRES(0.4);

    /** Thinner work than this takes no centre, mm: the hole would be most of it. */
    public static final double LEAST_CENTRED_MM = 4;

    private final double freeShare;

    Hold(double freeShare) {
        this.freeShare = freeShare;
    }

    /**
     * Length over diameter, scaled by how the ends are held, so that one figure ranks a chucked and a centred bar: the
     * share is the cube root of the ratio of their largest deflections to a cantilever's.
     */
    public double slenderness(double freeLengthMm, double diameterMm) {
        return freeShare * freeLengthMm / diameterMm;
    }
}
