package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.words.Worded;

/** Kinds of machines that a card can be of. */
public enum MachineKind implements Worded {
    /** The work turns. */
    LATHE,
    /** The tool turns. */
    MILL,
    /** Nothing turns: a ram strokes. */
    SHAPER
}
