package boldwedge.core.families.parting.model;

import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;

/**
 * Heights and blocks that follow from a job: where the blade's slot lies so that its edge is on the axis. In front the edge
 * is the blade's top; behind the blade hangs upside down and its edge is at the bottom.
 *
 * @param axisMm axis above what the holder stands on
 * @param drawnFloorMm slot's floor above that, as drawn
 * @param drawnSlotMm slot's height, as drawn
 * @param floorMm as made, or as drawn
 * @param slotMm as made, or as drawn
 * @param split the block that its own bolt closes
 * @param side the block over the post's side
 */
public record HolderGeometry(
        double axisMm,
        double drawnFloorMm,
        double drawnSlotMm,
        double floorMm,
        double slotMm,
        SplitBlock split,
        SideBlock side) {
    private static final double LEAST_HANG_MM = 2;
    /** Metal left under the slot behind the foot. */
    private static final double UNDER_FLOOR_MM = 8;

    public static HolderGeometry of(PartJob job) {
        HolderDesign design = job.design();
        double axis = job.holder().built()
                ? job.lathe().axisAboveSlideMm()
                : job.lathe().centreHeightMm();
        double blade = job.blade().heightMm();
        // The blade lies on the floor in front; behind, gripped upward, it is drawn against the slot's floor all the
        // same.
        double drawnFloor = job.behind() ? axis : axis - blade;
        double drawnSlot = blade + design.roomMm();
        boolean over = job.holder() == HolderKind.SIDE_BLOCK;
        double floor = (over ? design.tabFloorMm() : design.floorMm()).orElse(drawnFloor);
        double slot = design.slotMm().orElse(drawnSlot);
        Bolt bolt = Bolt.atMost(job.boltMm(), job.screws());
        double held = job.blade().heldMm();
        return new HolderGeometry(
                axis,
                drawnFloor,
                drawnSlot,
                floor,
                slot,
                new SplitBlock(
                        design.widthMm(),
                        design.lengthMm(),
                        floor,
                        slot,
                        blade,
                        held,
                        design.jawMm(),
                        Math.max(0.01, design.hinge()),
                        design.sawMm(),
                        bolt),
                new SideBlock(
                        design.widthMm() - held,
                        design.lengthMm(),
                        floor,
                        blade,
                        design.tabMm(),
                        design.widthMm(),
                        design.plateMm(),
                        design.taperRad(),
                        Bolt.atMost(design.screwMm(), job.screws())));
    }

    /** How far above its foot's sole the underside of a block over the side is cleared, mm. */
    public double hangMm() {
        return Math.max(LEAST_HANG_MM, drawnFloorMm - UNDER_FLOOR_MM);
    }

    /** How far the edge would stand above the axis in the holder as it is made, mm: what its floor is off. */
    public double heightLeftMm() {
        return floorMm - drawnFloorMm;
    }
}
