package boldwedge.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.jobs.entry.JobRead;
import boldwedge.core.jobs.entry.JobReader;
import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.jobs.entry.RouteOperations;
import boldwedge.core.jobs.schedule.JobTasks;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.recording.Questions;
import boldwedge.core.testing.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RouteOperationsTest {
    private static final Map<String, String> PLACES = Map.of(
            "lathe", "L", "mill", "M", "drill", "D", "grinder", "G", "furnace", "F", "oven", "O", "saw", "S", "shaper",
            "H");

    /** Whatever is made, its route becomes operations that can be read, and each step has a habit of its own. */
    @Test
    void everyRouteBecomesOperations() {
        int routes = 0;
        for (Questions.Question question : Questions.all()) {
            PlanRequest request =
                    new PlanRequest(question.fields(), question.units(), Optional.of(Shop.lathe(question.lathe())));
            PlanAnswer answer = Planner.plan(request);
            if (answer.steps().isEmpty()) {
                continue;
            }
            routes++;
            assertThat(answer.steps().stream().map(MakeStep::id).filter(step -> !RouteOperations.knows(step)))
                    .as(question.name())
                    .isEmpty();
            List<OperationTexts> operations = RouteOperations.of(answer.steps(), "lot", PLACES);
            JobRead read = JobReader.read(job(operations), question.units(), Set.copyOf(PLACES.values()));
            assertThat(read.errors()).as(question.name()).isEmpty();
            assertThat(read.job().lots().getFirst().operations())
                    .as(question.name())
                    .hasSameSizeAs(operations)
                    .hasSizeBetween(answer.steps().size() - 1, answer.steps().size());
            assertThat(JobTasks.of(read.job(), Map.of())).hasSizeGreaterThanOrEqualTo(operations.size());
        }
        assertThat(routes).isGreaterThan(100);
    }

    /** A step that is a cut itself opens as one that can be worked out, on the machine that it was asked for; its operation too. */
    @Test
    void aStepThatIsACutOpensAsOne() {
        int opened = 0;
        for (Questions.Question question : Questions.all()) {
            PlanAnswer answer = Planner.plan(question.request());
            for (MakeStep step : answer.steps()) {
                for (Fix cut : step.opens()) {
                    PlanAnswer there = Planner.plan(
                            new PlanRequest(cut.opens(), question.units(), Optional.of(Shop.lathe("plain"))));
                    assertThat(there.fields().stream()
                                    .filter(state -> !state.error().isEmpty()))
                            .as("%s: %s %s", question.name(), step.id(), cut.opens())
                            .isEmpty();
                    assertThat(Families.of(cut.opens()).entries().stream().map(Entry::id))
                            .as(step.id())
                            .containsAll(cut.opens().keySet());
                    opened++;
                }
            }
            RouteOperations.of(answer.steps(), "lot", PLACES).stream()
                    .filter(one -> one.habit().equals("cross-hole"))
                    .forEach(one -> assertThat(one.opens()).containsEntry("operation", "ream"));
        }
        assertThat(opened).isGreaterThan(20);
    }

    private static JobTexts job(List<OperationTexts> operations) {
        return new JobTexts(
                List.of(new LotTexts("lot", "tool", "6", "1", "", "", "", "", "", operations)), List.of(), "", "");
    }

    @Test
    void aSoakWaitsAsLongAsItsStepSaysAndTheBathFollowsAtOnce() {
        PlanAnswer answer = Planner.plan(new PlanRequest(
                Map.of("operation", "harden", "steel", "o1", "section", "12", "length", "90"),
                UnitSystem.METRIC,
                Optional.empty()));
        assertThat(answer.worked()).isTrue();
        MakeStep heat = step(answer, "heat");
        OperationTexts soak = operation(answer, "heat");
        assertThat(soak.waits()).isTrue();
        assertThat(soak.machine()).isEqualTo("F");
        assertThat(Double.parseDouble(soak.setUp()))
                .isEqualTo(Math.ceil(heat.waitsMin()))
                .isGreaterThan(10);
        assertThat(operation(answer, "quench").bond()).isEqualTo("at once");
        assertThat(operation(answer, "temper").bond()).isEqualTo("within 30 min");
        assertThat(operation(answer, "temper").machine()).isEqualTo("O");
    }

    private static MakeStep step(PlanAnswer answer, String id) {
        return answer.steps().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static OperationTexts operation(PlanAnswer answer, String step) {
        return RouteOperations.of(answer.steps(), "lot", PLACES).stream()
                .filter(one -> one.habit().equals(step))
                .findFirst()
                .orElseThrow();
    }
}
