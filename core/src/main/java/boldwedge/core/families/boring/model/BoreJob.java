package boldwedge.core.families.boring.model;

import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A boring job as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param startMm diameter of the hole to start with
 * @param holeDepthMm how deep it is bored
 * @param outOfRoundMm difference of the largest and smallest diameter of the start hole
 * @param raMm finish wanted, Ra in mm
 * @param outsideMm outside diameter of the work
 * @param stickOutMm work out of the chuck
 * @param bitAngleRad angle of the bit's axis to the bar's: 90° straight across, 45° leaning to the end
 * @param flankMm how far the flank goes down below the point
 * @param barLengthMm whole length of the bar
 * @param overhangMm from the clamp to the point
 * @param neckMm diameter of the nose; the bar's when it is not necked
 * @param neckLengthMm length of the nose, from the point back; 0 when not necked
 * @param rodHoleMm diameter of a hole along the bar's axis; 0 when solid
 * @param heightMm point above the axis of the hole
 * @param aheadMm point above the bar's own axis
 * @param spanMm bar between centres
 * @param cutterAtMm cutter from the headstock centre
 * @param measuredNPerMm stiffness at the point across the axis, if measured
 * @param damping damping ratio, if measured
 * @param ringHz frequency at which it rings, if measured
 * @param depthMm depth of cut of the last pass
 * @param making what is drawn of the bar and what has been made
 * @param insert the insert in the bar's end, in place of a bit
 * @param recess a groove in the wall
 * @param headMm length of a steel head brazed to a bar of another material; 0 for none
 * @param holderSideMm side of the holder's face, square about the bar
 * @param taught what trials have taught of the spring; nothing when they are left out
 * @param units what the shop measures in: sizes are chosen from its own
 * @param lessons all that trials have taught of lathe, material and bar
 * @param heard what was heard of the bar in trials: from which depth it sings over the likely one
 */
@RecordBuilder
public record BoreJob(
        WorkMaterial work,
        double startMm,
        double finishedMm,
        Tolerance tolerance,
        double holeDepthMm,
        Bottom bottom,
        double outOfRoundMm,
        double raMm,
        double outsideMm,
        double stickOutMm,
        BarHeld held,
        Lathe lathe,
        Blank bit,
        ToolMaterial tool,
        double bitAngleRad,
        double flankMm,
        BarMaterial barMaterial,
        double barMm,
        double barLengthMm,
        double overhangMm,
        double neckMm,
        double neckLengthMm,
        double rodHoleMm,
        double heightMm,
        double aheadMm,
        double spanMm,
        double cutterAtMm,
        OptionalDouble measuredNPerMm,
        OptionalDouble damping,
        OptionalDouble ringHz,
        double depthMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        Optional<Insert> insert,
        Optional<Recess> recess,
        double headMm,
        double holderSideMm,
        Calibration taught,
        Calibration heard,
        Calibrations lessons,
        Making making,
        UnitSystem units)
        implements BoreJobBuilder.With {
    /** Diameters of bar that a clamp should hold. */
    public static final double GRIP = 2.5;

    /** The job as drawn, whatever has been made. */
    public BoreJob drawn() {
        return with(job -> job.barMm(making.drawnBarMm())
                .barLengthMm(making.drawnLengthMm())
                .neckMm(making.drawnNeckMm())
                .making(new Making(
                        making.drawnBarMm(),
                        making.drawnNeckMm(),
                        making.drawnLengthMm(),
                        making.blendMm(),
                        making.rodMarginMm(),
                        making.set(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty())));
    }

    /** Width of the hole through the bar for its bit, mm; an insert sits in a pocket and needs none. */
    public double crossHoleMm() {
        return insert.isPresent() ? 0 : bit.widthMm();
    }

    /** Stock to take off, on the radius, mm. */
    public double stockMm() {
        return (finishedMm - startMm) / 2;
    }

    /** Diameter error that the tolerance allows when its middle is aimed at, mm. */
    public double allowedErrorMm() {
        return tolerance.widthMm() / 2;
    }

    /** Whether the bar has a nose thinner than its shank. */
    public boolean necked() {
        return neckLengthMm > 0 && neckMm < barMm - 1e-9;
    }
}
