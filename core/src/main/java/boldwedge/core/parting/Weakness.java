package boldwedge.core.parting;

import boldwedge.core.finding.Step;

/**
 * Something that gives way at a force on the edge.
 *
 * @param id stable name
 * @param what what gives way, as it begins a sentence: "The blade breaks at its root"
 * @param failsAtN force down on the edge at which it does, N
 * @param step how that force comes about
 */
record Weakness(String id, String what, double failsAtN, Step step) {
    /** How many times the reckoned force it bears. */
    double times(double forceN) {
        return failsAtN / Math.max(1e-9, forceN);
    }
}
