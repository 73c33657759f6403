package boldwedge.core.families.truing.model;

/**
 * Work set up, worked out.
 *
 * @param job as asked
 */
public record TrueUp(TrueJob job) {
    /** A grip is to be so many times what pulls at it (habit). */
    public static final double TIMES = 3;

    /** Out of balance may pull with this share of the grip (ours): jaws open as they are turned fast. */
    public static final double SHARE = 0.1;

    /** A reamed block is to be so much larger than the shank that was measured, mm (habit). */
    public static final double FREE_MM = 0.01;

    /** Left for the reamer, mm (habit). */
    public static final double REAM_MM = 0.3;

    private static final double SECONDS = 60;
    private static final double MM_IN_M = 1000;

    /** Whole swing that is wanted: twice the offset. */
    public double wantedSwingMm() {
        return 2 * job.offsetMm();
    }

    /** By how much a pair of jaws moves: half of what the swing is off. */
    public double moveMm() {
        return (job.swingMm() - wantedSwingMm()) / 2;
    }

    /** Whether it is a rectangle, whose pairs of faces are read one after the other. */
    public boolean rectangle() {
        return job.otherPairMm() > 0;
    }

    /** By how much a rectangle's other pair moves: half of what its faces differ. */
    public double otherMoveMm() {
        return job.otherPairMm() / 2;
    }

    /** Turn of its screws, radians. */
    public double otherTurnRad() {
        return 2 * Math.PI * otherMoveMm() / job.pitchMm();
    }

    /** Turn of the jaws' screws for it, radians: 2π move / pitch. */
    public double turnRad() {
        return 2 * Math.PI * Math.abs(moveMm()) / job.pitchMm();
    }

    /** Pull of what is out of balance at a speed, N: m e ω². */
    public double pullN(double rpm) {
        double omega = 2 * Math.PI * rpm / SECONDS;
        return job.massKg() * job.asideMm() / MM_IN_M * omega * omega;
    }

    /** The same at the speed that is asked. */
    public double pullN() {
        return pullN(job.rpm());
    }

    /** Speed at which it pulls with no more than its share of the grip. */
    public double mostRpm() {
        return pullN(1) <= 0 ? Double.POSITIVE_INFINITY : Math.sqrt(SHARE * job.gripN() / pullN(1));
    }

    /** Error of the jaw: half of what reads on turning over. */
    public double jawMm() {
        return job.overMm() / 2;
    }

    /** Angle by which a block's seat turns its bar, radians: u / L. */
    public double seatRad() {
        return job.seatMm() / job.seatOverMm();
    }

    /** How far aside that brings the bar's point: u / L · reach. */
    public double pointAsideMm() {
        return seatRad() * job.reachMm();
    }

    /** What may be read along the face for the point to come no further aside than it may. */
    public double seatMayReadMm() {
        return job.asideAllowedMm() * job.seatOverMm() / job.reachMm();
    }

    /** The hole: measured shank and what it is free by. */
    public double holeMm() {
        return job.shankMm() + FREE_MM;
    }

    /** Last drill before the reamer. */
    public double drillMm() {
        return Math.floor((holeMm() - REAM_MM) * 10) / 10;
    }

    /** Grip along the bar, N: 2 μ N. */
    public double gripAlongN() {
        return 2 * job.friction() * job.clampN();
    }

    /** Grip against turning, N·mm: μ N d. */
    public double gripTurnNmm() {
        return job.friction() * job.clampN() * job.shankMm();
    }

    /** What turns the bar, N·mm. */
    public double turnNmm() {
        return job.turnN() * job.leverMm();
    }
}
