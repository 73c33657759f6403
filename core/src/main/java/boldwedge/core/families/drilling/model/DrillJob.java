package boldwedge.core.families.drilling.model;

import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.hole.DrillSet;
import boldwedge.core.trial.Calibration;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A hole to be drilled, as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param purpose what the hole is for
 * @param sizeMm the size that is asked for; of a hole to be reamed or bored the size that it is finished to
 * @param screw the screw that it is tapped for or that passes it
 * @param engagement depth of thread wanted, as a share of the whole; of a hole to be tapped
 * @param depthMm to the end of the full diameter
 * @param through whether it goes through
 * @param wallMm metal along the hole, from its mouth to the next surface
 * @param set the drills of the shop
 * @param drillMm the drill, where it was typed
 * @param pointRad whole angle of its point
 * @param flutesMm length of its flutes, where it was typed
 * @param ground how it was ground
 * @param start how the hole is started
 * @param pilotMm hole that is there already; 0 for none
 * @param stickOutMm work out of the chuck, where it was typed
 * @param handleMm feed of one turn of the handle
 * @param taught what trials have taught of these drills in this material
 */
@RecordBuilder
public record DrillJob(
        Purpose purpose,
        double sizeMm,
        Optional<ScrewSize> screw,
        OptionalDouble engagement,
        double depthMm,
        boolean through,
        OptionalDouble wallMm,
        WorkMaterial work,
        Lathe lathe,
        DrillSet set,
        OptionalDouble drillMm,
        double pointRad,
        OptionalDouble flutesMm,
        Ground ground,
        Start start,
        double pilotMm,
        OptionalDouble stickOutMm,
        double handleMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        Calibration taught)
        implements DrillJobBuilder.With {
    /** What a drilled hole is for. */
    public enum Purpose implements Worded {
        HOLE,
        TAP,
        CLEAR,
        REAM,
        BORE,
        ROD;

        /** Whether its size comes from a screw. */
        public boolean screwed() {
            return this == TAP || this == CLEAR;
        }
    }

    /** How a drill was ground. */
    public enum Ground implements Worded {
        MACHINE,
        HAND,
        WORN
    }

    /** How a hole is started. */
    public enum Start implements Worded {
        CENTRED,
        PILOTED,
        BARE
    }
}
