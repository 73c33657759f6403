package boldwedge.core.family;

import boldwedge.core.planning.Choice;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words by which a choice is known, besides those that the shop says for it. */
final class ChoiceWords {
    private ChoiceWords() {}

    /** Whether all that was said is a choice's, and some of it of its own name. */
    static boolean says(Choice choice, List<String> said) {
        Set<String> name = of(choice.words() + " " + choice.id());
        Set<String> all = of(choice.words() + " " + choice.id() + " " + choice.more());
        boolean named = false;
        for (String word : said) {
            for (String part : word.split("[-° ]+")) {
                if (LineWords.isNoise(part)) {
                    continue;
                }
                if (all.stream()
                        .noneMatch(known -> known.equals(part)
                                || (part.length() >= 4 && (known.startsWith(part) || part.equals(known + "s"))))) {
                    return false;
                }
                named |= name.stream()
                        .anyMatch(known -> known.equals(part) || (part.length() >= 4 && known.startsWith(part)));
            }
        }
        return named;
    }

    /** The words of a text. */
    static Set<String> of(String text) {
        String low = text.toLowerCase(Locale.ROOT);
        // A fraction is one word besides: "1/4 socket head".
        return Stream.concat(Stream.of(low.split("[^\\p{L}\\p{N}.]+")), Stream.of(low.split("[^\\p{N}/]+")))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toSet());
    }
}
