package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A cause is named with its fit, the likeliest first. */
class CausesTest {
    /** Three rules: one names two causes, one nothing, one a cause that hardly fits. */
    @Test
    void rulesNameCausesAndTheLikeliestComesFirst() {
        List<CauseRule<String, Double>> rules = List.of(
                (cut, seen, found) -> {
                    found.name("wears", "It wears", 0.3).says("A plain line.");
                    found.name("springs", "It springs", 0.8)
                            .says("%s of %s.", seen, cut)
                            .by(Working.of("Half", "d / 2", Amount.mm(12.7)).with("d", Amount.mm(25.4)));
                },
                (cut, seen, found) -> {},
                (cut, seen, found) -> found.name("moon", "The moon", 0.01));
        List<Cause> causes = CauseRule.ranked(rules, "it", 2.0, new UnitFormat(UnitSystem.INCH))
                .causes();
        assertThat(causes).extracting(Cause::id).containsExactly("springs", "wears");
        assertThat(causes.getFirst().explains()).isEqualTo("2.0 of it.");
        assertThat(causes.getFirst().working()).extracting(Step::result).containsExactly("1/2 in");
        assertThat(causes.getLast().explains()).isEqualTo("A plain line.");
        assertThat(causes.getLast().working()).isEmpty();
    }

    /** Only the likeliest is acted on: what is done about a lesser one is not even worked out. */
    @Test
    void theLikeliestCauseBringsItsRemedy() {
        List<CauseRule<String, Double>> rules = List.of((cut, seen, found) -> {
            found.name("wears", "It wears", 0.3).then(() -> {
                throw new IllegalStateException("nobody asked");
            });
            found.name("springs", "It springs", 0.8).then(Fix.atTheMachine("Stouter"), "Then it springs less.");
        });
        Ranked ranked = CauseRule.ranked(rules, "it", 2.0, new UnitFormat(UnitSystem.METRIC));
        assertThat(ranked.remedy()).map(Remedy::expected).contains("Then it springs less.");
        assertThat(Ranked.NOTHING.remedy()).isEmpty();
        assertThat(CauseRule.ranked(
                                List.<CauseRule<String, Double>>of(
                                        (cut, seen, found) -> found.name("moon", "The moon", 0.5)),
                                "it",
                                2.0,
                                new UnitFormat(UnitSystem.METRIC))
                        .remedy())
                .isEmpty();
    }

    /** After Gauss: 1 where nothing is off, 0.6065 at one sigma, 0.1353 at two, the same to either side. */
    @Test
    void whatFits() {
        assertThat(Causes.fit(0, 0.3)).isEqualTo(1);
        assertThat(Causes.fit(0.3, 0.3)).isCloseTo(0.60653, within(1e-5));
        assertThat(Causes.fit(-0.6, 0.3)).isCloseTo(0.13534, within(1e-5));
    }
}
