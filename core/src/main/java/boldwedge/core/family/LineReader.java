package boldwedge.core.family;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.SpokenAs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads the words of a line as one family says its cuts. */
final class LineReader {
    private static final Pattern FIT = Pattern.compile("[A-Za-z]{1,2}\\d{1,2}");
    /** "±0.01", "+0.02/0", "0/-0.02". */
    private static final Pattern LIMITS = Pattern.compile("[±+-]|0/[+-]");

    /** Words between the size before and "to". */
    private static final int MOST_BETWEEN = 3;

    /** A number with a unit of these is never one of something else. */
    private static final Set<Quantity> SAID_BY_UNIT = Set.of(Quantity.HARDNESS, Quantity.TEMPERATURE, Quantity.POWER);

    private static final int LONGEST_CALL = 3;

    /** A number before one of these is what is measured across. */
    private static final Set<String> ACROSS = Set.of("hole", "bore");

    private final UnitSystem units;
    private final Map<String, String> machines;
    private final LineWords words;
    private final Map<String, String> fields = new LinkedHashMap<>();
    private final List<TypedCut.Understood> understood = new ArrayList<>();
    private final List<TypedCut.Understood> assumed = new ArrayList<>();
    private LineUnits follow = LineUnits.NONE;
    private boolean followed;

    LineReader(String line, UnitSystem units, Map<String, String> machines) {
        this.units = units;
        this.machines = machines;
        this.words = new LineWords(line);
    }

    /** Reads it as this operation is said. */
    void takeFor(Choice operation) {
        fields.put(Families.OPERATION, operation.id());
        understood.add(new TypedCut.Understood("", "Operation", operation.words()));
    }

    /** Whether the line names what is done in a shop, and not here. */
    boolean isElsewhere() {
        return LineOperation.isElsewhere(words);
    }

    TypedCut nothing() {
        return new TypedCut(Map.of(), List.of(), List.of(), words.all(), List.of());
    }

    /** Whether what was read can be of this family alone: a text that only its own reader knows, sizes that go its way, a fit of its kind. */
    boolean isSurely(ToolFamily<?> family) {
        Optional<SpokenAs> as = family.spokenAs();
        if (as.isEmpty()) {
            return false;
        }
        if (as.get().called().stream()
                .anyMatch(called -> fields.containsKey(called.entry().id()))) {
            return true;
        }
        for (SpokenAs.Derived rule : as.get().derived()) {
            if (!rule.entry().equals(as.get().from())) {
                continue;
            }
            boolean isSaid = assumed.stream()
                    .noneMatch(part -> part.label().equals(rule.entry().label()));
            String from = fields.get(rule.entry().id());
            String to = fields.get(rule.of().id());
            if (isSaid && from != null && to != null) {
                return rule.plusMm() * (TypedCut.mm(from, units) - TypedCut.mm(to, units)) > 0;
            }
            String fit =
                    as.get().tolerance().map(entry -> fields.get(entry.id())).orElse("");
            if (FIT.matcher(fit == null ? "" : fit).matches()) {
                return Character.isLowerCase(fit.charAt(0)) == rule.plusMm() > 0;
            }
        }
        return false;
    }

    TypedCut read(ToolFamily<?> family) {
        Optional<SpokenAs> spoken = family.spokenAs();
        machine();
        if (spoken.isPresent()) {
            SpokenAs as = spoken.get();
            as.called().forEach(this::called);
            follow = LineUnits.of(words, units);
            tolerances(as);
            fromTo(as);
            List<SpokenAs.Marked> marks = as.marked().stream()
                    .filter(mark -> mark.holdsIn(fields.getOrDefault(Families.OPERATION, "")))
                    .toList();
            marks.forEach(this::finish);
            off(as);
            // "30 bore 16" is a bore of 16: a word belongs to the number behind it before it belongs to the one
            // before.
            marks.forEach(mark -> marked(mark, true, marks));
            marks.forEach(mark -> marked(mark, false, marks));
            LinePicks picks = new LinePicks(words, fields, understood);
            picks.read(as.picks());
            byTheirUnit(as.marked());
            picks.alsoSaid(as.picks());
            bare(as.bareOf(fields.getOrDefault(Families.OPERATION, "")).stream()
                    .filter(entry -> !saidOtherwise(as, entry))
                    .toList());
            as.sunk().ifPresent(sunk -> sunk(as, sunk));
            as.derived().forEach(this::derived);
            as.implied().forEach(this::implied);
            as.follows().forEach(this::follows);
        }
        LineOperation.takeAgain(words, family, fields.getOrDefault(Families.OPERATION, ""));
        if (followed) {
            assumed.add(new TypedCut.Understood("", "Numbers without a unit", follow.words() + ", as the others"));
        }
        return new TypedCut(fields, understood, assumed, words.left(), List.of());
    }

    /** The operation that is asked for first; empty where none is. */
    String operation() {
        Optional<LineOperation> asked = LineOperation.first(words);
        if (asked.isEmpty()) {
            return "";
        }
        LineOperation operation = asked.get();
        fields.put(Families.OPERATION, operation.id());
        understood.add(new TypedCut.Understood(operation.typed(words), "Operation", operation.said()));
        if (!operation.saysMore(words)) {
            words.take(operation.at(), operation.run());
        }
        return operation.id();
    }

    private void machine() {
        machines.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, String> machine) ->
                        -machine.getValue().length()))
                .filter(machine -> !machine.getValue().isBlank())
                .forEach(machine -> {
                    List<String> name =
                            List.of(machine.getValue().toLowerCase(Locale.ROOT).split("\\s+"));
                    int at = words.find(name);
                    if (at >= 0 && !fields.containsKey(Families.MACHINE)) {
                        String typed = words.take(at, name.size());
                        fields.put(Families.MACHINE, machine.getKey());
                        understood.add(new TypedCut.Understood(typed, "Machine", machine.getValue()));
                    }
                });
    }

    /** A text that its own reader knows: the longest run of words that it takes. */
    private void called(SpokenAs.Called called) {
        for (int run = LONGEST_CALL; run >= 1; run--) {
            for (int at = 0; at + run <= words.size(); at++) {
                String text = String.join(" ", words.subList(at, at + run));
                if (words.areOpen(at, run)
                        && !fields.containsKey(called.entry().id())
                        && called.reads().test(text)) {
                    words.take(at, run);
                    fields.put(called.entry().id(), text);
                    understood.add(new TypedCut.Understood(text, called.entry().label(), text));
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
            boolean limits = LIMITS.matcher(word).lookingAt();
            boolean reads = Tolerance.parse(word, 20, units) instanceof Parsed.Good<Tolerance>;
            // "M10" is a thread's name and "H13" a steel's: a fit only right behind its size.
            boolean isNamed = (word.matches("[Mm]\\d+") || ShopWords.isNumbered(words.low(i)))
                    && !(i > 0 && !words.ends(i - 1) && measures(as.finished(), words.get(i - 1)));
            if (!words.isOpen(i)
                    || !reads
                    || isNamed
                    || !(limits || FIT.matcher(word).matches())) {
                continue;
            }
            put(as.tolerance().get(), i, word);
            if (i > 0 && words.isOpen(i - 1) && measures(as.finished(), words.get(i - 1))) {
                put(as.finished(), i - 1, words.get(i - 1));
            }
            return;
        }
    }

    private void fromTo(SpokenAs as) {
        for (int i = 1; i + 1 < words.size(); i++) {
            // "To a shoulder" is to no size.
            if (!words.low(i).equals("to") || !words.isNumber(i + 1)) {
                continue;
            }
            boolean taken = fields.containsKey(as.finished().id());
            if (!taken && words.isOpen(i + 1) && measures(as.finished(), words.get(i + 1))) {
                put(as.finished(), i + 1, words.get(i + 1));
                taken = true;
            }
            int before = i - 1;
            // "3/4 stainless to .700": what it is of may stand between.
            while (before > 0
                    && i - before <= MOST_BETWEEN
                    && !LineWords.standsBehind(words.low(before))
                    && (LineWords.isNoise(words.low(before))
                            || ShopWords.isNumbered(words.low(before))
                            || !ShopLine.NUMBER.matcher(words.get(before)).matches())) {
                before--;
            }
            if (taken && words.isOpen(before) && measures(as.from(), words.get(before))) {
                put(as.from(), before, words.get(before));
            }
        }
    }

    /** "50 thou off 2 inch": so much less on the diameter than it begins with, which is told as taken so. */
    private void off(SpokenAs as) {
        boolean outside = as.derived().stream()
                .anyMatch(
                        rule -> rule.entry().equals(as.from()) && rule.of().equals(as.finished()) && rule.plusMm() > 0);
        // What is taken off an end is no diameter.
        outside &= !as.bareFor().containsKey(fields.getOrDefault(Families.OPERATION, ""));
        for (int i = 1; outside && i + 1 < words.size(); i++) {
            // "half a millimetre off a 40 shaft".
            int of = i + 2 < words.size() && LineWords.isNoise(words.low(i + 1)) ? i + 2 : i + 1;
            boolean said = words.low(i).equals("off")
                    && !words.ends(i)
                    && words.isOpen(i)
                    && words.isOpen(i - 1)
                    && words.isOpen(of);
            if (!said
                    || fields.containsKey(as.finished().id())
                    || !measures(as.from(), words.get(of))
                    || !measures(as.finished(), words.get(i - 1))) {
                continue;
            }
            double left = TypedCut.mm(follow.asMeant(as.from(), words.get(of)), units)
                    - TypedCut.mm(follow.asMeant(as.finished(), words.get(i - 1)), units);
            String text = Written.exact(Quantity.LENGTH, left);
            if (left > 0 && measures(as.finished(), text)) {
                put(as.from(), of, words.get(of));
                words.take(i - 1, 2);
                fields.put(as.finished().id(), text);
                assumed.add(new TypedCut.Understood("", as.finished().label(), text + ", taken off the diameter"));
            }
        }
    }

    /** A roughness that bears its own name. */
    private void finish(SpokenAs.Marked mark) {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).startsWith("Ra ") && words.isOpen(i) && measures(mark.entry(), words.get(i))) {
                put(mark.entry(), i, words.get(i));
            }
        }
    }

    private void marked(SpokenAs.Marked mark, boolean before, List<SpokenAs.Marked> all) {
        for (int i = 0; i < words.size(); i++) {
            if (!words.isOpen(i) || fields.containsKey(mark.entry().id()) || !measures(mark.entry(), words.get(i))) {
                continue;
            }
            int end = words.ends(i) ? i + 1 : words.behind(i + 1, mark.after());
            if (before
                    && i > 0
                    && words.isOpen(i - 1)
                    && !words.ends(i - 1)
                    && mark.before().contains(words.low(i - 1))
                    // "In 416" is of a steel.
                    && !(LineWords.isNoise(words.low(i - 1)) && ShopWords.isNumbered(words.low(i)))
                    && !belongsBehind(mark, i, all)) {
                words.use(i - 1, i - 1 + 1);
                // "in 22 bore": said on both sides, meant once.
                words.use(i + 1, end);
                put(mark.entry(), i, words.get(i));
            } else if (!before && end > i + 1) {
                words.use(i + 1, end);
                put(mark.entry(), i, words.get(i));
            }
        }
    }

    /** "3/4 bore 1 long": the number behind the word has a mark of its own, so the word belongs to the one before it. */
    private boolean belongsBehind(SpokenAs.Marked mark, int at, List<SpokenAs.Marked> all) {
        return at > 1
                && words.isOpen(at - 2)
                && mark.after().contains(words.low(at - 1))
                && measures(mark.entry(), words.get(at - 2))
                // "30 long, 316" is of a steel: it is no length.
                && (ShopWords.isNumbered(words.low(at))
                        || all.stream()
                                .anyMatch(
                                        other -> !other.equals(mark) && words.behind(at + 1, other.after()) > at + 1));
    }

    /** What its own unit says: of all that is asked for only one is a hardness. */
    private void byTheirUnit(List<SpokenAs.Marked> marks) {
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            List<Entry> meant = marks.stream()
                    .map(SpokenAs.Marked::entry)
                    .filter(entry -> SAID_BY_UNIT.contains(
                            entry.limits().map(Limits::quantity).orElse(Quantity.LENGTH)))
                    .filter(entry -> !ShopLine.isBare(words.get(at)) && measures(entry, words.get(at)))
                    .distinct()
                    .toList();
            if (words.isOpen(i)
                    && meant.size() == 1
                    && !fields.containsKey(meant.getFirst().id())) {
                put(meant.getFirst(), i, words.get(i));
            }
        }
    }

    /** A hole for M5 has its size: what is said besides is its depth. */
    private boolean saidOtherwise(SpokenAs as, Entry entry) {
        return as.implied().stream()
                .anyMatch(rule -> rule.unless().equals(entry)
                        && fields.containsKey(rule.of().id()));
    }

    private void bare(List<Entry> order) {
        for (Entry entry : order) {
            for (int i = 0; i < words.size() && !fields.containsKey(entry.id()); i++) {
                // Of a hole's size no other is made: "1 inch reamer, 1.001 hole".
                boolean across =
                        !entry.equals(order.getFirst()) && i + 1 < words.size() && ACROSS.contains(words.low(i + 1));
                if (words.isOpen(i) && !across && !belongsElsewhere(i) && measures(entry, words.get(i))) {
                    put(entry, i, words.get(i));
                }
            }
        }
    }

    /** A number with a word of its own that is not known here: "2 deep" is no diameter, nor is "at 180". */
    private boolean belongsElsewhere(int at) {
        boolean before = at > 0 && words.low(at - 1).equals("at") && words.isOpen(at - 1);
        return before || (at + 1 < words.size() && words.isOpen(at + 1) && LineWords.standsBehind(words.low(at + 1)));
    }

    /** "2 deep in 40": what is wanted lies so much under what is there, on each side. */
    private void sunk(SpokenAs as, SpokenAs.Sunk sunk) {
        String from = fields.get(as.from().id());
        if (from == null
                || !sunk.only().equals(fields.get(Families.OPERATION))
                || fields.containsKey(as.finished().id())) {
            return;
        }
        for (int i = 1; i < words.size(); i++) {
            String depth = words.get(i - 1);
            if (!sunk.after().contains(words.low(i)) || !words.isOpen(i - 1) || !measures(as.finished(), depth)) {
                continue;
            }
            double left = TypedCut.mm(from, units) - 2 * TypedCut.mm(follow.asMeant(as.finished(), depth), units);
            String text = Written.exact(Quantity.LENGTH, left);
            if (left > 0 && measures(as.finished(), text)) {
                words.take(i - 1, 2);
                fields.put(as.finished().id(), text);
                understood.add(new TypedCut.Understood(
                        depth + " " + words.get(i), as.finished().label(), text));
                return;
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
            double plus = units == UnitSystem.METRIC ? rule.plusMm() : 25.4 * rule.plusInch();
            double most = rule.notOver()
                    .map(entry -> fields.get(entry.id()))
                    .map(text -> TypedCut.mm(text, units))
                    .filter(size -> size > 0)
                    .orElse(Double.POSITIVE_INFINITY);
            double mm = reading.value() + Math.min(plus, most);
            String text = new UnitFormat(units).typed(mm);
            if (measures(rule.entry(), text)) {
                fields.put(rule.entry().id(), text);
                assumed.add(new TypedCut.Understood("", rule.entry().label(), text));
            }
        }
    }

    /** What alone makes sense of what was said. */
    private void implied(SpokenAs.Implied rule) {
        if (!fields.containsKey(rule.of().id())
                || fields.containsKey(rule.entry().id())
                || fields.containsKey(rule.unless().id())) {
            return;
        }
        rule.entry().choices().stream()
                .filter(choice -> choice.id().equals(rule.choice()))
                .findFirst()
                .ifPresent(choice -> {
                    fields.put(rule.entry().id(), choice.id());
                    assumed.add(new TypedCut.Understood("", rule.entry().label(), choice.words()));
                });
    }

    /** What a word brings along, told as taken so. */
    private void follows(SpokenAs.Follows rule) {
        for (int i = 0; i < words.size() && !fields.containsKey(rule.entry().id()); i++) {
            if (words.low(i).equals(rule.word())) {
                words.use(i, i + 1);
                String text = new UnitFormat(units).typed(rule.mm());
                fields.put(rule.entry().id(), text);
                assumed.add(new TypedCut.Understood("", rule.entry().label(), text));
            }
        }
    }

    private boolean measures(Entry entry, String word) {
        return ShopLine.NUMBER.matcher(word).matches()
                && entry.limits().isPresent()
                && MeasureParser.parse(
                                follow.asMeant(entry, word), entry.limits().get(), units)
                        instanceof Parsed.Good<?>;
    }

    private void put(Entry entry, int at, String text) {
        words.use(at, at + 1);
        String meant = follow.asMeant(entry, text);
        followed |= !meant.equals(text);
        fields.put(entry.id(), meant);
        understood.add(new TypedCut.Understood(text, entry.label(), meant));
    }
}
