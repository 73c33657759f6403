package boldwedge.core.mechanics.rigidity;

/**
 * The work as a beam on springs: how much it gives, where. The chuck gives across the axis and by turning; a centre at the far end is
 * one spring more, and how much of a push it takes follows from the springs and the beam together (force method: the beam
 * without the centre, then the centre's force that brings beam and centre to the same place; Gere &amp; Timoshenko,
 * Mechanics of Materials, statically indeterminate beams). So a centre, however soft, never adds give.
 *
 * @param hold how it is held
 * @param freeLengthMm from the chuck's jaws to the free end or the centre, or between centres, mm
 * @param diameterMm diameter that bends, mm
 * @param modulusMPa Young's modulus, MPa
 * @param chuckStiffness spindle and chuck, or the headstock centre, across the axis, N/mm
 * @param chuckTilt spindle and chuck against turning out of the axis, N·mm/rad; a headstock centre holds no moment
 * @param tailstockStiffness tailstock centre, across the axis, N/mm
 * @param postStiffness tool post, slides and tool, across the axis, N/mm; infinite to leave the tool's side out
 */
public record WorkHolding(
        Hold hold,
        double freeLengthMm,
        double diameterMm,
        double modulusMPa,
        double chuckStiffness,
        double chuckTilt,
        double tailstockStiffness,
        double postStiffness) {

    /**
     * Compliance between tool and work, mm/N, with the tool at a distance from the chuck (or the headstock centre). The
     * bending of the work adds to the springs at its ends and at the tool post.
     */
    public double complianceAt(double fromChuckMm) {
        return influence(fromChuckMm, fromChuckMm) + 1 / postStiffness;
    }

    /** How far the work goes at one place under a newton at another, mm/N, chuck and centre with it, the tool's side left out. */
    public double influence(double oneMm, double otherMm) {
        double x = within(Math.min(oneMm, otherMm));
        double a = within(Math.max(oneMm, otherMm));
        return switch (hold) {
            case CHUCK -> unpropped(x, a);
            case CHUCK_AND_CENTRE -> unpropped(x, a) - centreShare(a) * unpropped(x, freeLengthMm);
            case BETWEEN_CENTRES -> {
                if (freeLengthMm <= 0) {
                    yield 1 / chuckStiffness;
                }
                double l = freeLengthMm;
                double b = l - a;
                double near = (1 - x / l) * (1 - a / l) / chuckStiffness;
                double far = x / l * (a / l) / tailstockStiffness;
                yield b * x * (l * l - b * b - x * x) / (6 * ei() * l) + near + far;
            }
        };
    }

    /**
     * How far the chucked work without a centre goes at one place under a newton at another, mm/N: chuck, its turning, the beam.
     * By reciprocity the two places may be exchanged.
     */
    public double unpropped(double oneMm, double otherMm) {
        double near = Math.min(oneMm, otherMm);
        double far = Math.max(oneMm, otherMm);
        return 1 / chuckStiffness + near * far / chuckTilt + near * near * (3 * far - near) / (6 * ei());
    }

    /** What a centre takes of a push at a place, 0 to about 1; with none, nothing. */
    public double centreShare(double fromChuckMm) {
        double a = within(fromChuckMm);
        return switch (hold) {
            case CHUCK -> 0;
            case CHUCK_AND_CENTRE ->
                unpropped(a, freeLengthMm) / (unpropped(freeLengthMm, freeLengthMm) + 1 / tailstockStiffness);
            case BETWEEN_CENTRES -> freeLengthMm > 0 ? a / freeLengthMm : 0;
        };
    }

    /** The same in a chuck of another stiffness against turning, N·mm/rad. */
    public WorkHolding turning(double tilt) {
        return new WorkHolding(
                hold, freeLengthMm, diameterMm, modulusMPa, chuckStiffness, tilt, tailstockStiffness, postStiffness);
    }

    /** The same with another length standing out, mm. */
    public WorkHolding standingOut(double lengthMm) {
        return new WorkHolding(
                hold, lengthMm, diameterMm, modulusMPa, chuckStiffness, chuckTilt, tailstockStiffness, postStiffness);
    }

    /** The same held another way. */
    public WorkHolding held(Hold other) {
        return new WorkHolding(
                other,
                freeLengthMm,
                diameterMm,
                modulusMPa,
                chuckStiffness,
                chuckTilt,
                tailstockStiffness,
                postStiffness);
    }

    private double ei() {
        return modulusMPa * Beam.round(diameterMm);
    }

    private double within(double fromChuckMm) {
        return Math.clamp(fromChuckMm, 0, freeLengthMm);
    }
}
