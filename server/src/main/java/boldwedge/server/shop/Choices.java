package boldwedge.server.shop;

import boldwedge.core.jobs.entry.EdgeLifeField;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.HeightReading;
import boldwedge.core.planning.LatheField;
import boldwedge.core.planning.MachinePicture;
import boldwedge.core.planning.StockChoices;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * What can be picked apart from any cut; what a cut asks is told by its family.
 *
 * @param heightsBy what a height can be measured by
 * @param latheEntries the entries of a machine's card
 * @param toolSteels steels that can be hardened
 * @param edgeLife what is asked of an edge that wears
 * @param pictures machines drawn
 */
public record Choices(
        List<Choice> heightsBy,
        List<CardEntry> latheEntries,
        List<Choice> toolSteels,
        List<Choice> edgeLife,
        List<CardPicture> pictures) {
    /**
     * A machine drawn, with entries of its card where they stand.
     *
     * @param kind of machine
     * @param scene the drawing
     */
    public record CardPicture(String kind, Scene scene) {}

    /**
     * An entry of a machine's card.
     *
     * @param id its name
     * @param words what it is called
     * @param more what it makes better, told while it is left empty; empty where it must be there
     * @param part the part of the card that it stands in, in words
     * @param choices what it can be picked from; empty when it is typed
     * @param usual which of them it is where nothing is said; empty where that says nothing
     * @param kinds the kinds of machine whose cards have it
     */
    public record CardEntry(
            String id,
            String words,
            String more,
            String part,
            List<Choice> choices,
            String usual,
            List<String> kinds) {}

    static Choices shipped() {
        return new Choices(
                Choice.of(HeightReading.How.values()),
                Arrays.stream(LatheField.values())
                        .sorted(Comparator.comparing(LatheField::part))
                        .map(Choices::entry)
                        .toList(),
                StockChoices.steels().choices(),
                Arrays.stream(EdgeLifeField.values())
                        .map(field -> new Choice(field.id(), field.label()))
                        .toList(),
                MachinePicture.all().stream()
                        .map(picture -> new CardPicture(Entry.choice(picture.kind()), picture.scene()))
                        .toList());
    }

    private static CardEntry entry(LatheField field) {
        return new CardEntry(
                field.id(),
                field.label(),
                field.better(),
                field.part().words(),
                field.choices(),
                field.asked().usualMetric(),
                field.kinds().kinds().stream().map(Entry::choice).toList());
    }
}
