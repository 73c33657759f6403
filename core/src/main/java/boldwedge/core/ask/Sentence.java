package boldwedge.core.ask;

import java.util.ArrayList;
import java.util.List;

/** The sentence in which a cut is asked, put together from its beginning. */
public final class Sentence {
    private final List<SentencePart> parts = new ArrayList<>();

    /** Plain words. */
    public Sentence words(String words) {
        parts.add(new SentencePart(SentencePart.Kind.WORDS, words, ""));
        return this;
    }

    /** A value that is typed. */
    public Sentence value(Entry entry) {
        parts.add(new SentencePart(SentencePart.Kind.VALUE, entry.id(), ""));
        return this;
    }

    /** A choice. */
    public Sentence pick(Entry entry) {
        return pick(entry, "");
    }

    /** A choice with what stands right after it. */
    public Sentence pick(Entry entry, String tail) {
        parts.add(new SentencePart(SentencePart.Kind.CHOICE, entry.id(), tail));
        return this;
    }

    /** Its parts, in order. */
    public List<SentencePart> parts() {
        return List.copyOf(parts);
    }
}
