package boldwedge.core.mechanics.thread;

/**
 * A thread measured over wires laid into its grooves.
 *
 * @param size the thread
 * @param wireMm diameter of the wires, mm
 */
public record Wires(ThreadSize size, double wireMm) {
    /** Of the pitch a rounded crest takes from the flanks, about (BS 84). */
    private static final double ROUNDED_CREST = 0.25;

    /** The wire that touches at the pitch diameter, mm: P / (2 · cos(ε/2)). */
    public static double best(ThreadSize size) {
        return size.pitchMm() / (2 * Math.cos(size.form().halfRad()));
    }

    /** The thinnest that still stands over the crests, mm: its measure is the largest major diameter. */
    public static double thinnest(ThreadSize size) {
        double half = size.form().halfRad();
        double over = size.majorMm() - size.pitchDiameterMm() + size.pitchMm() / 2 / Math.tan(half);
        return over / (1 + 1 / Math.sin(half));
    }

    /** The thickest that still rests on straight flanks and not on the crests' edges, mm. */
    public static double thickest(ThreadSize size) {
        double half = size.form().halfRad();
        double crest = size.form().crestShare() > 0 ? size.form().crestShare() : ROUNDED_CREST;
        // Groove's width at the crest over the cosine of the flank: where the wire touches the last of the flank.
        return size.pitchMm() * (1 - crest) / Math.cos(half);
    }

    /** What is added to the pitch diameter for the measure over three wires (or two, squared by the anvil), mm, without helix: W · (1 + 1/sin(ε/2)) − (P/2) · cot(ε/2). */
    public double constantMm() {
        double half = size.form().halfRad();
        return wireMm * (1 + 1 / Math.sin(half)) - size.pitchMm() / 2 / Math.tan(half);
    }

    /** The helix lifts the wires a little, mm: (W/2) · tan²φ · cos(ε/2) · cot(ε/2) (National Physical Laboratory, Notes on screw gauges). */
    public double helixMm() {
        double half = size.form().halfRad();
        double tan = size.leadMm() / (Math.PI * size.pitchDiameterMm());
        return wireMm / 2 * tan * tan * Math.cos(half) / Math.tan(half);
    }

    /** Measure over three wires for a pitch diameter, mm. */
    public double overMm(double pitchDiameterMm) {
        return pitchDiameterMm + constantMm() + helixMm();
    }

    /** Pitch diameter from a measure over three wires, mm. */
    public double pitchDiameterMm(double overMm) {
        return overMm - constantMm() - helixMm();
    }

    /** Measure over one wire and the crest opposite, mm: half of that over three, and half of the major diameter. */
    public double overOneMm(double pitchDiameterMm, double majorMm) {
        return (overMm(pitchDiameterMm) + majorMm) / 2;
    }
}
