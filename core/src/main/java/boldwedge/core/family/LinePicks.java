package boldwedge.core.family;

import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a line picks from lists by its words: materials, ways of holding, bits. */
final class LinePicks {
    private static final int LONGEST_RUN = 6;

    /** The field of what is cut. */
    private static final String WORK = "material";

    private final LineWords words;
    private final Map<String, String> fields;
    private final List<TypedCut.Understood> understood;

    /**
     * Of a line.
     *
     * @param words takes what is read from them
     * @param fields takes what was picked
     * @param understood takes what was understood
     */
    LinePicks(LineWords words, Map<String, String> fields, List<TypedCut.Understood> understood) {
        this.words = words;
        this.fields = fields;
        this.understood = understood;
    }

    /** Words of a choice: the longest run of them counts, and of choices with the same run the one that says least besides. */
    void read(List<Entry> entries) {
        for (int run = LONGEST_RUN; run >= 1; run--) {
            for (int at = 0; at + run <= words.size(); at++) {
                for (Entry entry : entries) {
                    if (!fields.containsKey(entry.id())
                            && (words.free(at, run) || (run == 1 && names(entry, at)) || sized(entry, at, run))) {
                        pick(entry, at, run);
                    }
                }
            }
        }
        hardened(entries);
    }

    private void pick(Entry entry, int at, int run) {
        List<String> said = new ArrayList<>();
        for (int i = at; i < at + run; i++) {
            said.add(words.low(i));
        }
        boolean called = ShopWords.meant(entry.id(), String.join(" ", said)).isPresent();
        if (said.stream().allMatch(LineWords::isVague)
                || (!called && LineWords.isNoise(said.getFirst()))
                || (!called && LineWords.isNoise(said.getLast()))
                || (run == 1 && LineOperation.isVerb(fields, said.getFirst()))) {
            return;
        }
        String joined = String.join(" ", said);
        List<String> parts = ChoiceWords.parts(said);
        ShopWords.meant(entry.id(), joined)
                .or(() -> entry.choices().stream()
                        .map(Choice::id)
                        .filter(id -> id.equalsIgnoreCase(joined))
                        .findFirst())
                .or(() -> entry.choices().stream()
                        .filter(choice -> ChoiceWords.of(choice).says(parts))
                        .min(Comparator.comparingInt(
                                choice -> ChoiceWords.of(choice).length()))
                        .map(Choice::id))
                .flatMap(id -> entry.choices().stream()
                        .filter(choice -> choice.id().equals(id))
                        .findFirst())
                .ifPresent(choice -> {
                    String typed = words.take(at, run);
                    fields.put(entry.id(), choice.id());
                    understood.add(new TypedCut.Understood(typed, entry.label(), choice.words()));
                });
    }

    /** "4140 at 40 HRC": the same steel as hard as that, where it is tabled so; hardness alone names a steel too. */
    private void hardened(List<Entry> entries) {
        // Of a steel that is to be hardened the hardness is what is wanted.
        for (Entry entry : entries.stream().filter(one -> one.id().equals(WORK)).toList()) {
            String picked = fields.getOrDefault(entry.id(), "");
            for (int i = 0; i < words.size(); i++) {
                Optional<Choice> harder =
                        words.isOpen(i) ? ChoiceWords.asHard(entry, picked, words.low(i)) : Optional.empty();
                if (harder.isPresent()) {
                    fields.put(entry.id(), harder.get().id());
                    understood.add(new TypedCut.Understood(
                            words.take(i, 1), entry.label(), harder.get().words()));
                }
            }
        }
    }

    /** Words that say once more what was picked already: "316 stainless", "D2 annealed". */
    void alsoSaid(List<Entry> entries) {
        for (Entry entry : entries) {
            String id = fields.get(entry.id());
            entry.choices().stream()
                    .filter(choice -> choice.id().equals(id))
                    .findFirst()
                    .ifPresent(choice -> {
                        for (int i = 0; i < words.size(); i++) {
                            if (words.isOpen(i)
                                    && !LineWords.isNoise(words.low(i))
                                    && words.free(i, 1)
                                    && ChoiceWords.of(choice).all().contains(words.low(i))) {
                                words.use(i, i + 1);
                            }
                        }
                    });
        }
    }

    /** Whether a run begins with a fraction or an angle that is in a choice's own name: "1/4 socket head", "55° insert". */
    private boolean sized(Entry entry, int at, int run) {
        if (run < 2 || words.ends(at) || !words.isOpen(at)) {
            return false;
        }
        if (words.areOpen(at, run)
                && ShopWords.meant(entry.id(), String.join(" ", words.subList(at, at + run)))
                        .isPresent()) {
            return true;
        }
        if (!words.free(at + 1, run - 1)) {
            return false;
        }
        // "3/8 steel" is of steel.
        boolean ofStuff = ShopWords.meant("material", String.join(" ", words.subList(at + 1, at + run)))
                .isPresent();
        String size = words.low(at).replace(" °", "°");
        boolean named = size.endsWith("°") || size.matches("\\d+[/.]\\d+");
        return named
                && !ofStuff
                && entry.choices().stream()
                        .anyMatch(choice -> ChoiceWords.of(choice).name().contains(size.replace("°", "")));
    }

    /** A word that looks like a number and is the name of a choice: the screw 3/8-16. */
    private boolean names(Entry entry, int at) {
        return words.isOpen(at)
                && words.low(at).contains("-")
                && (ShopWords.meant(entry.id(), words.low(at)).isPresent()
                        || entry.choices().stream()
                                .anyMatch(choice -> choice.id().equalsIgnoreCase(words.get(at))));
    }
}
