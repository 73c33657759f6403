package boldwedge.core.families.turning.model;

import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A turning or facing job as read from its fields; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param finishedMm finished diameter; for facing the diameter at which the feed stops (0 is the centre)
 * @param lengthMm length of cut along the axis; for facing what comes off the face
 * @param raMm finish wanted, Ra in mm
 * @param freeLengthMm work standing out of the chuck, or to the centre
 * @param depthMm depth of cut of the pass
 * @param insertPrice what an insert costs, in whatever money
 * @param units what the shop measures in: sizes are chosen from its own
 * @param taught what trials on this lathe have taught of how its chuck turns out of the axis
 * @param lessons all that trials on it have taught
 * @param wheelRadiusMm radius of the wheel's periphery, or infinite when ground on a flat cup side
 */
@RecordBuilder
public record TurningJob(
        Operation operation,
        WorkMaterial work,
        double diameterMm,
        double finishedMm,
        double lengthMm,
        Tolerance tolerance,
        double raMm,
        Hold hold,
        double freeLengthMm,
        Lathe lathe,
        Blank blank,
        ToolMaterial tool,
        double depthMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        double heightMm,
        double swivelRad,
        double overhangMm,
        double wheelRadiusMm,
        GroundBit.Order order,
        double damageMm,
        OptionalDouble insertPrice,
        UnitSystem units,
        Calibration taught,
        Calibrations lessons)
        implements TurningJobBuilder.With {

    /** Stock to take off in all, square to the surface, mm. */
    public double stockMm() {
        return operation == Operation.FACE ? lengthMm : (diameterMm - finishedMm) / 2;
    }

    /** Diameter before the pass that is looked at, where the cut is fastest, mm. */
    public double passDiameterMm() {
        return operation == Operation.FACE ? diameterMm : finishedMm + 2 * depthMm;
    }

    /** Largest diameter error that the tolerance allows when its middle is aimed at, mm. */
    public double allowedErrorMm() {
        return tolerance.widthMm() / 2;
    }
}
