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
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The words by which a choice is known, besides those that the shop says for it.
 *
 * @param name those of its own name
 * @param all these, and those of what is told about it
 * @param length how many words its name has
 */
record ChoiceWords(Set<String> name, Set<String> all, int length) {
    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}.]+");
    private static final Pattern BETWEEN_FRACTIONS = Pattern.compile("[^\\p{N}/]+");
    private static final Pattern JOINTS = Pattern.compile("[-° ]+");
    private static final Pattern HARDNESS = Pattern.compile("(\\d+(?:\\.\\d+)?) ?(?:hrc|rc)");
    private static final Pattern HARDNESSES = Pattern.compile("(\\d+)–(\\d+) HRC");

    /** A word that is said short has at least so many letters. */
    private static final int SHORTEST = 4;

    /** A steel tabled for a range is as hard as is said where it lies no farther from it, HRC. */
    private static final double NEARLY_HRC = 3;

    /** The steels that are listed by their hardness alone. */
    private static final String HARDENED = "Hardened steel";

    /** What every family lets be chosen: worked out once, since each line that is typed asks for all of it. */
    private static final Map<Choice, ChoiceWords> DECLARED = Families.all().stream()
            .flatMap(family -> family.entries().stream())
            .flatMap(entry -> entry.choices().stream())
            .distinct()
            .collect(Collectors.toUnmodifiableMap(choice -> choice, ChoiceWords::read));

    /** Those of a choice. */
    static ChoiceWords of(Choice choice) {
        ChoiceWords declared = DECLARED.get(choice);
        return declared == null ? read(choice) : declared;
    }

    private static ChoiceWords read(Choice choice) {
        return new ChoiceWords(
                in(choice.words() + " " + choice.id()),
                in(choice.words() + " " + choice.id() + " " + choice.more()),
                in(choice.words()).size());
    }

    /** The parts of what was said that say something: "chrome-moly" says two. */
    static List<String> parts(List<String> said) {
        return said.stream()
                .flatMap(JOINTS::splitAsStream)
                .filter(part -> !LineWords.isNoise(part))
                .toList();
    }

    /** Whether all that was said is the choice's, and some of it of its own name. */
    boolean says(List<String> parts) {
        return parts.stream()
                        .allMatch(part -> all.contains(part) || all.stream().anyMatch(known -> isNear(part, known)))
                && parts.stream()
                        .anyMatch(part -> name.contains(part)
                                || (part.length() >= SHORTEST
                                        && name.stream().anyMatch(known -> known.startsWith(part))));
    }

    /** Whether a word is said short, or of several. */
    private static boolean isNear(String part, String known) {
        return part.length() >= SHORTEST && (known.startsWith(part) || part.equals(known + "s"));
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
    private static Set<String> in(String text) {
        String low = text.toLowerCase(Locale.ROOT);
        // A fraction is one word besides: "1/4 socket head".
        return Stream.concat(BETWEEN.splitAsStream(low), BETWEEN_FRACTIONS.splitAsStream(low))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toSet());
    }
}
