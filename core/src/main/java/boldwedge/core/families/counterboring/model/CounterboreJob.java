package boldwedge.core.families.counterboring.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Head;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A seat to be counterbored, and the tool for it, as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param units the system that sizes of the shop's choosing are rounded in
 * @param head what is to sit there; empty where its sizes are typed
 * @param headMm its diameter
 * @param headHeightMm its height
 * @param holeMm the hole as made
 * @param depthMm depth of the seat, where it was typed
 * @param seats how many
 * @param kind how the tool is made
 * @param steel what it is made of; empty for high-speed steel
 * @param stoneRpm speed that the stone is rated for
 * @param grinderRpm speed of the grinder's spindle without load
 * @param stoneMm diameter of the stone
 * @param outsideMm outside of the tool, where it was typed
 * @param loosePilot whether the pilot is a piece of its own, of tools that are made from tool steel
 * @param pilotMm pilot, where it was typed
 * @param pilotLengthMm its length, where it was typed
 * @param lips its teeth, where they were typed
 * @param reliefRad relief behind each lip
 * @param rakeRad rake of each lip
 * @param cornerMm radius, or break, at the outer corner of the lips
 * @param workRpm speed at which the tool turns while its pilot is ground
 * @param handleMm feed of one turn of the handle
 */
@RecordBuilder
public record CounterboreJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        Optional<Head> head,
        double headMm,
        double headHeightMm,
        double holeMm,
        OptionalDouble depthMm,
        int seats,
        Kind kind,
        Optional<ToolSteel> steel,
        double stoneRpm,
        double grinderRpm,
        double stoneMm,
        OptionalDouble outsideMm,
        boolean loosePilot,
        OptionalDouble pilotMm,
        OptionalDouble pilotLengthMm,
        OptionalDouble lips,
        double reliefRad,
        double rakeRad,
        double cornerMm,
        double workRpm,
        double handleMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm)
        implements CounterboreJobBuilder.With {
    /** How a counterbore is made. */
    public enum Kind implements Worded {
        DRILL,
        STEEL,
        END_MILL;

        /** Whether its pilot is ground. */
        public boolean ground() {
            return this != END_MILL;
        }
    }

    /** Whether a washer sits there. */
    public boolean washer() {
        return head.map(found -> found.kind() == Head.Kind.WASHER).orElse(false);
    }
}
