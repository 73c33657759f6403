package boldwedge.core.family;

import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Kept;
import boldwedge.core.planning.Read;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A kind of thing that the crib keeps.
 *
 * @param id its name in the API
 * @param words what it is called
 * @param button what the button says that keeps one
 * @param mark the field that only such a thing brings: what is kept without saying its kind is known by it
 * @param brings what it brings to a cut, and how it is kept
 * @param card how its card shows it
 * @param ground whether it is ground, and measured when it was
 * @param cost field of what one costs, where its trials are counted for what that is a cut; empty where they are not
 */
public record ToolKind(
        String id,
        String words,
        String button,
        Entry mark,
        List<KeptField> brings,
        ToolCard card,
        boolean ground,
        String cost) {
    /** Whether its trials are counted. */
    public boolean counted() {
        return !cost.isEmpty();
    }

    /**
     * A field that is kept.
     *
     * @param entry the field
     * @param onlyWith kept only where all of these were typed, not chosen
     */
    public record KeptField(Entry entry, List<Entry> onlyWith) {}

    /** A kind that is drawn on the cut it was kept from; the rest is added to it. */
    public static ToolKind of(
            String id, String words, String button, Entry mark, List<Entry> brings, List<Entry> card, String drawing) {
        return new ToolKind(
                id,
                words,
                button,
                mark,
                brings.stream().map(entry -> new KeptField(entry, List.of())).toList(),
                new ToolCard(card, Map.of(), drawing, Map.of(), "", ""),
                false,
                "");
    }

    /** The same, keeping fields only where they were typed. */
    public ToolKind keepingTyped(Entry... entries) {
        ToolKind more = this;
        for (Entry entry : entries) {
            more = more.keeping(entry, entry);
        }
        return more;
    }

    /** The same, keeping a field only where others were typed. */
    public ToolKind keeping(Entry entry, Entry... onlyWith) {
        List<KeptField> more = new ArrayList<>(brings);
        more.add(new KeptField(entry, List.of(onlyWith)));
        return new ToolKind(id, words, button, mark, more, card, ground, cost);
    }

    /** The same with shorter names on its card. */
    public ToolKind calling(Map<Entry, String> names) {
        return with(card.calling(names));
    }

    /** The same with the job in which it is drawn. */
    public ToolKind drawnIn(Map<Entry, String> job) {
        return with(card.drawnIn(job));
    }

    /** The same with a figure on its card that stands only when a field is known. */
    public ToolKind showing(String figure, Entry needs) {
        return with(card.showing(figure, needs));
    }

    private ToolKind with(ToolCard other) {
        return new ToolKind(id, words, button, mark, brings, other, ground, cost);
    }

    /** The same, measured when it is ground. */
    public ToolKind groundAndMeasured() {
        return new ToolKind(id, words, button, mark, brings, card, true, cost);
    }

    /** The same, its trials counted, for what one costs a cut. */
    public ToolKind countedByTrials(Entry price) {
        return new ToolKind(id, words, button, mark, brings, card, ground, price.id());
    }

    /** What it is as the crib would keep it of a cut: every value written out, so that it does not change when the advice does. */
    public Kept kept(Read<?> read) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (KeptField field : brings) {
            FieldState state = read.states().get(field.entry());
            if (state != null && field.onlyWith().stream().allMatch(other -> typed(read, other))) {
                boolean picked = field.entry().limits().isEmpty();
                fields.put(
                        state.id(),
                        picked ? state.typed() : state.spelled().isEmpty() ? state.text() : state.spelled());
            }
        }
        return new Kept(id, button, fields);
    }

    private static boolean typed(Read<?> read, Entry entry) {
        FieldState state = read.states().get(entry);
        return state != null && !state.chosen();
    }
}
