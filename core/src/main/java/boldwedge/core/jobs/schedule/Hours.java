package boldwedge.core.jobs.schedule;

import java.util.Arrays;

/** When somebody works: spans in order, none touching the next. Minutes from the plan's origin. */
public final class Hours {
    /** Whoever is always there. */
    public static final Hours ALWAYS = new Hours(new long[] {0}, new long[] {Long.MAX_VALUE / 4});

    private final long[] from;
    private final long[] to;

    /**
     * Hours.
     *
     * @param from beginnings
     * @param to ends
     */
    public Hours(long[] from, long[] to) {
        this.from = from.clone();
        this.to = to.clone();
    }

    int spans() {
        return from.length;
    }

    long from(int span) {
        return from[span];
    }

    long to(int span) {
        return to[span];
    }

    /** The span in which this minute lies, or the next after it; {@link #spans()} where there is none. */
    int spanAt(long minute) {
        int at = Arrays.binarySearch(to, minute + 1);
        return at < 0 ? -at - 1 : at;
    }

    /** The first minute at or after this at which somebody is there; a minute far off where nobody comes any more. */
    public long next(long minute) {
        int span = spanAt(minute);
        return span == from.length ? Layout.NEVER : Math.max(minute, from[span]);
    }

    /** When so many minutes of work are done that are begun at a minute within the hours; breaks lie in between. */
    public long done(long begun, long minutes) {
        long left = minutes;
        int span = spanAt(begun);
        long at = begun;
        while (span < from.length) {
            at = Math.max(at, from[span]);
            if (left <= to[span] - at) {
                return at + left;
            }
            left -= to[span] - at;
            span++;
        }
        return Layout.NEVER;
    }

    /** Minutes of work between two minutes. */
    public long between(long begin, long end) {
        long sum = 0;
        for (int span = spanAt(begin); span < from.length && from[span] < end; span++) {
            sum += Math.min(end, to[span]) - Math.max(begin, from[span]);
        }
        return sum;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Hours hours && Arrays.equals(from, hours.from) && Arrays.equals(to, hours.to);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(from) * 31 + Arrays.hashCode(to);
    }

    @Override
    public String toString() {
        return Arrays.toString(from) + Arrays.toString(to);
    }
}
