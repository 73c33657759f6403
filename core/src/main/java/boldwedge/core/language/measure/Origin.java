package boldwedge.core.language.measure;

import boldwedge.core.language.words.Worded;

/** Where a value came from: what may be trusted how far. */
public enum Origin implements Worded {
    /** Written by whoever asks. */
    TYPED,
    /** From the card of the machine. */
    CARD,
    /** Measured, or taught by trials. */
    MEASURED,
    /** From a table of materials or stock, with its source. */
    TABLE,
    /** Nobody said it and nobody measured it: a usual value was put in. */
    ASSUMED,
    /** The program's choice. */
    CHOSEN,
    /** Worked out from others. */
    RECKONED
}
