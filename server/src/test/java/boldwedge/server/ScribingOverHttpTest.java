package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.server.testing.RunningShop.Answer;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A family that nothing in server or page names goes the whole road: cut, edge, reach, make, prove, crib, files. */
class ScribingOverHttpTest extends OverHttp {
    private Map<String, Object> line(String... fields) {
        return question(
                "Bench Pocket", Map.of("operation", "scribe", "material", "brass-free", "lineWidth", "0.2 mm"), fields);
    }

    private JsonNode family() {
        for (JsonNode family : shop.get("/api/families").json()) {
            if (family.path("id").asString().equals("scribing")) {
                return family;
            }
        }
        throw new AssertionError("no family scribing");
    }

    @Test
    void itIsDeclaredWithItsChoicesItsTrialAndItsKinds() {
        JsonNode family = family();
        assertThat(family.path("operations").get(0).path("id").asString()).isEqualTo("scribe");
        assertThat(family.path("trial").path("readings").get(0).path("label").asString())
                .isEqualTo("Width of the line");
        assertThat(family.path("kinds").get(0).path("id").asString()).isEqualTo("scriber");
        // What can be asked for is asked in one list, whichever family is on the page.
        JsonNode turning = shop.get("/api/families").json().get(0);
        assertThat(turning.path("entries").get(0).path("choices").toString())
                .contains("\"scribe\"", "\"bore\"", "\"turn\"");
    }

    @Test
    void itIsPlannedDrawnAndJudged() {
        JsonNode answer = shop.send("POST", "/api/plan", line()).json();
        assertThat(answer.path("worked").asBoolean()).isTrue();
        // H π w² / 8 by hand, with the 780 N/mm² or so of free-cutting brass: 780 · π · 0.04 / 8 = 12 N.
        assertThat(figure(answer, "press")).isCloseTo(12, within(4.0));
        assertThat(answer.path("page").path("family").asString()).isEqualTo("scribing");
        assertThat(answer.path("page").path("sentence").size()).isGreaterThan(4);
        assertThat(answer.path("findings")
                        .get(0)
                        .path("working")
                        .get(0)
                        .path("symbols")
                        .size())
                .isEqualTo(2);
        assertThat(shop.send("POST", "/api/plan/drawing/scriber", line()).text())
                .contains("<svg");
        assertThat(shop.send("POST", "/api/plan/dxf/scriber", line()).text()).contains("POLYLINE");
        Answer solid = shop.send("POST", "/api/plan/solid", line());
        assertThat(solid.status()).isEqualTo(404);
        assertThat(solid.json().path("code").asString()).isEqualTo("no-solid");
        Map<String, Object> trial = line();
        trial.put("readings", Map.of("width", "0.21 mm"));
        assertThat(shop.send("POST", "/api/proof/judge", trial)
                        .json()
                        .path("verdict")
                        .asString())
                .isEqualTo("As wide as wanted.");
        Answer wrong = shop.send("POST", "/api/plan", line("scriberPoint", "200°"));
        assertThat(wrong.json().path("worked").asBoolean()).isFalse();
        assertThat(wrong.json().path("page").path("sentence").size()).isGreaterThan(4);
    }

    @Test
    void itsToolIsKeptFoundAndCarriedInFiles() {
        JsonNode kept = shop.send("POST", "/api/plan", line("scriberPoint", "40°"))
                .json()
                .path("page")
                .path("kept")
                .get(0);
        assertThat(kept.path("kind").asString()).isEqualTo("scriber");
        Map<String, Object> entry = Map.of(
                "version", 0,
                "name", "Bench scriber",
                "kind", "scriber",
                "units", "METRIC",
                "fields", Map.of("scriberPoint", "40°", "scriberLength", "120 mm"));
        JsonNode tool = shop.send("POST", "/api/crib/tools", entry).json();
        String id = tool.path("id").asString();
        try {
            assertThat(tool.path("kind").asString()).isEqualTo("scriber");
            JsonNode which = shop.send("POST", "/api/crib/which", line()).json();
            assertThat(which.size()).isEqualTo(1);
            assertThat(which.get(0).path("tool").path("name").asString()).isEqualTo("Bench scriber");
            assertThat(which.get(0).path("match").path("verdict").asString()).isEqualTo("FINE");
            assertThat(shop.get("/api/exchange/crib.csv").text())
                    .contains(",scriber,")
                    .contains("scriberPoint");
            assertThat(shop.get("/api/exchange/tools/" + id + ".json").text()).contains("\"scriber\"");
            Map<String, Object> trial = line();
            trial.put("readings", Map.of("width", "0.3 mm"));
            trial.put("toolId", id);
            assertThat(shop.send("POST", "/api/proof/trials", trial)
                            .json()
                            .path("verdict")
                            .asString())
                    .isEqualTo("Not as wide as wanted.");
        } finally {
            shop.send("DELETE", "/api/crib/tools/" + id + "?version=1", Map.of());
        }
        Answer spoon = shop.send(
                "POST",
                "/api/crib/tools",
                Map.of("version", 0, "name", "Spoon", "kind", "spoon", "units", "METRIC", "fields", Map.of()));
        assertThat(spoon.status()).isEqualTo(400);
        assertThat(spoon.json().path("fields").path("kind").asString()).contains("There is no kind of tool called");
    }
}
