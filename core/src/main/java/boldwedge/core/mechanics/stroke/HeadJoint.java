package boldwedge.core.mechanics.stroke;

/**
 * A head drawn against the end of its bar by a thread: a ring of contact round a spigot, pressed together.
 *
 * @param outerMm outside of the ring, mm
 * @param innerMm its inside, mm
 * @param pressedN the force that presses it, N
 */
public record HeadJoint(double outerMm, double innerMm, double pressedN) {
    /** The bending under which the ring still bears all round, N·mm: Fv · (D² + d²) / 8D, where the pull of bending at its edge is as much as its pressure. */
    public double opensAtNmm() {
        return pressedN * (outerMm * outerMm + innerMm * innerMm) / (8 * outerMm);
    }

    /**
     * How far a head stops round where its face is taken back, radians.
     *
     * @param faceMm off the face, mm
     * @param pitchMm of its thread, mm
     */
    public static double stopsRoundRad(double faceMm, double pitchMm) {
        return 2 * Math.PI * faceMm / pitchMm;
    }
}
