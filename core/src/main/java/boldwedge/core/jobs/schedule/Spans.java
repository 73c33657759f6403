package boldwedge.core.jobs.schedule;

import java.util.Arrays;

/** What is taken of somebody's or some machine's time, in order. */
final class Spans {
    private long[] from = new long[16];
    private long[] to = new long[16];
    private int size;

    void clear() {
        size = 0;
    }

    void take(long start, long end) {
        if (end <= start) {
            return;
        }
        int at = after(start);
        if (size == from.length) {
            from = Arrays.copyOf(from, 2 * size);
            to = Arrays.copyOf(to, 2 * size);
        }
        System.arraycopy(from, at, from, at + 1, size - at);
        System.arraycopy(to, at, to, at + 1, size - at);
        from[at] = start;
        to[at] = end;
        size++;
    }

    /** The first span that ends after this minute. */
    private int after(long minute) {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (to[middle] <= minute) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The end of what is in the way of these minutes; the beginning itself where nothing is. */
    long free(long start, long end) {
        int at = after(start);
        return at < size && from[at] < Math.max(end, start + 1) ? to[at] : start;
    }
}
