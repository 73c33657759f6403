package boldwedge.core.jobs.model;

import boldwedge.core.language.words.Worded;

/** What a place of the shop can be that has no machine's card. */
public enum PlaceKind implements Worded {
    /** Heats steel to harden it. */
    FURNACE,
    /** Tempers it. */
    OVEN,
    /** A wheel. */
    GRINDER,
    /** Drills upright. */
    DRILL,
    /** Saws lengths off. */
    SAW,
    /** Presses one thing into another. */
    PRESS,
    /** Anything else that only one thing at a time can be on. */
    OTHER
}
