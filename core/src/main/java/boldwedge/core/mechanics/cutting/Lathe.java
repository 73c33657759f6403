package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.Span;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a machine can do: a lathe, a mill that bores, a shaper.
 *
 * @param name what the shop calls it
 * @param kind what kind of machine it is
 * @param swingMm largest diameter over the bed, mm; width of the table of a mill or a shaper
 * @param centreHeightMm height of the spindle axis above the surface the tool sits on, mm
 * @param speeds the spindle speeds it has; not to be asked of a shaper
 * @param feedsMm its feeds per revolution, mm, ascending; empty when fed by hand only
 * @param motorWatt motor power, W
 * @param efficiency share of the motor's power that reaches the spindle, 0 to 1
 * @param largestShankMm largest tool shank it takes, mm
 * @param postStiffness stiffness at the tool post across the axis, N/mm, if measured
 * @param chuckStiffness stiffness of spindle and chuck across the axis, N/mm, if measured
 * @param chuckTilt stiffness of spindle and chuck against turning out of the axis, N·mm/rad, if measured
 * @param tailstockStiffness stiffness at the tailstock centre, N/mm, if measured
 * @param shimsMm the shims that lie beside it, mm
 * @param slide the slide under the tool post
 * @param tailHandleMm feed of one turn of the tailstock's handle, or of the quill's, mm, if it is on the card
 * @param screw what it has to cut threads with
 * @param bed what lies along its bed
 * @param strokes what it has to cut by strokes with
 */
@RecordBuilder
public record Lathe(
        String name,
        MachineKind kind,
        double swingMm,
        double centreHeightMm,
        SpindleSpeeds speeds,
        List<Double> feedsMm,
        double motorWatt,
        double efficiency,
        double largestShankMm,
        OptionalDouble postStiffness,
        OptionalDouble chuckStiffness,
        OptionalDouble chuckTilt,
        OptionalDouble tailstockStiffness,
        List<Double> shimsMm,
        Slide slide,
        OptionalDouble tailHandleMm,
        ScrewCutting screw,
        Bed bed,
        Strokes strokes) {

    private static final double ASSUMED_PER_SWING = 60;
    /** Chosen speeds take no more of the power than this share. */
    private static final double POWER_TAKEN = 0.85;

    private static final double USUAL_TAIL_HANDLE_MM = 4;
    /** Of the chuck of a lathe of 300 mm swing, N·mm/rad: ours, from what short stout test pieces taper in practice. */
    private static final double ASSUMED_TILT = 1e8;

    private static final double ASSUMED_TILT_SWING = 300;

    /** How far the true stiffness against turning may lie from the assumed one, as a factor: wide, until a trial teaches it. */
    public static final Span TILT_SPREAD = new Span(0.3, 1, 5);

    public Lathe {
        feedsMm = feedsMm.stream().sorted().toList();
    }

    /** Whether it is a mill: the tool turns, and only a boring head is held. */
    public boolean mill() {
        return kind == MachineKind.MILL;
    }

    /** Whether it is a shaper: nothing turns. */
    public boolean shaper() {
        return kind == MachineKind.SHAPER;
    }

    /** What of the motor's power reaches the spindle, W. */
    public double spindleWatt() {
        return motorWatt * efficiency;
    }

    /**
     * The speed that is chosen where this torque is to be turned: none at which the motor would have to give all that it has.
     *
     * @param rpm what else would be chosen
     * @param torqueNm at the spindle, N·m
     * @return the same, or the fastest slower step that takes no more than 85 % of the power, or the slowest; rpm
     */
    public double turning(double rpm, double torqueNm) {
        double most = POWER_TAKEN * spindleWatt() * 60 / (2 * Math.PI * torqueNm);
        return rpm <= most ? rpm : speeds.atOrBelow(most).orElse(speeds.slowest());
    }

    /** Feed of one turn of the tailstock's handle, mm: from the card, or the usual pitch of such a screw, 4 mm. */
    public double tailHandleOrUsual() {
        return tailHandleMm.orElse(USUAL_TAIL_HANDLE_MM);
    }

    /** Height of the axis above the slide, mm. */
    public double axisAboveSlideMm() {
        return slide.axisAbove(swingMm);
    }

    /** Stiffness at the post, N/mm: measured, or assumed from the size, 60 N/mm per mm of swing (ours; see docs/formulas.md). */
    public double postOrAssumed() {
        return postStiffness.orElse(ASSUMED_PER_SWING * swingMm);
    }

    /** Stiffness at the chuck, N/mm: measured, or one and a half times the post's assumption. */
    public double chuckOrAssumed() {
        return chuckStiffness.orElse(1.5 * ASSUMED_PER_SWING * swingMm);
    }

    /**
     * Stiffness of spindle and chuck against turning out of the axis, N·mm/rad: measured, or assumed from the size. Bearings' stiffness
     * and their distance both go with it, so it goes with the cube of the swing.
     */
    public double chuckTiltOrAssumed() {
        return chuckTilt.orElse(ASSUMED_TILT * Math.pow(swingMm / ASSUMED_TILT_SWING, 3));
    }

    /** Stiffness at the tailstock, N/mm: measured, or seven tenths of the post's assumption. */
    public double tailstockOrAssumed() {
        return tailstockStiffness.orElse(0.7 * ASSUMED_PER_SWING * swingMm);
    }
}
