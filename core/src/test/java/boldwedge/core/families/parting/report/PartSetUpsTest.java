package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SetUps;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The search of parting's set-ups against whole plans. */
class PartSetUpsTest {
    /** What the search goes by, as the ledger calls it. */
    private static final Set<String> BOUNDS = Set.of("breaks-first", "digs-in", "chatter", "power", "feed", "speed");

    static List<PlanRequest> jobs() {
        return List.of(
                Shop.request("operation", "part", "partDiameter", "25", "partBore", "0"),
                Shop.request(
                        "operation",
                        "part",
                        "partDiameter",
                        "50",
                        "partBore",
                        "10",
                        "material",
                        "stainless-austenitic"),
                Shop.request("operation", "part", "partDiameter", "12", "partBore", "0", "material", "brass-free"),
                Shop.request("operation", "groove", "partDiameter", "30", "grooveBottom", "24", "grooveWidth", "3"));
    }

    private static PlanAnswer taken(PlanRequest request, SetUps.SetUp one) {
        Map<String, String> fields = new HashMap<>(request.fields());
        fields.putAll(one.take());
        return Planner.plan(new PlanRequest(fields, request.units(), request.lathe()));
    }

    /** What is offered can be taken, and the ledger then says what the search said. */
    @ParameterizedTest
    @MethodSource("jobs")
    void whatIsOfferedHoldsWhenItIsTaken(PlanRequest request) {
        SetUps found = Planner.setUps(request).orElseThrow();
        assertThat(found.best()).isNotEmpty();
        // Each that was tried holds, or is counted among those that are lost.
        long lost = found.lost().stream()
                .mapToLong(line -> Long.parseLong(line.replaceFirst(" .*", "")))
                .sum();
        assertThat(found.hold() + lost).isEqualTo(found.tried()).isGreaterThanOrEqualTo(60);
        for (SetUps.SetUp one : found.best()) {
            PlanAnswer then = taken(request, one);
            assertThat(then.worked()).as(one.words()).isTrue();
            List<Finding> bounds = then.findings().stream()
                    .filter(finding -> BOUNDS.contains(finding.id()))
                    .toList();
            if (one.verdict() == Verdict.FINE) {
                assertThat(bounds)
                        .as(one.words())
                        .allSatisfy(finding -> assertThat(finding.verdict())
                                .as(finding.statement())
                                .isEqualTo(Verdict.FINE));
            }
            if (one.verdict() != Verdict.WRONG) {
                assertThat(bounds).as(one.words()).noneMatch(finding -> finding.verdict() == Verdict.WRONG);
            }
            assertThat(one.does().contains("Listen for chatter"))
                    .isEqualTo(bounds.stream()
                            .anyMatch(finding -> finding.id().equals("chatter") && finding.margin() < 0));
        }
    }

    /** Each way of holding a kind of blade is offered once, so that six lines tell six different things. */
    @ParameterizedTest
    @MethodSource("jobs")
    void noTwoAreAlike(PlanRequest request) {
        SetUps found = Planner.setUps(request).orElseThrow();
        assertThat(found.best().stream()
                        .map(one -> one.take().get("blade")
                                + one.take().get("partHolder")
                                + one.take().get("partPost")))
                .doesNotHaveDuplicates();
        assertThat(found.best()).hasSizeLessThanOrEqualTo(6);
        assertThat(found.hold()).isLessThanOrEqualTo(found.tried());
    }

    /** A light job in brass needs no new holder; heavy stainless is not left to a post alone. */
    @Test
    void nothingIsBuiltThatIsNotNeeded() {
        SetUps light = Planner.setUps(jobs().get(2)).orElseThrow();
        assertThat(light.best().getFirst().words()).contains("in the tool post").doesNotContain("behind");
        SetUps heavy = Planner.setUps(jobs().get(1)).orElseThrow();
        assertThat(heavy.best().getFirst().words()).matches(".*(block|behind).*");
    }

    /** A measured stiffness belongs to the holder that it was measured under. */
    @Test
    void anotherHolderDoesNotInheritWhatWasMeasured() {
        PlanRequest request = Shop.request(
                "operation", "part", "partDiameter", "25", "partBore", "0", "partPostStiffness", "10 N/µm");
        Planner.setUps(request).orElseThrow().best().stream()
                .filter(one -> one.take().containsKey("partHolder"))
                .forEach(one -> assertThat(one.take()).containsEntry("partPostStiffness", ""));
    }
}
