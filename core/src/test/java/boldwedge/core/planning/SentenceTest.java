package boldwedge.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.SentencePart.Kind;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A sentence is written with its blanks and read into words, values and choices. */
@Tag("written")
class SentenceTest {
    private static final ToolFamily<?> SCRIBING = Families.of(Map.of("operation", "scribe"));
    private static final List<Entry> ENTRIES = SCRIBING.entries();

    /** A choice keeps the punctuation behind it; behind a value it begins the next words. */
    @Test
    void isWrittenAsItIsRead() {
        assertThat(Sentence.of(
                        ENTRIES, "{operation} {material}: a line {lineWidth}, {scriberLength} long, on {lathe}."))
                .containsExactly(
                        new SentencePart(Kind.CHOICE, "operation", ""),
                        new SentencePart(Kind.CHOICE, "material", ":"),
                        new SentencePart(Kind.WORDS, "a line", ""),
                        new SentencePart(Kind.VALUE, "lineWidth", ""),
                        new SentencePart(Kind.WORDS, ",", ""),
                        new SentencePart(Kind.VALUE, "scriberLength", ""),
                        new SentencePart(Kind.WORDS, "long, on", ""),
                        new SentencePart(Kind.CHOICE, "lathe", "."));
    }

    /** A tolerance or a thread has neither a range nor choices: it is typed. */
    @Test
    void whatIsReadByItsOwnRulesIsTyped() {
        for (String[] one : new String[][] {{"turn", "tolerance"}, {"bore", "boreTolerance"}, {"thread", "thread"}}) {
            List<Entry> entries = Families.of(Map.of("operation", one[0])).entries();
            assertThat(Sentence.of(entries, "{" + one[1] + "}."))
                    .containsExactly(new SentencePart(Kind.VALUE, one[1], ""), new SentencePart(Kind.WORDS, ".", ""));
        }
    }

    @Test
    void namesNothingThatIsNotAsked() {
        assertThatThrownBy(() -> Sentence.of(ENTRIES, "{operation} of {diameter}"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("diameter");
    }

    /** The printed line: values with their units as they were typed, choices in words; a field that there is not leaves nothing. */
    @Test
    void aLineIsFilledWithWhatStandsInTheFields() {
        Map<String, String> fields = new HashMap<>(Map.of("operation", "scribe", "lineWidth", ".004 in"));
        Read<?> read = SCRIBING.read(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())));
        assertThat(read.filled("{operation} {lineWidth} wide{nothing} in {material}."))
                .isEqualTo("scribe .004 in wide in Free-cutting brass, half hard, leaded.");
    }
}
