package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Threads and seats over HTTP: a lathe's card with its lead screw, the plan, the tool kept and tried, trial and exports. */
class ThreadsOverHttpTest extends OverHttp {
    private JsonNode finding(JsonNode answer, String id) {
        for (JsonNode finding : answer.path("findings")) {
            if (finding.path("id").asString().equals(id)) {
                return finding;
            }
        }
        throw new AssertionError("no finding " + id + " in " + answer);
    }

    @Test
    void theCardOfALatheTellsItsLeadScrew() {
        Map<String, String> card = new HashMap<>(Map.of(
                "name",
                "Threads only",
                "swing",
                "300 mm",
                "centreHeight",
                "30 mm",
                "largestShank",
                "20 mm",
                "speeds",
                "60, 100, 160 rpm",
                "motor",
                "1 kW",
                "efficiency",
                "75 %",
                "leadScrew",
                "8 tpi",
                "boxThreads",
                "8, 9, 10, 11.5, 13, 16, 20 tpi"));
        card.put("dialTeeth", "32");
        card.put("dialMarks", "8");
        card.put("crossReads", "sideways");
        JsonNode refused = shop.send("POST", "/api/shop/lathes", Map.of("units", "INCH", "card", card))
                .json();
        assertThat(refused.toString()).contains("radius or diameter");
        card.put("crossReads", "diameter");
        JsonNode kept = shop.send("POST", "/api/shop/lathes", Map.of("units", "INCH", "card", card))
                .json();
        String id = kept.path("id").asString();
        assertThat(id).as(kept.toString()).isNotBlank();
        JsonNode answer = shop.send(
                        "POST",
                        "/api/plan",
                        Map.of(
                                "units",
                                "INCH",
                                "fields",
                                Map.of("operation", "thread", "thread", "1/2-13", "lathe", id)))
                .json();
        assertThat(finding(answer, "thread-gears").path("statement").asString()).contains("13 tpi", "exactly");
        assertThat(finding(answer, "thread-dial").path("statement").asString()).contains("every second");
        assertThat(answer.path("steps").toString()).contains("thou");
    }

    @Test
    void aThreadIsReadSaidWrongProvedAndTakenAway() {
        JsonNode wrong = shop.send(
                        "POST", "/api/plan", question("Long Bed", Map.of("operation", "thread", "thread", "M8×1.3")))
                .json();
        assertThat(wrong.path("worked").asBoolean()).isFalse();
        assertThat(wrong.path("fields").toString()).contains("8 mm × 1.3 mm");
        Map<String, Object> question = question("Long Bed", Map.of("operation", "thread", "thread", "M16"));
        JsonNode answer = shop.send("POST", "/api/plan", question).json();
        assertThat(figure(answer, "pitchLow")).isCloseTo(14.503, org.assertj.core.api.Assertions.within(6e-4));
        Map<String, Object> trial = new HashMap<>(question);
        trial.put("readings", Map.of("pitchMeasured", "14.7 mm"));
        JsonNode judged = shop.send("POST", "/api/proof/judge", trial).json();
        assertThat(judged.path("verdict").asString()).contains("on the compound");
        assertThat(shop.send("POST", "/api/plan/solid", question).text()).startsWith("solid bit");
        assertThat(shop.send(
                                "POST",
                                "/api/plan/solid",
                                question(
                                        "Long Bed",
                                        Map.of(
                                                "operation",
                                                "insert-holder",
                                                "seatBody",
                                                "bar",
                                                "seatHeight",
                                                "25 mm",
                                                "seatAngle",
                                                "60°")))
                        .text())
                .startsWith("solid holder");
    }

    @Test
    void aLineIsReadAsAThread() {
        JsonNode read = shop.send(
                        "POST",
                        "/api/plan/typed",
                        Map.of("text", "thread M36×1.5-6H inside 18 long tin bronze", "units", "METRIC"))
                .json();
        assertThat(read.path("fields").path("thread").asString())
                .as(read.toString())
                .isEqualTo("M36×1.5-6H");
    }
}
