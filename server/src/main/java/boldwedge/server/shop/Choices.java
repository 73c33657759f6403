package boldwedge.server.shop;

import boldwedge.core.planning.Choice;
import boldwedge.core.planning.HeightReading;
import boldwedge.core.planning.LatheField;
import java.util.Arrays;
import java.util.List;

/**
 * What can be picked apart from any cut; what a cut asks is told by its family.
 *
 * @param heightsBy what a height can be measured by
 * @param latheEntries the entries of a lathe's card
 */
public record Choices(List<Choice> heightsBy, List<Choice> latheEntries) {
    static Choices shipped() {
        return new Choices(
                Choice.of(HeightReading.How.values()),
                Arrays.stream(LatheField.values())
                        .map(field -> new Choice(field.id(), field.label()))
                        .toList());
    }
}
