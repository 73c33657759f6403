package boldwedge.core.family;

import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.SpokenAs;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A cut typed in one line, as it is said in the shop, read into fields. What a word was taken for is told, and what was not understood
 * is told too: nothing is guessed in silence.
 *
 * @param fields texts by field
 * @param understood what each part was taken for
 * @param assumed what was not said and follows from what was, to be looked at
 * @param left words that were not understood, as typed
 */
public record TypedCut(
        Map<String, String> fields, List<Understood> understood, List<Understood> assumed, List<String> left) {
    /**
     * A part of the line.
     *
     * @param words as typed
     * @param label the field's label
     * @param text what stands in the field, in words
     */
    public record Understood(String words, String label, String text) {}

    private static final Pattern NUMBER = Pattern.compile("(Ra )?[±+-]?[.,]?\\d.*");
    private static final Pattern FIT = Pattern.compile("[A-Za-z]{1,2}\\d{1,2}");
    private static final Pattern NUMBER_WITH_FIT = Pattern.compile("([.,]?\\d[\\d.,/-]*)([A-Za-z]{1,2}\\d{1,2})");
    private static final Set<String> UNITS = Set.of(
            "mm", "in", "inch", "inches", "\"", "thou", "tenths", "µm", "um", "µin", "uin", "mm/rev", "ipr", "cm", "°",
            "hrc", "rc", "°c", "°f", "deg");
    private static final Set<String> NOISE = Set.of(
            "in",
            "of",
            "the",
            "a",
            "an",
            "on",
            "and",
            "with",
            "to",
            "from",
            "at",
            "by",
            "for",
            "dia",
            "diameter",
            "ø",
            "is",
            "some",
            "it");

    private static final Set<String> BEHIND_INCHES = Set.of(
            "to", "from", "long", "deep", "over", "dia", "diameter", "out", "bore", "wide", "thick", "bar", "free");

    /** What something can be in. */
    private static final Set<String> WITHIN = Set.of("bore", "hole", "hub", "shaft");

    private static final int LONGEST_RUN = 6;
    private static final int LONGEST_CALL = 3;

    /**
     * Reads a line.
     *
     * @param line the line
     * @param units what bare numbers mean
     * @param machines names of the shop's machines by id
     */
    public static TypedCut read(String line, UnitSystem units, Map<String, String> machines) {
        return new Reader(line, units, machines).read();
    }

    private static final class Reader {
        private final UnitSystem units;
        private final Map<String, String> machines;
        private final List<String> words;
        private final boolean[] used;
        private final Map<String, String> fields = new LinkedHashMap<>();
        private final List<Understood> understood = new ArrayList<>();
        private final List<Understood> assumed = new ArrayList<>();

        Reader(String line, UnitSystem units, Map<String, String> machines) {
            this.units = units;
            this.machines = machines;
            this.words = joined(split(line));
            this.used = new boolean[words.size()];
        }

        TypedCut read() {
            ToolFamily<?> family = operation();
            Optional<SpokenAs> spoken = family.spokenAs();
            machine();
            if (spoken.isPresent()) {
                SpokenAs as = spoken.get();
                as.called().forEach(this::called);
                tolerances(as);
                fromTo(as);
                as.marked().forEach(this::finish);
                // "30 bore 16" is a bore of 16: a word belongs to the number behind it before it belongs to the one
                // before.
                as.marked().forEach(mark -> marked(mark, true));
                as.marked().forEach(mark -> marked(mark, false));
                picks(as.picks());
                bare(as.bare());
                as.derived().forEach(this::derived);
            }
            List<String> left = new ArrayList<>();
            for (int i = 0; i < words.size(); i++) {
                if (!used[i] && !NOISE.contains(low(i))) {
                    left.add(words.get(i));
                }
            }
            return new TypedCut(fields, understood, assumed, left);
        }

        /** The family whose operation is asked for first; the first family where none is. */
        private ToolFamily<?> operation() {
            int best = Integer.MAX_VALUE;
            int longest = 0;
            String id = "";
            String said = "";
            for (ToolFamily<?> family : Families.all()) {
                for (Choice operation : family.operations()) {
                    List<String> ways = new ArrayList<>(List.of(operation.words(), operation.id()));
                    family.spokenAs()
                            .ifPresent(as -> as.verbs().forEach((verb, meant) -> {
                                if (meant.equals(operation.id())) {
                                    ways.add(verb);
                                }
                            }));
                    for (String way : ways) {
                        List<String> parts =
                                List.of(way.toLowerCase(Locale.ROOT).split("[ -]"));
                        int at = find(parts);
                        if (at >= 0 && (at < best || (at == best && parts.size() > longest))) {
                            best = at;
                            longest = parts.size();
                            id = operation.id();
                            said = operation.words();
                        }
                    }
                }
            }
            if (!id.isEmpty()) {
                String typed = take(best, longest);
                fields.put(Families.OPERATION, id);
                understood.add(new Understood(typed, "Operation", said));
            }
            return Families.of(fields);
        }

        private void machine() {
            machines.entrySet().stream()
                    .sorted(Comparator.comparingInt((Map.Entry<String, String> machine) ->
                            -machine.getValue().length()))
                    .filter(machine -> !machine.getValue().isBlank())
                    .forEach(machine -> {
                        List<String> name = List.of(
                                machine.getValue().toLowerCase(Locale.ROOT).split("\\s+"));
                        int at = find(name);
                        if (at >= 0 && !fields.containsKey(Families.MACHINE)) {
                            String typed = take(at, name.size());
                            fields.put(Families.MACHINE, machine.getKey());
                            understood.add(new Understood(typed, "Machine", machine.getValue()));
                        }
                    });
        }

        /** A text that its own reader knows: the longest run of words that it takes. */
        private void called(SpokenAs.Called called) {
            for (int run = LONGEST_CALL; run >= 1; run--) {
                for (int at = 0; at + run <= words.size(); at++) {
                    boolean open = true;
                    for (int i = at; i < at + run; i++) {
                        open &= !used[i];
                    }
                    String text = String.join(" ", words.subList(at, at + run));
                    if (open
                            && !fields.containsKey(called.entry().id())
                            && called.reads().test(text)) {
                        take(at, run);
                        fields.put(called.entry().id(), text);
                        understood.add(new Understood(text, called.entry().label(), text));
                    }
                }
            }
        }

        /** A fit goes to the tolerance, and the number before it is the size wanted. */
        private void tolerances(SpokenAs as) {
            if (as.tolerance().isEmpty()) {
                return;
            }
            for (int i = 0; i < words.size(); i++) {
                String word = words.get(i);
                boolean limits = word.startsWith("±") || word.startsWith("+") || word.startsWith("-");
                boolean reads = Tolerance.parse(word, 20, units) instanceof Parsed.Good<Tolerance>;
                if (used[i] || !reads || !(limits || FIT.matcher(word).matches())) {
                    continue;
                }
                put(as.tolerance().get(), i, word);
                if (i > 0 && !used[i - 1] && measures(as.finished(), words.get(i - 1))) {
                    put(as.finished(), i - 1, words.get(i - 1));
                }
                return;
            }
        }

        private void fromTo(SpokenAs as) {
            for (int i = 1; i + 1 < words.size(); i++) {
                if (!low(i).equals("to")) {
                    continue;
                }
                boolean taken = fields.containsKey(as.finished().id());
                if (!taken && !used[i + 1] && measures(as.finished(), words.get(i + 1))) {
                    put(as.finished(), i + 1, words.get(i + 1));
                    taken = true;
                }
                if (taken && !used[i - 1] && measures(as.from(), words.get(i - 1))) {
                    put(as.from(), i - 1, words.get(i - 1));
                }
            }
        }

        /** A roughness that bears its own name. */
        private void finish(SpokenAs.Marked mark) {
            for (int i = 0; i < words.size(); i++) {
                if (words.get(i).startsWith("Ra ") && !used[i] && measures(mark.entry(), words.get(i))) {
                    put(mark.entry(), i, words.get(i));
                }
            }
        }

        private void marked(SpokenAs.Marked mark, boolean before) {
            for (int i = 0; i < words.size(); i++) {
                if (used[i] || fields.containsKey(mark.entry().id()) || !measures(mark.entry(), words.get(i))) {
                    continue;
                }
                int end = behind(i + 1, mark.after());
                if (before && i > 0 && !used[i - 1] && mark.before().contains(low(i - 1))) {
                    used[i - 1] = true;
                    // "in 22 bore": said on both sides, meant once.
                    Arrays.fill(used, i + 1, end, true);
                    put(mark.entry(), i, words.get(i));
                } else if (!before) {
                    if (end > i + 1) {
                        Arrays.fill(used, i + 1, end, true);
                        put(mark.entry(), i, words.get(i));
                    }
                }
            }
        }

        /** Where one of these marks ends that stands here, with or without "the" within it; here where none does. */
        private int behind(int from, List<String> marks) {
            for (String mark : marks) {
                int at = from;
                boolean stands = true;
                for (String word : mark.split(" ")) {
                    at += at > from && at < words.size() && low(at).equals("the") ? 1 : 0;
                    stands &= at < words.size() && !used[at] && low(at).equals(word);
                    at++;
                }
                if (stands) {
                    return at;
                }
            }
            return from;
        }

        /** Words of a choice: the longest run of them counts, and of choices with the same run the one that says least besides. */
        private void picks(List<Entry> entries) {
            for (int run = LONGEST_RUN; run >= 1; run--) {
                for (int at = 0; at + run <= words.size(); at++) {
                    for (Entry entry : entries) {
                        if (!fields.containsKey(entry.id()) && free(at, run)) {
                            pick(entry, at, run);
                        }
                    }
                }
            }
        }

        private void pick(Entry entry, int at, int run) {
            List<String> said = new ArrayList<>();
            for (int i = at; i < at + run; i++) {
                said.add(low(i));
            }
            if (NOISE.contains(said.getFirst()) || NOISE.contains(said.getLast())) {
                return;
            }
            ShopWords.meant(entry.id(), String.join(" ", said))
                    .or(() -> entry.choices().stream()
                            .filter(choice -> says(choice, said))
                            .min(Comparator.comparingInt(
                                    choice -> vocabulary(choice.words()).size()))
                            .map(Choice::id))
                    .flatMap(id -> entry.choices().stream()
                            .filter(choice -> choice.id().equals(id))
                            .findFirst())
                    .ifPresent(choice -> {
                        String typed = take(at, run);
                        fields.put(entry.id(), choice.id());
                        understood.add(new Understood(typed, entry.label(), choice.words()));
                    });
        }

        private static boolean says(Choice choice, List<String> said) {
            Set<String> name = vocabulary(choice.words() + " " + choice.id());
            Set<String> all = vocabulary(choice.words() + " " + choice.id() + " " + choice.more());
            boolean named = false;
            for (String word : said) {
                for (String part : word.split("-")) {
                    if (NOISE.contains(part)) {
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

        private static Set<String> vocabulary(String text) {
            return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}.]+"))
                    .filter(word -> !word.isEmpty())
                    .collect(Collectors.toSet());
        }

        private void bare(List<Entry> order) {
            for (Entry entry : order) {
                for (int i = 0; i < words.size() && !fields.containsKey(entry.id()); i++) {
                    if (!used[i] && measures(entry, words.get(i))) {
                        put(entry, i, words.get(i));
                    }
                }
            }
        }

        private void derived(SpokenAs.Derived rule) {
            String said = fields.get(rule.of().id());
            if (said == null || fields.containsKey(rule.entry().id())) {
                return;
            }
            if (MeasureParser.parse(said, rule.of().limits().orElseThrow(), units)
                    instanceof Parsed.Good<Reading>(Reading reading)) {
                double mm = reading.value() + (units == UnitSystem.METRIC ? rule.plusMm() : 25.4 * rule.plusInch());
                String text = new UnitFormat(units).typed(mm);
                if (measures(rule.entry(), text)) {
                    fields.put(rule.entry().id(), text);
                    assumed.add(new Understood("", rule.entry().label(), text));
                }
            }
        }

        private boolean measures(Entry entry, String word) {
            return NUMBER.matcher(word).matches()
                    && entry.limits().isPresent()
                    && MeasureParser.parse(word, entry.limits().get(), units) instanceof Parsed.Good<?>;
        }

        private void put(Entry entry, int at, String text) {
            used[at] = true;
            fields.put(entry.id(), text);
            understood.add(new Understood(text, entry.label(), text));
        }

        private String low(int i) {
            return words.get(i).toLowerCase(Locale.ROOT);
        }

        private boolean free(int at, int run) {
            for (int i = at; i < at + run; i++) {
                if (used[i] || (NUMBER.matcher(words.get(i)).matches() && !ShopWords.isNumbered(low(i)))) {
                    return false;
                }
            }
            return true;
        }

        private int find(List<String> parts) {
            for (int at = 0; at + parts.size() <= words.size(); at++) {
                boolean same = true;
                for (int i = 0; i < parts.size() && same; i++) {
                    same = !used[at + i] && low(at + i).equals(parts.get(i));
                }
                if (same) {
                    return at;
                }
            }
            return -1;
        }

        private String take(int at, int run) {
            Arrays.fill(used, at, at + run, true);
            return String.join(" ", words.subList(at, at + run));
        }
    }

    private static List<String> split(String line) {
        List<String> parts = new ArrayList<>();
        for (String part : line.strip().split("\\s+|,\\s+|;")) {
            String word = part.replaceAll("^[,;(]+|[,;:)]+$", "");
            if (word.endsWith(".") && word.length() > 1) {
                word = word.substring(0, word.length() - 1);
            }
            var both = NUMBER_WITH_FIT.matcher(word);
            if (both.matches() && !UNITS.contains(both.group(2).toLowerCase(Locale.ROOT))) {
                parts.add(both.group(1));
                parts.add(both.group(2));
            } else if (!word.isEmpty()) {
                parts.add(word);
            }
        }
        return parts;
    }

    /** "1/2 in deep" is half an inch; "50 in brass" is not fifty inches, nor "6 in 22 bore" six. */
    private static boolean isUnit(List<String> parts, int at) {
        if (at + 2 < parts.size()
                && NUMBER.matcher(parts.get(at + 1)).matches()
                && WITHIN.contains(parts.get(at + 2).toLowerCase(Locale.ROOT))
                && !parts.get(at - 1).contains("/")) {
            return false;
        }
        return !parts.get(at).equalsIgnoreCase("in")
                || parts.get(at - 1).contains("/")
                || at + 1 == parts.size()
                || (NUMBER.matcher(parts.get(at + 1)).matches()
                        && !ShopWords.isNumbered(parts.get(at + 1).toLowerCase(Locale.ROOT)))
                || BEHIND_INCHES.contains(parts.get(at + 1).toLowerCase(Locale.ROOT));
    }

    /** Numbers with the unit behind them, and 1 3/8 as one. */
    private static List<String> joined(List<String> parts) {
        List<String> joined = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            String part = parts.get(i);
            String before = joined.isEmpty() ? "" : joined.getLast();
            boolean number = NUMBER.matcher(before).matches() && !before.contains(" ");
            if (number && part.matches("\\d+/\\d+") && before.matches("\\d+")) {
                joined.set(joined.size() - 1, before + "-" + part);
            } else if (number
                    && UNITS.contains(part.toLowerCase(Locale.ROOT))
                    && before.matches(".*[\\d.]")
                    && isUnit(parts, i)) {
                joined.set(joined.size() - 1, before + " " + part);
            } else if (before.equalsIgnoreCase("ra") && NUMBER.matcher(part).matches()) {
                joined.set(joined.size() - 1, "Ra " + part);
            } else {
                joined.add(part);
            }
        }
        return joined;
    }
}
