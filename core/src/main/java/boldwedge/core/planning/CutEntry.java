package boldwedge.core.planning;

/**
 * An entry of a family: how it is asked for and read, and what is shown in it of a cut where it was left open.
 *
 * @param <C> the family's cut, worked out
 */
public interface CutEntry<C> extends Entry {
    /** What a cut shows in it. */
    Shown<C> shown();

    /** Shows what was chosen. */
    default void show(C cut, Chosen chosen) {
        shown().show(cut, this, chosen);
    }
}
