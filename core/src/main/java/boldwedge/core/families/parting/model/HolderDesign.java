package boldwedge.core.families.parting.model;

import java.util.OptionalDouble;

/**
 * A holder to be made: what was chosen for it and what has been made of it so far, mm and radians. What is made counts from
 * then on; what is drawn stays for judging it.
 *
 * @param widthMm block along the lathe's axis
 * @param lengthMm block along the blade
 * @param jawMm metal over the blade
 * @param drawnHingeMm hinge as drawn
 * @param sawMm width that the slit's saw cuts
 * @param roomMm room over the blade while the slit is open
 * @param cutterMm slot cutter as labelled
 * @param cutterTrueMm width that it really cuts
 * @param dialMm one turn of the mill's dial
 * @param tabMm foot on the slide along the blade, of a block over the side
 * @param plateMm thickness of its clamp plate
 * @param taperRad its pull-in taper
 * @param screwMm thread of its three screws
 * @param floorMm slot's floor above the slide as made
 * @param slotMm slot's height as made
 * @param hingeMm hinge as made
 * @param tabFloorMm slot's floor above the foot as made
 */
public record HolderDesign(
        double widthMm,
        double lengthMm,
        double jawMm,
        double drawnHingeMm,
        double sawMm,
        double roomMm,
        double cutterMm,
        double cutterTrueMm,
        double dialMm,
        double tabMm,
        double plateMm,
        double taperRad,
        double screwMm,
        OptionalDouble floorMm,
        OptionalDouble slotMm,
        OptionalDouble hingeMm,
        OptionalDouble tabFloorMm) {

    /** The hinge that counts: as made, or as drawn. */
    public double hinge() {
        return hingeMm.orElse(drawnHingeMm);
    }
}
