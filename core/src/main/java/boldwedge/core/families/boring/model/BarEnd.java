package boldwedge.core.families.boring.model;

import boldwedge.core.language.stock.Insert;

/** The end of a bar: where its bit or insert sits. Lengths in mm along the bar, measured from its end backward. */
public final class BarEnd {
    /** The corner of an insert is seated ahead of the bar's end by this part of its circle. */
    private static final double INSERT_LEADS = 0.1;

    private static final double SQUARE = Math.toRadians(85);

    private BarEnd() {}

    /** Diameter of the bar at its bit: the nose's, or the shank's when there is none. */
    public static double tipMm(BoreJob job) {
        return job.necked() ? job.neckMm() : job.barMm();
    }

    /** Whether the bit stands across the bar rather than leaning to its end. */
    public static boolean square(BoreJob job) {
        return job.bitAngleRad() > SQUARE;
    }

    /** How far the point leads the end of the bar, mm; below 0 the bar's end leads. */
    public static double leadsBy(BoreJob job) {
        if (job.insert().isPresent()) {
            return INSERT_LEADS * job.insert().get().circleMm();
        }
        if (square(job)) {
            return -job.bit().widthMm() / 2;
        }
        // The bit's axis meets the bar's as far inside its end as lets the hole break out a wall's width behind the
        // edge.
        return BoreCut.reach(job) / Math.tan(job.bitAngleRad()) - crossing(job);
    }

    /** Where the bit's axis meets the bar's, or an insert's screw stands, behind the bar's end, mm; from the headstock's end of a bar between centres. */
    public static double crossing(BoreJob job) {
        if (job.making().crossMm().isPresent()) {
            return job.making().crossMm().getAsDouble();
        }
        return job.held().crossing(job);
    }

    /** The same of a bar held at one end, as drawn. */
    static double behindEnd(BoreJob job) {
        if (job.insert().isPresent()) {
            return (0.5 - INSERT_LEADS) * job.insert().get().circleMm();
        }
        double half = job.bit().widthMm() / 2;
        if (square(job)) {
            return 2 * half;
        }
        return tipMm(job) / 2 / Math.tan(job.bitAngleRad()) + half / Math.sin(job.bitAngleRad()) * 0.25;
    }

    /** How far the seat of an insert lies below the top of the bar, mm: its face stands at the axis or ahead of it. */
    public static double seatDepthMm(BoreJob job, Insert insert) {
        return tipMm(job) / 2 - job.aheadMm() + insert.thicknessMm();
    }

    /** Tilt of an insert's pocket, radians: what its clearance in the bar has over its own. */
    public static double pocketTilt(BoreCut cut) {
        return cut.job()
                .insert()
                .map(insert -> cut.signature().endRelief() - insert.clearanceRad())
                .orElse(0.0);
    }
}
