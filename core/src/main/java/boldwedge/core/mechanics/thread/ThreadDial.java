package boldwedge.core.mechanics.thread;

/**
 * Where the half nut may be closed again. One turn of a dial whose wheel has z teeth is z pitches of the lead screw; at a mark that the
 * carriage reaches after a whole number of leads the tool falls into its groove.
 *
 * @param teeth of its wheel
 * @param marks round it, evenly
 * @param screwMm pitch of the lead screw, mm
 */
public record ThreadDial(int teeth, int marks, double screwMm) {
    private static final double SAME = 1e-4;

    /** How the nut may be closed. */
    public enum Catch {
        /** Wherever it goes in. */
        ANYWHERE,
        /** At every mark. */
        ANY_MARK,
        /** At every so-manieth mark. */
        SOME_MARKS,
        /** Only at the one that was used first. */
        SAME_MARK,
        /** At none: the nut stays closed. */
        NEVER
    }

    /** Way of the carriage in one turn of the dial, mm: z · P. */
    public double turnMm() {
        return teeth * screwMm;
    }

    /** Whether a way is a whole number of leads. */
    private static boolean whole(double wayMm, double leadMm) {
        double leads = wayMm / leadMm;
        return Math.abs(leads - Math.rint(leads)) < SAME && Math.rint(leads) >= 1;
    }

    /** How often marks may be skipped over: 1 for every mark, 2 for every second; 0 where not even the same mark serves. */
    public int every(double leadMm) {
        for (int step = 1; step <= marks; step++) {
            if (marks % step == 0 && whole(step * turnMm() / marks, leadMm)) {
                return step;
            }
        }
        return 0;
    }

    /** How the nut may be closed for a lead. */
    public Catch at(double leadMm) {
        if (whole(screwMm, leadMm)) {
            return Catch.ANYWHERE;
        }
        int every = every(leadMm);
        return every == 0
                ? Catch.NEVER
                : every == 1 ? Catch.ANY_MARK : every == marks ? Catch.SAME_MARK : Catch.SOME_MARKS;
    }
}
