package boldwedge.core.families.truing.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Work to be set up, as asked; mm, N, kg, turns a minute.
 *
 * @param units in which it is told
 * @param what what is done
 * @param work what it is made of
 * @param swingMm the indicator's whole swing near the jaws, T
 * @param otherPairMm of a rectangle: by how much the faces of the other pair of jaws differ at their nearest; 0 for round work
 * @param farMm its whole swing at the far end
 * @param offsetMm offset that is wanted; 0: running true
 * @param withinMm how true it is to run, whole swing
 * @param pitchMm pitch of a jaw's screw
 * @param massKg mass of what turns out of balance
 * @param asideMm how far its middle lies from the axis
 * @param rpm speed
 * @param gripN what the jaws hold with
 * @param wideMm width of the block
 * @param highMm its height
 * @param longMm its length
 * @param byLathe whether it is squared in the lathe alone
 * @param overMm what the indicator reads over the block's height when it is turned over
 * @param hollow how the slide faces
 * @param shankMm measured shank of the bar that the block is for, or a side of it
 * @param seatMm what the indicator reads along the block's face
 * @param seatOverMm over this length
 * @param reachMm how far the bar reaches from the block
 * @param asideAllowedMm how far aside its point may come
 * @param clampN pull of the block's clamp screws
 * @param friction between block and bar
 * @param pushN force along the bar
 * @param turnN force that turns it
 * @param leverMm at this lever
 */
@RecordBuilder
public record TrueJob(
        UnitSystem units,
        What what,
        WorkMaterial work,
        double swingMm,
        double otherPairMm,
        double farMm,
        double offsetMm,
        double withinMm,
        double pitchMm,
        double massKg,
        double asideMm,
        double rpm,
        double gripN,
        double wideMm,
        double highMm,
        double longMm,
        boolean byLathe,
        double overMm,
        Facing hollow,
        double shankMm,
        double seatMm,
        double seatOverMm,
        double reachMm,
        double asideAllowedMm,
        double clampN,
        double friction,
        double pushN,
        double turnN,
        double leverMm) {
    /** What is done. */
    public enum What {
        TRUE_UP,
        SQUARE_BLOCK,
        BORE_BLOCK
    }

    /** How a slide faces. */
    public enum Facing implements Worded {
        /** A little hollow: two faced ends still stand on their rims. */
        HOLLOW,
        FLAT,
        /** High in the middle: nothing stands on it. */
        HIGH
    }
}
