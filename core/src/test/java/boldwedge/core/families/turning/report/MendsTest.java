package boldwedge.core.families.turning.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a finding offers as its mend must mend it: typed into the same cut, the finding is gone or stands better. */
class MendsTest {
    private static final List<Map<String, String>> TROUBLED = List.of(
            Map.of("height", "2.5 mm", "finished", "20 mm"),
            Map.of("height", "-1.5 mm"),
            Map.of("sideRake", "32°"),
            Map.of("endRelief", "2°", "sideRelief", "2°"),
            Map.of("overhang", "50 mm", "depth", "0.4 mm"),
            Map.of("speed", "1100 rpm", "diameter", "60", "finished", "58"),
            Map.of("speed", "333 rpm", "feed", "0.13"),
            Map.of("diameter", "12", "finished", "11", "length", "120", "stickOut", "160"),
            Map.of("finish", "Ra 0.4", "feed", "0.28 mm/rev", "noseRadius", "0.2 mm"),
            Map.of("material", "stainless-austenitic", "feed", "0.02 mm/rev", "depth", "0.02 mm"),
            Map.of("operation", "shoulder", "sideEdge", "10°"),
            Map.of("operation", "face", "finished", "0", "length", "0.5", "height", "-0.3 mm"),
            Map.of("swivel", "12°"),
            Map.of("operation", "face", "sideEdge", "10°", "finished", "5"),
            Map.of(
                    "diameter",
                    "80",
                    "finished",
                    "66",
                    "depth",
                    "7",
                    "feed",
                    "0.28 mm/rev",
                    "material",
                    "steel-medium-carbon"));

    private record Tried(Map<String, String> fields, Finding before, Fix mend) {}

    private static PlanAnswer plan(Map<String, String> fields) {
        return Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())));
    }

    private static Optional<Finding> found(PlanAnswer answer, String id) {
        return answer.findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    @Test
    void everyMendOfATroubleLessensIt() {
        List<Tried> tried = new ArrayList<>();
        for (Map<String, String> fields : TROUBLED) {
            PlanAnswer answer = plan(fields);
            for (Finding finding : answer.findings()) {
                if (finding.verdict().isDoubt()) {
                    finding.mends().stream()
                            .filter(mend -> !mend.isAtTheMachine())
                            .forEach(mend -> tried.add(new Tried(fields, finding, mend)));
                }
            }
        }
        assertThat(tried).hasSizeGreaterThan(20);
        List<String> vain = new ArrayList<>();
        for (Tried one : tried) {
            Map<String, String> then = new HashMap<>(one.fields());
            then.put(one.mend().field(), one.mend().text());
            Optional<Finding> after = found(plan(then), one.before().id());
            boolean better = after.isEmpty()
                    || after.get().verdict().compareTo(one.before().verdict()) > 0
                    || after.get().margin() > one.before().margin();
            if (!better) {
                vain.add(one.before().statement() + " " + one.mend() + " "
                        + after.get().statement());
            }
        }
        assertThat(vain).isEmpty();
    }
}
