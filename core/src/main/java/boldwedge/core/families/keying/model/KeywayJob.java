package boldwedge.core.families.keying.model;

import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.stroke.Slot;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A keyway to be planed and the bar for it, as read; millimetres, radians. Empty optionals are left to the program.
 *
 * @param key the standard's key of this bore; empty where it has none, or another width was typed
 * @param slot the keyway
 * @param width its tolerance
 * @param deeperMm by which it may be deeper
 * @param lengthMm along the bore
 * @param through whether it leaves at the far end
 * @param recessMm width of the recess in which a blind one ends; 0 for none
 * @param outsideMm outside of the hub, where it was typed
 * @param slots how many, evenly spaced
 * @param teeth of the wheel that the spindle is indexed by, where it was typed
 * @param drive what moves the bar
 * @param turnMm travel of the carriage for a turn of its handwheel
 * @param wheelMm radius of the handwheel
 * @param bit what the tooth is ground from
 * @param toothMm width of the tooth
 * @param headMm length of a head that is screwed on, where the bar has one
 * @param pushed whether the bar is pushed through, where that was picked
 * @param strokeMm taken by a stroke, where it was typed
 * @param springStrokes strokes without infeed at the end
 * @param heightMm the bar's axis over that of the bore
 * @param rollRad the bar rolled about its own axis
 */
@RecordBuilder
public record KeywayJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        Optional<KeySize> key,
        Slot slot,
        Tolerance width,
        double deeperMm,
        double lengthMm,
        boolean through,
        double recessMm,
        OptionalDouble outsideMm,
        int slots,
        OptionalInt teeth,
        Drive drive,
        double turnMm,
        double wheelMm,
        Blank bit,
        double toothMm,
        OptionalDouble rakeRad,
        double frontRad,
        double sideRad,
        BarMaterial barMaterial,
        OptionalDouble barMm,
        OptionalDouble reachMm,
        OptionalDouble toothOutMm,
        OptionalDouble headMm,
        Optional<Boolean> pushed,
        OptionalDouble strokeMm,
        int springStrokes,
        double heightMm,
        double rollRad)
        implements KeywayJobBuilder.With {
    /** What moves the bar. */
    public enum Drive implements Worded {
        CARRIAGE,
        SLIDE,
        SHAPER;

        /** Whether a hand feels every stroke. */
        public boolean byHand() {
            return this != SHAPER;
        }
    }
}
