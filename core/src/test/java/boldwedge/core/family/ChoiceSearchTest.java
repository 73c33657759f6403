package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A doubt that one own choice in place of another takes away. */
class ChoiceSearchTest {
    private static final Lathe WATCHMAKERS = Shop.lathe(Map.of(
            "swing", "90 mm",
            "centreHeight", "11 mm",
            "largestShank", "9 mm",
            "motor", "0.12 kW",
            "speeds", "74, 103, 145, 202, 283, 397, 555, 778, 1089, 1524, 2134, 2987, 4182 rpm",
            "feeds", "0.03, 0.04, 0.05, 0.066, 0.085, 0.11, 0.14 mm/rev"));

    private static PlanAnswer plan(Lathe lathe, Map<String, String> fields) {
        return Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(lathe)), Look.CUT);
    }

    private static String stands(PlanAnswer answer, String field) {
        return answer.fields().stream()
                .filter(state -> state.id().equals(field))
                .map(FieldState::text)
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Verdict> verdict(PlanAnswer answer, String finding) {
        return answer.findings().stream()
                .filter(one -> one.id().equals(finding))
                .map(one -> one.verdict())
                .findFirst();
    }

    /** A drill's finer feed was for the motor's sake; a cutter of tool steel for 200 seats wants another feed than that. */
    @Test
    void whatWasChosenForAnotherDoubtIsGivenUp() {
        PlanAnswer answer = plan(
                WATCHMAKERS,
                Map.of(
                        "operation", "counterbore",
                        "material", "aluminium-cast",
                        "seatFor", "1/4 plain washer",
                        "seats", "200",
                        "lathe", "x"));
        assertThat(stands(answer, "counterboreKind")).isEqualTo("from tool steel");
        assertThat(verdict(answer, "counterbore-kind")).isNotEqualTo(Optional.of(Verdict.DOUBTFUL));
        assertThat(verdict(answer, "seat-feed")).isEqualTo(Optional.of(Verdict.FINE));
    }
}
