package boldwedge.core.families.reaming.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.hole.DrillSet;
import boldwedge.core.trial.Calibration;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A hole to be reamed, and its reamer, as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param units the system that sizes of the shop's choosing are rounded in
 * @param sizeMm nominal size of the hole
 * @param leastMm its lower limit
 * @param mostMm its upper limit
 * @param depthMm depth
 * @param through whether it goes through
 * @param holes how many are to be reamed
 * @param before how the hole before it was made
 * @param set the drills of the shop
 * @param beforeMm size of the drill, or of the bored hole, before it, where it was typed
 * @param kind what kind of reamer
 * @param steel what it is made of; empty for high-speed steel that is bought hard and ground
 * @param helix how its flutes wind
 * @param helixRad by how much, radians, from the axis
 * @param teeth its teeth, where they were typed
 * @param unevenDegrees how much one pitch of its teeth differs from the next
 * @param rakeRad radial rake
 * @param landMm width of the cylindrical land
 * @param clearanceRad clearance behind it
 * @param chamferRad entering chamfer, from the axis
 * @param backTaper loss of diameter over length, as a share
 * @param fluteMm depth of its flutes, where it was typed
 * @param headMm length of its head, where it was typed
 * @param shankMm diameter of its shank, where it was typed
 * @param lengthMm whole length, where it was typed
 * @param slantRad angle of a slant-cut rod to its axis
 * @param madeMm diameter as made, where it was measured
 * @param offsetMm tailstock off the axis
 * @param floating whether a floating holder takes that up
 * @param wheelMm grinding wheel; for the chamfer's relief
 * @param cup whether it is a cup wheel
 * @param stickOutMm work out of the chuck, where it was typed
 * @param handleMm feed of one turn of the handle
 * @param taught what reamed holes have taught
 * @param taughtDrills what drilled holes have taught
 * @param taughtWear what counted holes have taught of its wear
 */
@RecordBuilder
public record ReamJob(
        UnitSystem units,
        WorkMaterial work,
        Lathe lathe,
        double sizeMm,
        double leastMm,
        double mostMm,
        double depthMm,
        boolean through,
        int holes,
        Before before,
        DrillSet set,
        OptionalDouble beforeMm,
        Kind kind,
        Optional<ToolSteel> steel,
        Helix helix,
        double helixRad,
        OptionalDouble teeth,
        double unevenDegrees,
        double rakeRad,
        double landMm,
        double clearanceRad,
        double chamferRad,
        double backTaper,
        OptionalDouble fluteMm,
        OptionalDouble headMm,
        OptionalDouble shankMm,
        OptionalDouble lengthMm,
        double slantRad,
        OptionalDouble madeMm,
        double offsetMm,
        boolean floating,
        double wheelMm,
        boolean cup,
        OptionalDouble stickOutMm,
        double handleMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        Calibration taught,
        Calibration taughtDrills,
        Calibration taughtWear)
        implements ReamJobBuilder.With {
    /** How the hole before the reamer is made. */
    public enum Before implements Worded {
        DRILLED,
        BORED
    }

    /** Kinds of reamer. */
    public enum Kind implements Worded {
        FLUTED,
        D_BIT,
        SLANT
    }

    /** How flutes wind. */
    public enum Helix implements Worded {
        STRAIGHT,
        LEFT,
        RIGHT
    }

    /** Width of the hole's tolerance, mm. */
    public double toleranceMm() {
        return mostMm - leastMm;
    }
}
