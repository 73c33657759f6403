package boldwedge.server.families;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.language.finding.Station;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.TrialForm;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A family of tools as it declares itself.
 *
 * @param id its name
 * @param operations what it can be asked to do
 * @param entries what it asks, in order
 * @param trial what can be read of a trial
 * @param kinds what the crib keeps of it
 */
record FamilyDescription(
        String id, List<Choice> operations, List<AskedFor> entries, TrialForm trial, List<Kind> kinds) {

    /**
     * A value that is asked for.
     *
     * @param id its name
     * @param label what it is called
     * @param station where it belongs
     * @param choices what it can be picked from; empty when it is typed, or is a machine
     * @param machine whether it is one of the shop's machines
     * @param kinds of which kinds that machine can be; empty for what is no machine
     */
    record AskedFor(
            String id, String label, Station station, List<Choice> choices, boolean machine, List<String> kinds) {}

    /**
     * A kind of thing that the crib keeps.
     *
     * @param id its name
     * @param words what it is called
     * @param card what its card shows
     * @param drawing id of the drawing on its card
     * @param sample texts of a job that any such thing can do, to draw it in
     * @param figure id of a figure on its card; empty for none
     * @param figureNeeds field without which that figure tells nothing of it
     * @param ground whether it is ground, and measured when it was
     * @param counted whether its trials are counted, for what one costs a cut
     * @param cost field of what one costs; empty where trials are not counted
     */
    record Kind(
            String id,
            String words,
            List<CardRow> card,
            String drawing,
            Map<String, String> sample,
            String figure,
            String figureNeeds,
            boolean ground,
            boolean counted,
            String cost) {}

    /** A row of a card. */
    record CardRow(String field, String label) {}

    static FamilyDescription of(ToolFamily<?> family) {
        return new FamilyDescription(
                family.id(),
                family.operations(),
                family.entries().stream().map(FamilyDescription::asked).toList(),
                family.trial(),
                family.kinds().stream().map(FamilyDescription::kind).toList());
    }

    private static AskedFor asked(Entry entry) {
        return new AskedFor(
                entry.id(),
                entry.label(),
                entry.station(),
                entry.id().equals(Families.OPERATION) ? Families.operations() : entry.choices(),
                entry.asked().machine(),
                entry.asked().machines().kinds().stream().map(Entry::choice).toList());
    }

    private static Kind kind(ToolKind kind) {
        return new Kind(
                kind.id(),
                kind.words(),
                kind.card().fields().stream()
                        .map(entry ->
                                new CardRow(entry.id(), kind.card().shows().getOrDefault(entry, entry.label())))
                        .toList(),
                kind.card().drawing(),
                kind.card().sample().entrySet().stream()
                        .collect(Collectors.toMap(text -> text.getKey().id(), Map.Entry::getValue)),
                kind.card().figure(),
                kind.card().figureNeeds(),
                kind.ground(),
                kind.counted(),
                kind.cost());
    }
}
