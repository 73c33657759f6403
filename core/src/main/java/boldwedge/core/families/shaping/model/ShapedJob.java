package boldwedge.core.families.shaping.model;

import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a shaper is to plane, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param shaper the machine
 * @param form what is planed
 * @param key the standard's key of this shaft; empty where it has none, or another width was typed
 * @param shaftMm the shaft; 0 for a face
 * @param widthMm width of the keyway, the flat, or the face
 * @param depthMm from the shaft's crown to the floor; of a face, what is taken off it
 * @param width tolerance of a keyway's width
 * @param withinMm by which the depth may be off
 * @param end how a keyway ends
 * @param raMm finish of a flat or a face
 * @param gooseneck whether the point hangs behind its shank, where that was picked
 * @param outMm from clamp to point
 * @param downMm taken by a stroke (keyway) or by a pass (flat, face)
 * @param feedMm across by a stroke
 * @param viseMm how far the jaw leads off the stroke over the length, where it was read
 */
@RecordBuilder
public record ShapedJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe shaper,
        Form form,
        Optional<KeySize> key,
        double shaftMm,
        double widthMm,
        double depthMm,
        Tolerance width,
        double withinMm,
        double lengthMm,
        End end,
        double raMm,
        Blank bit,
        ToolMaterial tool,
        double toothMm,
        double noseMm,
        OptionalDouble rakeRad,
        double frontRad,
        double sideRad,
        Optional<Boolean> gooseneck,
        OptionalDouble outMm,
        OptionalDouble downMm,
        OptionalDouble feedMm,
        int springStrokes,
        OptionalDouble viseMm) {

    /** What is planed. */
    public enum Form {
        KEYWAY,
        FLAT,
        FACE
    }

    /** How a keyway ends. */
    public enum End implements Worded {
        /** In a hole, and out at the shaft's end. */
        ONE_HOLE,
        /** Between two holes. */
        TWO_HOLES,
        /** Out at both ends. */
        THROUGH;

        /** Holes to be drilled first. */
        public int holes() {
            return switch (this) {
                case ONE_HOLE -> 1;
                case TWO_HOLES -> 2;
                case THROUGH -> 0;
            };
        }
    }

    /** Whether it is a keyway. */
    public boolean isKeyway() {
        return form == Form.KEYWAY;
    }
}
