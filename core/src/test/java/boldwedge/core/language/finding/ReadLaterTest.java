package boldwedge.core.language.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What is put into words when it is read: once, and the same. */
@Tag("written")
class ReadLaterTest {
    private final List<String> worked = new ArrayList<>();

    private ReadLater<String> of(String... parts) {
        return new ReadLater<>(() -> {
            worked.addAll(List.of(parts));
            return List.of(parts);
        });
    }

    @Test
    void isWorkedOutWhenItIsFirstReadAndOnce() {
        ReadLater<String> list = of("a", "b");
        assertThat(worked).isEmpty();
        assertThat(list.size()).isEqualTo(2);
        assertThat(list.get(1)).isEqualTo("b");
        assertThat(list.get(0)).isEqualTo("a");
        assertThat(worked).containsExactly("a", "b");
    }

    @Test
    void isAListAsAnyOther() {
        assertThat(of("a", "b")).isEqualTo(List.of("a", "b")).hasSameHashCodeAs(List.of("a", "b"));
        assertThat(of()).isEmpty();
        ReadLater<String> list = of("a");
        assertThatThrownBy(() -> list.get(1)).isInstanceOf(IndexOutOfBoundsException.class);
        assertThatThrownBy(() -> list.set(0, "b")).isInstanceOf(UnsupportedOperationException.class);
    }

    private static InputField field(String id) {
        return new InputField() {
            @Override
            public String id() {
                return id;
            }

            @Override
            public String label() {
                return id;
            }
        };
    }

    @Test
    void mendsAreTriedOutForWhoReadsThem() {
        Finding finding = Finding.at(Station.REACH, "sings", new UnitFormat(UnitSystem.METRIC))
                .says(Verdict.WRONG, "It sings.")
                .mend("Slower", field("speed"), "100 rpm")
                .mendsLater(tried -> {
                    worked.add("tried");
                    tried.mend("Shorter", field("overhang"), "40 mm").note("counts for nothing");
                })
                .build();
        assertThat(finding.brief().mends()).isEmpty();
        assertThat(worked).isEmpty();
        assertThat(finding.mends()).extracting(Fix::label).containsExactly("Slower", "Shorter");
        assertThat(finding.mends()).hasSize(2);
        assertThat(worked).containsExactly("tried");
        assertThat(finding.notes()).isEmpty();
    }

    /** What is only seen as its line of words has told no working; read, it is told in the units that it was asked in. */
    @Test
    void aFindingTellsItsWorkingToWhoReadsIt() {
        Working half = Working.of("Half of it", "d / 2", Amount.mm(12.7)).with("d", Amount.mm(25.4));
        Finding finding = half(new UnitFormat(UnitSystem.INCH), half);
        assertThat(finding.brief().working()).isEmpty();
        assertThat(finding.working())
                .extracting(Step::what, Step::result)
                .containsExactly(tuple("Half of it", "1/2 in"), tuple("Again", "1/2 in"));
        assertThat(half(new UnitFormat(UnitSystem.METRIC), half).working())
                .extracting(Step::result)
                .containsExactly("12.7 mm", "12.7 mm");
        assertThat(finding)
                .isEqualTo(half(new UnitFormat(UnitSystem.INCH), half))
                .isNotEqualTo(half(new UnitFormat(UnitSystem.METRIC), half));
    }

    private static Finding half(UnitFormat say, Working half) {
        return Finding.at(Station.CUT, "half", say)
                .says(Verdict.FINE, "It is half.")
                .step(half)
                .steps(List.of(half.titled("Again")))
                .build();
    }
}
