package boldwedge.core.family;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words by which a choice is known, besides those that the shop says for it. */
final class ChoiceWords {
    private static final Pattern HARDNESS = Pattern.compile("(\\d+(?:\\.\\d+)?) ?(?:hrc|rc)");
    private static final Pattern HARDNESSES = Pattern.compile("(\\d+)–(\\d+) HRC");

    /** A steel tabled for a range is as hard as is said where it lies no farther from it, HRC. */
    private static final double NEARLY_HRC = 3;

    /** The steels that are listed by their hardness alone. */
    private static final String HARDENED = "Hardened steel";

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

    /**
     * The choice that is as hard as was said, "40 HRC": the same stuff as the one that was picked, or any where none was.
     *
     * @param picked id of the choice that was picked; empty where none was
     */
    static Optional<Choice> asHard(Entry entry, String picked, String said) {
        Matcher hardness = HARDNESS.matcher(said);
        if (!hardness.matches()) {
            return Optional.empty();
        }
        double hrc = hrc(hardness.group(1));
        Optional<String> stuff = entry.choices().stream()
                .filter(choice -> choice.id().equals(picked))
                .map(Choice::words)
                .findFirst();
        List<Choice> asHard = entry.choices().stream()
                .filter(choice -> {
                    Matcher range = HARDNESSES.matcher(choice.more());
                    return range.find()
                            && hrc >= hrc(range.group(1)) - NEARLY_HRC
                            && hrc <= hrc(range.group(2)) + NEARLY_HRC;
                })
                .toList();
        return asHard.stream()
                .filter(choice -> stuff.isEmpty() || choice.words().startsWith(firstOf(stuff.get())))
                .findFirst()
                // A steel that is hardened cuts by its hardness, whatever steel it was.
                .or(() -> asHard.stream()
                        .filter(choice -> choice.words().startsWith(HARDENED) && isPlainSteel(stuff.orElse("")))
                        .findFirst());
    }

    private static boolean isPlainSteel(String words) {
        String low = words.toLowerCase(Locale.ROOT);
        return low.contains("steel") && !low.contains("stainless");
    }

    private static double hrc(String number) {
        return MeasureParser.parse(number, Limits.any(Quantity.HARDNESS), UnitSystem.METRIC)
                        instanceof Parsed.Good<Reading>(Reading reading)
                ? reading.value()
                : Double.NaN;
    }

    /** "Chrome-moly alloy steel" of "Chrome-moly alloy steel, annealed". */
    private static String firstOf(String words) {
        return words.replaceFirst(",.*", "");
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
