package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Holes and heat over HTTP, and what several trials of one cut teach: the shop's drills, a bar that was listened to, a change with its effect. */
class HolesOverHttpTest extends OverHttp {
    private static final Map<String, String> HOLE = Map.of(
            "operation",
            "drill",
            "material",
            "brass-free",
            "drillSize",
            "8 mm",
            "drillDepth",
            "20 mm",
            "drillSet",
            "metric-halves");

    private String cut(Map<String, Object> question, String name) {
        Map<String, Object> entry = new HashMap<>(question);
        entry.put("name", name);
        return shop.send("POST", "/api/cuts", entry).json().path("id").asString();
    }

    private void keep(Map<String, Object> question, String cut, String day, Map<String, String> readings) {
        Map<String, Object> trial = new HashMap<>(question);
        trial.put("cutId", cut);
        trial.put("onDay", day);
        trial.put("readings", readings);
        Answered kept =
                new Answered(shop.send("POST", "/api/proof/trials", trial).json());
        assertThat(kept.node().path("id").asString()).as(kept.node().toString()).isNotBlank();
    }

    private record Answered(JsonNode node) {}

    private JsonNode finding(JsonNode answer, String id) {
        for (JsonNode finding : answer.path("findings")) {
            if (finding.path("id").asString().equals(id)) {
                return finding;
            }
        }
        throw new AssertionError("no finding " + id);
    }

    @Test
    void measuredHolesTeachTheDrillsOfThatSetInThatMaterial() {
        Map<String, Object> question = question("Long Bed", HOLE);
        JsonNode before = shop.send("POST", "/api/plan", question).json();
        for (String hole : List.of("8.031 mm", "8.034 mm", "8.029 mm")) {
            keep(question, "", "2026-11-20", Map.of("far", hole));
        }
        JsonNode after = shop.send("POST", "/api/plan", question).json();
        assertThat(figure(after, "mostHole")).isLessThan(figure(before, "mostHole"));
        assertThat(finding(after, "hole-made").path("notes").toString()).contains("3 holes measured");
        // Another metal is another thing.
        JsonNode steel = shop.send("POST", "/api/plan", question("Long Bed", HOLE, "material", "titanium"))
                .json();
        assertThat(finding(steel, "hole-made").path("notes").toString()).doesNotContain("measured in the shop");
        // The reamer before which such a hole stands knows of them.
        JsonNode ream = shop.send(
                        "POST",
                        "/api/plan",
                        question(
                                "Long Bed",
                                Map.of("operation", "ream", "material", "brass-free", "drillSet", "metric-halves")))
                .json();
        assertThat(finding(ream, "hole-before").path("notes").toString()).contains("3 of the shop's drilled holes");
    }

    @Test
    void aBarThatWasListenedToIsKnownBetterAndTheChangeIsAnExperiment() {
        Map<String, String> bar = Map.of(
                "operation",
                "bore",
                "boreStart",
                "27 mm",
                "boreFinished",
                "27.4 mm",
                "boreDepth",
                "120 mm",
                "barDiameter",
                "15 mm",
                "barOverhang",
                "123 mm",
                "barLength",
                "220 mm",
                "material",
                "steel-low-carbon",
                "boreFeed",
                "0.07 mm/rev",
                "boreNose",
                "0.4 mm");
        Map<String, Object> question = question("Long Bed", bar, "boreDepthOfCut", "0.1 mm");
        JsonNode before = shop.send("POST", "/api/plan", question).json();
        String cut = cut(question, "Listened to " + UUID.randomUUID());
        keep(question, cut, "2026-11-20", Map.of("near", "27.38 mm", "far", "27.38 mm", "sound", "chatter"));
        Map<String, Object> lighter = question("Long Bed", bar, "boreDepthOfCut", "0.05 mm");
        keep(lighter, cut, "2026-11-21", Map.of("near", "27.39 mm", "far", "27.39 mm", "sound", "quiet"));
        JsonNode after = shop.send("POST", "/api/plan", question).json();
        assertThat(finding(after, "chatter").path("notes").toString()).contains("Heard in 2 trials");
        assertThat(figure(after, "quietDepth")).isNotEqualTo(figure(before, "quietDepth"));
        JsonNode pairs = shop.get("/api/proof/experiments?cut=" + cut).json();
        assertThat(pairs.size()).isEqualTo(1);
        JsonNode experiment = pairs.get(0).path("experiment");
        assertThat(experiment.path("changed").get(0).path("label").asString()).isEqualTo("Depth of cut");
        assertThat(experiment.path("changed").get(0).path("to").asString()).isEqualTo("0.05 mm");
        assertThat(experiment.path("rows").size()).isGreaterThan(2);
    }

    @Test
    void aStoneUnderItsGrinderIsAllThatIsAnswered() {
        JsonNode answer = shop.send(
                        "POST",
                        "/api/plan",
                        question("Long Bed", Map.of("operation", "counterbore", "stoneRated", "3000 rpm")))
                .json();
        assertThat(answer.path("worked").asBoolean()).isFalse();
        assertThat(answer.path("findings").size()).isZero();
        assertThat(answer.path("fields").toString()).contains("DO NOT RUN THIS STONE");
    }

    @Test
    void aLoadNeedsNoMachineAndAReamerComesAsASolid() {
        JsonNode load = shop.send("POST", "/api/plan", Map.of("fields", Map.of("operation", "harden"), "units", "INCH"))
                .json();
        assertThat(load.path("worked").asBoolean()).isTrue();
        assertThat(load.path("steps").size()).isGreaterThan(4);
        assertThat(shop.send(
                                "POST",
                                "/api/plan/solid",
                                question("Long Bed", Map.of("operation", "ream", "reamerHelix", "left")))
                        .text())
                .startsWith("solid reamer");
    }
}
