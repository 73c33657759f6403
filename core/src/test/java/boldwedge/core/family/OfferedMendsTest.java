package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.recording.Questions;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What is offered for holes, heat, threads and seats helps: typed into its field it makes its finding better, and the job is still answered. */
class OfferedMendsTest {
    private static final List<String> FAMILIES = List.of(
            "drilling",
            "reaming",
            "counterboring",
            "hardening",
            "threading",
            "seating",
            "keying",
            "shearing",
            "grooving");

    @Test
    void whatIsOfferedHelps() {
        Map<String, String> idle = new TreeMap<>();
        int tried = 0;
        for (Questions.Question question : Questions.all()) {
            if (FAMILIES.stream().noneMatch(question.name()::startsWith)) {
                continue;
            }
            PlanAnswer answer = question.answer();
            for (Finding finding : answer.findings()) {
                if (finding.verdict() != Verdict.WRONG && finding.verdict() != Verdict.DOUBTFUL) {
                    continue;
                }
                for (Fix mend : finding.mends()) {
                    if (mend.isAtTheMachine()) {
                        continue;
                    }
                    tried++;
                    String trouble = trouble(question.request(), finding, mend);
                    if (!trouble.isEmpty()) {
                        idle.putIfAbsent(
                                finding.id() + " → " + mend.field(), question.name() + ": " + mend + " " + trouble);
                    }
                }
            }
        }
        assertThat(idle).isEmpty();
        assertThat(tried).isGreaterThan(150);
    }

    private static String trouble(PlanRequest request, Finding finding, Fix mend) {
        Map<String, String> fields = new HashMap<>(request.fields());
        fields.put(mend.field(), mend.text());
        PlanAnswer then = Planner.plan(new PlanRequest(fields, request.units(), request.lathe()));
        if (!then.worked()) {
            return then.fields().stream()
                    .filter(f -> !f.error().isEmpty())
                    .toList()
                    .toString();
        }
        Optional<Finding> after = then.findings().stream()
                .filter(f -> f.id().equals(finding.id()))
                .findFirst();
        boolean better = after.isEmpty()
                || after.get().verdict().compareTo(finding.verdict()) > 0
                || (after.get().verdict() == finding.verdict() && after.get().margin() > finding.margin() + 1e-9);
        return better ? "" : "leaves " + after.get().statement();
    }
}
