package boldwedge.core.families.shearing.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.ShearEdge;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Round work to be shaved and the tool for it, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param edge the edge at the finished work
 * @param lengthMm along the work
 * @param freeMm from the jaws to the free end or the centre
 * @param beforeRaMm finish that the pass before leaves, Ra in mm
 * @param raMm finish wanted, Ra in mm
 * @param outOfTrueMm by which the pass before is out of round or tapered over the length
 * @param surface what is shaved
 * @param shoulderMm room before a shoulder
 * @param used stretches of the edge that are dull, the topmost 1
 * @param stretch the one that is to cut
 */
@RecordBuilder
public record ShearJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        Blank bit,
        ToolMaterial tool,
        ShearEdge edge,
        double lengthMm,
        Hold hold,
        double freeMm,
        double beforeRaMm,
        double raMm,
        double outOfTrueMm,
        Surface surface,
        OptionalDouble shoulderMm,
        Set<Integer> used,
        OptionalInt stretch,
        OptionalDouble depthMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm)
        implements ShearJobBuilder.With {
    /** What is shaved. */
    public enum Surface implements Worded {
        SOUND,
        INTERRUPTED,
        SKIN
    }

    /** Diameter wanted, mm. */
    public double finishedMm() {
        return 2 * edge.workRadiusMm();
    }
}
