package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.rule.Rule;
import boldwedge.core.testing.Answers;
import boldwedge.core.testing.Shop;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever looks at one station is told the same as whoever looks at all of them, only less of it. */
class LooksTest {
    static Stream<PlanRequest> jobs() {
        return FamilyContractTest.jobs();
    }

    /** At a station what is to be seen there is whole; of the others the worst stands, and what is in the way further on. */
    @ParameterizedTest
    @MethodSource("jobs")
    void aStationIsToldWhole(PlanRequest request) {
        PlanAnswer all = Answers.of(request);
        for (Look look : Look.values()) {
            if (look == Look.ALL) {
                continue;
            }
            PlanAnswer seen = Planner.plan(request, look, true);
            assertThat(seen.worked()).isEqualTo(all.worked());
            Set<Station> spoken = new HashSet<>();
            List<String> expected = all.findings().stream()
                    .filter(finding -> spoken.add(finding.station()) || look.sees(finding))
                    .map(Finding::id)
                    .toList();
            assertThat(seen.findings()).as(look.name()).extracting(Finding::id).isEqualTo(expected);
            for (Finding finding : seen.findings()) {
                Finding whole = all.findings().stream()
                        .filter(other -> other.id().equals(finding.id()))
                        .findFirst()
                        .orElseThrow();
                assertThat(finding.verdict()).isEqualTo(whole.verdict());
                assertThat(finding.statement()).isEqualTo(whole.statement());
                if (look.seesWhole(whole, true)) {
                    assertThat(finding).isEqualTo(whole);
                }
            }
            assertThat(all.scenes())
                    .extracting(Scene::id)
                    .containsAll(seen.scenes().stream().map(Scene::id).toList());
        }
    }

    /** What judges nothing may be left out by whoever judges: it only tells, at its station, and offers no mend. */
    @ParameterizedTest
    @MethodSource("families")
    void whatOnlyTellsJudgesNothing(ToolFamily<?> family) {
        family.operations()
                .forEach(operation -> tellsOnly(
                        family,
                        new PlanRequest(
                                Map.of("operation", operation.id()),
                                UnitSystem.METRIC,
                                Optional.of(Shop.machineFor(operation.id())))));
    }

    static List<ToolFamily<?>> families() {
        return Families.all();
    }

    private static <C> void tellsOnly(ToolFamily<C> family, PlanRequest request) {
        C cut = family.read(request).cut().orElseThrow();
        UnitFormat say = new UnitFormat(request.units());
        for (Rule<C> rule : family.rules()) {
            if (rule.isFor(none -> false)) {
                continue;
            }
            for (Finding finding : rule.ask(cut, say)) {
                assertThat(finding.verdict()).isEqualTo(Verdict.TOLD);
                assertThat(finding.mends()).isEmpty();
                assertThat(rule.isFor(station -> station == finding.station())).isTrue();
            }
        }
        List<Finding> judged = Rule.judge(family.rules(), cut, say);
        assertThat(Rule.ask(family.rules(), cut, say))
                .filteredOn(finding -> finding.verdict() != Verdict.TOLD)
                .isEqualTo(judged.stream()
                        .filter(finding -> finding.verdict() != Verdict.TOLD)
                        .toList());
    }
}
