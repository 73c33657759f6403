package boldwedge.core.families.boring.model;

import boldwedge.core.language.words.Worded;

/** How a bored hole ends. */
public enum Bottom implements Worded {
    THROUGH,
    BLIND,
    BLIND_FACED
}
