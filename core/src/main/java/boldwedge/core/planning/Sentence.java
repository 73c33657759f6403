package boldwedge.core.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The sentence in which a cut is asked, written as it is read: {@code "{operation} {material} from {diameter} to {finished}."}. In
 * braces stands the id of an entry: a choice where it is picked, else a value that is typed. Punctuation right behind a choice stays
 * with it.
 */
public final class Sentence {
    private static final Pattern BLANK = Pattern.compile("\\{(\\w+)}([,;:.]*)");

    private Sentence() {}

    /**
     * Its parts, in order.
     *
     * @param entries what the family asks
     * @param sentence the sentence
     * @throws IllegalArgumentException when it names something that the family does not ask
     */
    public static List<SentencePart> of(List<Entry> entries, String sentence) {
        List<SentencePart> parts = new ArrayList<>();
        Matcher blank = BLANK.matcher(sentence);
        int from = 0;
        while (blank.find()) {
            words(parts, sentence.substring(from, blank.start()));
            boolean choice = named(entries, blank.group(1)).picked();
            parts.add(new SentencePart(
                    choice ? SentencePart.Kind.CHOICE : SentencePart.Kind.VALUE,
                    blank.group(1),
                    choice ? blank.group(2) : ""));
            from = choice ? blank.end() : blank.end(1) + 1;
        }
        words(parts, sentence.substring(from));
        return List.copyOf(parts);
    }

    private static Entry named(List<Entry> entries, String id) {
        return entries.stream()
                .filter(entry -> entry.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No entry is called " + id));
    }

    private static void words(List<SentencePart> parts, String words) {
        if (!words.isBlank()) {
            parts.add(new SentencePart(SentencePart.Kind.WORDS, words.strip(), ""));
        }
    }
}
