package boldwedge.core.rigidity;

/**
 * The work as a beam on its supports: how much it gives, where.
 *
 * @param hold how it is held
 * @param freeLengthMm from the chuck's jaws to the free end or the centre, or between centres, mm
 * @param diameterMm diameter that bends, mm
 * @param modulusMPa Young's modulus, MPa
 * @param chuckStiffness spindle and chuck, or the headstock centre, across the axis, N/mm
 * @param tailstockStiffness tailstock centre, across the axis, N/mm
 * @param postStiffness tool post, slides and tool, across the axis, N/mm
 */
public record WorkHolding(
        Hold hold,
        double freeLengthMm,
        double diameterMm,
        double modulusMPa,
        double chuckStiffness,
        double tailstockStiffness,
        double postStiffness) {

    /**
     * Compliance between tool and work, mm/N, with the tool at a distance from the chuck (or the headstock centre). The
     * bending of the work adds to the springs at its ends and at the tool post.
     */
    public double complianceAt(double fromChuckMm) {
        double a = Math.clamp(fromChuckMm, 0, freeLengthMm);
        double ei = modulusMPa * Beam.round(diameterMm);
        double share = freeLengthMm > 0 ? a / freeLengthMm : 0;
        double work = switch (hold) {
            case CHUCK -> Beam.cantilever(a, ei) + 1 / chuckStiffness;
            case CHUCK_AND_CENTRE -> {
                double pin = Beam.pinReaction(a, freeLengthMm);
                yield Beam.fixedPinned(a, freeLengthMm, ei)
                        + square(1 - pin) / chuckStiffness
                        + square(pin) / tailstockStiffness;
            }
            case BETWEEN_CENTRES ->
                Beam.pinnedPinned(a, freeLengthMm, ei)
                        + square(1 - share) / chuckStiffness
                        + square(share) / tailstockStiffness;
        };
        return work + 1 / postStiffness;
    }

    /** Compliance of the work's bending alone, mm/N. */
    public double bendingAt(double fromChuckMm) {
        double a = Math.clamp(fromChuckMm, 0, freeLengthMm);
        double ei = modulusMPa * Beam.round(diameterMm);
        return switch (hold) {
            case CHUCK -> Beam.cantilever(a, ei);
            case CHUCK_AND_CENTRE -> Beam.fixedPinned(a, freeLengthMm, ei);
            case BETWEEN_CENTRES -> Beam.pinnedPinned(a, freeLengthMm, ei);
        };
    }

    private static double square(double x) {
        return x * x;
    }
}
