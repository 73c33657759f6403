package boldwedge.core.families.casting.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.language.words.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A casting to be bored, as asked; mm, N.
 *
 * @param units in which it is told
 * @param work what is cast
 * @param finishedMm finished bore
 * @param lengthMm its length
 * @param across the raw hole along one direction
 * @param up the raw hole square to it
 * @param freeMm by how much the axis may be moved in either direction
 * @param skinMm depth of the hard skin; empty: the material's habit
 * @param cap whether a cap closes the bore
 * @param shimsMm thickness of the shims at each side of the joint
 * @param outMm by how much fewer shims it is closed later
 * @param gapMm the gap at the joint with the cap on the shaft, where it was measured
 * @param playMm running play
 * @param seat what sits in it
 * @param bush what the bush is made of
 * @param insideMm its bore
 * @param overMm by how much it is larger than the bore before it is pressed in
 * @param outsideMm outside of the casting around it
 * @param friction between both
 * @param pressN what the press gives
 * @param feedMm feed of the cut a turn
 * @param giveMmPerN give of bar and casting at the edge
 */
@RecordBuilder
public record CastJob(
        UnitSystem units,
        WorkMaterial work,
        double finishedMm,
        double lengthMm,
        RawHole across,
        RawHole up,
        double freeMm,
        OptionalDouble skinMm,
        boolean cap,
        double shimsMm,
        double outMm,
        OptionalDouble gapMm,
        double playMm,
        Seat seat,
        WorkMaterial bush,
        double insideMm,
        double overMm,
        double outsideMm,
        double friction,
        double pressN,
        double feedMm,
        double giveMmPerN) {
    /** What sits in the bore. */
    public enum Seat implements Worded {
        /** A shaft runs in it, or it is a bore as such. */
        NOTHING,
        /** A bush is pressed in and bored. */
        BUSH
    }
}
