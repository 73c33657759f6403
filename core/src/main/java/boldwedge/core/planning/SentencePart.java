package boldwedge.core.planning;

/**
 * A part of the sentence in which a cut is asked.
 *
 * @param kind words, a value to type or a choice to pick
 * @param text the words, or the field's id
 * @param tail what stands right after a choice, such as a full stop
 */
public record SentencePart(Kind kind, String text, String tail) {
    /** What a part is. */
    public enum Kind {
        WORDS,
        VALUE,
        CHOICE
    }
}
