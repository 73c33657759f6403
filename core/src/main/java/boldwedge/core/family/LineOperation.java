package boldwedge.core.family;

import boldwedge.core.planning.Choice;
import boldwedge.core.planning.SpokenAs;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The operation that a line asks for.
 *
 * @param id its id
 * @param said it in the program's words
 * @param at the word that it begins with
 * @param run how many words say it
 */
record LineOperation(String id, String said, int at, int run) {
    private static final Set<String> ARTICLES = Set.of("a", "an", "the");
    /** What is turned and bored along two axes at once, which nothing here does. */
    private static final Set<String> FORMS = Set.of("taper", "tapered", "ball", "radius");

    /** A way of asking for an operation, word by word. */
    private record Way(Choice operation, List<String> parts) {}

    /** Those that are said for it first: an id counts where no family says its words otherwise. */
    private static final List<Way> WAYS = Stream.of(true, false)
            .flatMap(said -> Families.all().stream()
                    .flatMap(family -> family.operations().stream()
                            .flatMap(operation -> (said ? verbs(family, operation) : names(operation))
                                    .flatMap(LineOperation::asWords)
                                    .map(parts -> new Way(operation, parts)))))
            .toList();

    /** What is asked for first, of several that begin at one word the longest; nothing where the words make another operation of it. */
    static Optional<LineOperation> first(LineWords words) {
        Optional<LineOperation> best = Optional.empty();
        int longest = 0;
        for (Way way : WAYS) {
            List<String> parts = way.parts();
            int at = words.findWithin(parts);
            if (isMaterial(words, at)) {
                at = words.find(parts, at + 1);
            }
            int before = best.map(LineOperation::at).orElse(Integer.MAX_VALUE);
            if (at >= 0 && (at < before || (at == before && parts.size() > longest))) {
                longest = parts.size();
                int run = parts.contains("*") ? parts.indexOf("*") : parts.size();
                best = Optional.of(
                        new LineOperation(way.operation().id(), way.operation().words(), at, run));
            }
        }
        return best.filter(one -> !isElsewhere(words, one.at()) && !turnsElsewhere(words, one.at() + one.run()));
    }

    /** Whether what is to be made is made otherwise: "turn a taper" is no turning from one diameter to another. */
    private static boolean turnsElsewhere(LineWords words, int behind) {
        int at = behind;
        while (at < words.size() && ARTICLES.contains(words.low(at))) {
            at++;
        }
        return at < words.size()
                && FORMS.contains(words.low(at))
                && ShopWords.meant("operation", words.low(at)).isPresent();
    }

    /** Whether the word there begins a material's name: "drill rod" asks for no drilling. */
    private static boolean isMaterial(LineWords words, int at) {
        return at >= 0
                && at + 1 < words.size()
                && ShopWords.meant("material", words.low(at) + " " + words.low(at + 1))
                        .isPresent();
    }

    private static Stream<String> names(Choice operation) {
        return Stream.of(operation.words(), operation.id());
    }

    /** How the family's shop asks for it. */
    private static Stream<String> verbs(ToolFamily<?> family, Choice operation) {
        return family.spokenAs().stream()
                .flatMap(as -> as.verbs().entrySet().stream())
                .filter(verb -> verb.getValue().equals(operation.id()))
                .map(Map.Entry::getKey)
                .sorted();
    }

    /** A way of saying it as words, what is written with hyphens as one word too: "o-ring". */
    private static Stream<List<String>> asWords(String way) {
        String low = way.toLowerCase(Locale.ROOT);
        return Stream.of(List.of(low.split("[ -]")), List.of(low.split(" "))).distinct();
    }

    /** Whether the line names what is done in a shop, and not here. */
    static boolean isElsewhere(LineWords words) {
        for (int i = 0; i < words.size(); i++) {
            if (ShopWords.meant("operation", words.low(i)).isPresent() || isElsewhere(words, i)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a word with the one before it names another operation: "taper turn", "centre drill". */
    private static boolean isElsewhere(LineWords words, int at) {
        return at > 0
                && (ShopWords.meant("operation", words.low(at - 1)).isPresent()
                        || ShopWords.meant("operation", words.low(at - 1) + " " + words.low(at))
                                .isPresent());
    }

    /** As it was typed. */
    String typed(LineWords words) {
        return String.join(" ", words.subList(at, at + run));
    }

    /** Whether its words say something besides: "tap M6" what the hole is for, "3 keyways" how many. */
    boolean saysMore(LineWords words) {
        String typed = typed(words);
        boolean behindNumber = at > 0 && words.isNumber(at - 1);
        return spoken(Map.of(Families.OPERATION, id))
                .map(as -> as.picks().stream()
                                .anyMatch(entry ->
                                        ShopWords.meant(entry.id(), typed).isPresent())
                        || (behindNumber
                                && as.marked().stream()
                                        .anyMatch(mark -> mark.after().contains(typed.toLowerCase(Locale.ROOT)))))
                .orElse(false);
    }

    private static Optional<SpokenAs> spoken(Map<String, String> fields) {
        return Families.of(fields).spokenAs();
    }

    /** Takes what says the operation once more in other words: "harden and temper", "dial in in the four jaw". */
    static void takeAgain(LineWords words, ToolFamily<?> family, String operation) {
        for (int i = 0; i < words.size(); i++) {
            if (isVerb(Map.of(Families.OPERATION, operation), words.low(i))) {
                words.use(i, i + 1);
            }
        }
        family.spokenAs()
                .ifPresent(as -> as.verbs().entrySet().stream()
                        .filter(verb -> verb.getValue().equals(operation))
                        .map(verb -> List.of(verb.getKey().split(" ")))
                        .filter(parts -> !parts.contains("*")
                                && as.picks().stream()
                                        .noneMatch(entry -> ShopWords.meant(entry.id(), String.join(" ", parts))
                                                .isPresent()))
                        .forEach(parts -> {
                            int at = words.find(parts);
                            if (at >= 0) {
                                words.take(at, parts.size());
                            }
                        }));
    }

    /** Whether a word asks for the operation that is read: "drill" does not say that it is drill rod. */
    static boolean isVerb(Map<String, String> fields, String word) {
        return word.equals(fields.getOrDefault(Families.OPERATION, ""));
    }
}
