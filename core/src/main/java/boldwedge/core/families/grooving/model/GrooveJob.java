package boldwedge.core.families.grooving.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A groove to be cut and the bit for it, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param besideMm from the groove to the work's end or edge
 * @param atMm from the jaws to the groove
 * @param freeMm free length of the work
 * @param tipMm width of the edge as ground
 * @param frontRad front clearance
 * @param sideRad clearance of each side
 * @param outerRad what the outer side leans back under the edge, in a face's groove
 * @param cornerMm radius of the corners
 * @param barMm diameter of the bar that carries the bit inside
 * @param barReachMm from its clamp to the bit
 * @param dwell turns at the bottom without feed
 */
@RecordBuilder
public record GrooveJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        Groove groove,
        OptionalDouble besideMm,
        double atMm,
        Hold hold,
        double freeMm,
        Blank bit,
        ToolMaterial tool,
        OptionalDouble tipMm,
        OptionalDouble rakeRad,
        double frontRad,
        OptionalDouble sideRad,
        OptionalDouble outerRad,
        OptionalDouble cornerMm,
        OptionalDouble outMm,
        OptionalDouble barMm,
        OptionalDouble barReachMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        int dwell)
        implements GrooveJobBuilder.With {}
