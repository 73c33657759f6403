package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;

/** A job asked, and what of its answer a master would be asked about. */
final class JudgedJobs {
    private JudgedJobs() {}

    static PlanAnswer plan(String... fields) {
        PlanAnswer answer = Planner.plan(Shop.request(fields));
        assertThat(answer.worked())
                .as(answer.fields().stream()
                        .filter(f -> !f.error().isEmpty())
                        .toList()
                        .toString())
                .isTrue();
        return answer;
    }

    static Finding first(PlanAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.verdict().isDoubt())
                .min(Comparator.comparing((Finding finding) -> finding.verdict() != Verdict.WRONG)
                        .thenComparingDouble(Finding::margin))
                .orElseThrow();
    }

    static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static double figure(PlanAnswer answer, String id) {
        return answer.figures().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .value()
                .orElseThrow();
    }

    static String refused(String field, String... fields) {
        PlanAnswer answer = Planner.plan(Shop.request(fields));
        assertThat(answer.worked()).isFalse();
        assertThat(answer.findings()).isEmpty();
        return answer.fields().stream()
                .filter(f -> f.id().equals(field))
                .map(FieldState::error)
                .findFirst()
                .orElseThrow();
    }

    static TrialAnswer judge(PlanRequest plan, String... readings) {
        Map<String, String> typed = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            typed.put(readings[i], readings[i + 1]);
        }
        TrialAnswer answer = TrialJudge.prove(new TrialRequest(plan, typed));
        assertThat(answer.worked()).as(answer.verdict()).isTrue();
        return answer;
    }
}
