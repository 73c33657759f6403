package boldwedge.core.jobs.stock;

import boldwedge.core.language.words.Worded;

/** What becomes of things in a drawer. */
public enum Movement implements Worded {
    /** They came in. */
    BOUGHT,
    /** They were used up: a length sawn off, a tap given away. */
    USED,
    /** They cut no more and can be ground. */
    DULLED,
    /** Dull ones are sharp again. */
    GROUND,
    /** They broke. */
    BROKEN,
    /** They cannot be ground any more. */
    WORN_OUT,
    /** Worn ones were thrown out. */
    THROWN_OUT,
    /** Somebody counted those that are ready. */
    COUNTED;

    /** Whether one is lost for good by it, so that another must be had some day. */
    public boolean loses() {
        return this == BROKEN || this == WORN_OUT || this == USED;
    }
}
