package boldwedge.core.language.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.core.family.TrialJudge;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.recording.Questions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Every formula of every working gives the result that stands beside it, for several hundred jobs in both unit systems. */
@Tag("written")
class WorkingsTest {
    @Test
    void everyFormulaGivesItsResult() {
        Map<String, String> wrong = new TreeMap<>();
        int looked = 0;
        for (Questions.Question question : Questions.all()) {
            PlanRequest request = question.request();
            PlanAnswer answer = question.answer();
            List<Step> steps = new ArrayList<>();
            answer.findings().forEach(finding -> steps.addAll(finding.working()));
            answer.steps().forEach(step -> steps.addAll(step.working()));
            for (Map<String, String> readings : question.trials()) {
                TrialJudge.prove(new TrialRequest(request, readings))
                        .causes()
                        .forEach(cause -> steps.addAll(cause.working()));
            }
            for (Step step : steps) {
                looked++;
                String trouble = trouble(step);
                if (!trouble.isEmpty()) {
                    wrong.putIfAbsent(step.formula() + " (" + step.what() + ")", question.name() + ": " + trouble);
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(looked).isGreaterThan(9000);
    }

    /** What is wrong with a line of working; empty when nothing is. */
    private static String trouble(Step step) {
        if (step.symbols().isEmpty()) {
            return "a working without numbers";
        }
        Formula.Value wanted = Formula.in(step.value(), step.unit());
        Formula.Value got;
        try {
            got = Formula.of(step);
        } catch (IllegalArgumentException unreadable) {
            return String.valueOf(unreadable.getMessage());
        }
        if (!got.isLike(wanted)) {
            return "it gives " + got + ", which is no " + step.unit();
        }
        double little = 1e-6 * Math.abs(wanted.number())
                + 1e-9 * Formula.in(1, step.unit()).number();
        return Math.abs(got.number() - wanted.number()) <= little
                ? ""
                : "it gives " + got.number() + ", beside it stands " + wanted.number() + " with " + step.numbers();
    }

    private static Step step(String formula, double result, String unit, Step.Symbol... symbols) {
        return new Step("", formula, "", "", List.of(symbols), result, unit);
    }

    private static Step.Symbol symbol(String name, double value, String unit) {
        return new Step.Symbol(name, "", value, unit, "", "");
    }

    /** The evaluator itself: by hand, and by what it must refuse. */
    @Test
    void theEvaluatorIsNotFooled() {
        Step.Symbol force = symbol("F", 1000, "N");
        Step.Symbol arm = symbol("L", 40, "mm");
        assertThat(trouble(step("F · L", 40, "N·m", force, arm))).isEmpty();
        assertThat(trouble(step("F · L", 41, "N·m", force, arm))).contains("beside it stands");
        assertThat(trouble(step("F · L", 40, "N", force, arm))).contains("no N");
        assertThat(trouble(step("F + L", 40, "N", force, arm))).contains("dimensions differ");
        assertThat(trouble(step("F · K", 40, "N·m", force, arm))).contains("cannot be read");
        assertThat(trouble(step("", 40, "N·m"))).contains("without numbers");
        // 1000 v / πd in the trade's words: 30 m/min on 25 mm is 382 rpm.
        assertThat(trouble(step("n = v / (π · d)", 381.971863, "rpm", symbol("v", 30, "m/min"), symbol("d", 25, "mm"))))
                .isEmpty();
        // 75 mm − √((75 mm)² − (9 mm)² / 4)
        assertThat(trouble(step(
                        "R − √(R² − w² / 4)",
                        75 - Math.sqrt(75 * 75 - 81 / 4.0),
                        "mm",
                        symbol("R", 75, "mm"),
                        symbol("w", 9, "mm"))))
                .isEmpty();
        assertThat(Formula.of(step("max(2; |1 − 4|) ^ (1 / 2)", 0, "1", symbol("x", 0, "1")))
                        .number())
                .isEqualTo(Math.sqrt(3));
        assertThatThrownBy(() -> Formula.of(step("sin(L)", 0, "1", arm))).hasMessageContaining("dimension");
    }
}
