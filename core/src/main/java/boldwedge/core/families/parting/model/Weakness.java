package boldwedge.core.families.parting.model;

/**
 * Something that gives way at a force on the edge.
 *
 * @param kind what gives way
 * @param failsAtN force down on the edge at which it does, N
 */
public record Weakness(Kind kind, double failsAtN) {
    /** What can give way under a parting cut. */
    public enum Kind {
        BLADE_BREAKS,
        BLADE_BUCKLES,
        BOLT_GIVES,
        SLOT_BREAKS,
        MOTOR_STALLS,
        GRIP_SLIPS,
        DIGS_IN
    }

    /** How many times the reckoned force it bears. */
    public double times(double forceN) {
        return failsAtN / Math.max(1e-9, forceN);
    }
}
