package boldwedge.core.mechanics.rigidity;

/** How the work is held, and so how it bends. */
public enum Hold {
    CHUCK("in the chuck", 1.0),
    CHUCK_AND_CENTRE("in the chuck, with the centre up", 0.31),
    BETWEEN_CENTRES("between centres", 0.4);

    /** Thinner work than this takes no centre, mm: the hole would be most of it. */
    public static final double LEAST_CENTRED_MM = 4;

    private final String words;
    private final double freeShare;

    Hold(String words, double freeShare) {
        this.words = words;
        this.freeShare = freeShare;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }

    /**
     * Length over diameter, scaled by how the ends are held, so that one figure ranks a chucked and a centred bar: the
     * share is the cube root of the ratio of their largest deflections to a cantilever's.
     */
    public double slenderness(double freeLengthMm, double diameterMm) {
        return freeShare * freeLengthMm / diameterMm;
    }
}
