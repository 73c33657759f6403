package boldwedge.core.language.measure;

/**
 * A thread as it was called, read.
 *
 * @param series whose thread it is
 * @param name as a drawing writes it, without class: M12×1.25, 1/2-13 UNC
 * @param majorMm nominal major diameter, mm
 * @param pitchMm pitch, mm
 * @param starts starts that were said; 1 when none were
 * @param left whether it was said to be left hand
 * @param className class that was said, such as 6H or 2A; empty when none was
 */
public record ThreadCall(
        Series series, String name, double majorMm, double pitchMm, int starts, boolean left, String className) {
    /** Families of threads. */
    public enum Series {
        /** ISO metric, 60°. */
        METRIC,
        /** Unified coarse and fine, 60°. */
        UNIFIED,
        /** Unified of any other pitch: extra fine, constant pitch, special. */
        UNIFIED_SPECIAL,
        /** Whitworth, coarse and fine, 55°. */
        WHITWORTH,
        /** Parallel pipe thread, 55°. */
        PIPE,
        /** British Association, 47.5°. */
        BRITISH_ASSOCIATION,
        /** Metric trapezoidal, 30°. */
        TRAPEZOIDAL,
        /** Acme, 29°. */
        ACME
    }

    /** Whether its pitch is counted in threads to the inch. */
    public boolean inInches() {
        return switch (series) {
            case METRIC, BRITISH_ASSOCIATION, TRAPEZOIDAL -> false;
            case UNIFIED, UNIFIED_SPECIAL, WHITWORTH, PIPE, ACME -> true;
        };
    }
}
