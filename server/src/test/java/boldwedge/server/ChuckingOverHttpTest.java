package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The route of a piece over HTTP: its cuts in order, what does not belong to it, the job that keeps them. */
class ChuckingOverHttpTest extends OverHttp {
    private String kept = "";

    @AfterEach
    void putAway() {
        if (!kept.isEmpty()) {
            int version = shop.get("/api/jobs/" + kept).json().path("version").asInt();
            shop.send("DELETE", "/api/jobs/" + kept + "?version=" + version, Map.of());
        }
    }

    /** A cut of the demo shop, by its name. */
    private String cut(String name) {
        for (JsonNode cut : shop.get("/api/cuts").json()) {
            if (cut.path("name").asString().equals(name)) {
                return cut.path("id").asString();
            }
        }
        throw new IllegalStateException("No cut " + name);
    }

    private JsonNode chucking(String out, String... cuts) {
        return shop.send("POST", "/api/jobs/chucking", Map.of("units", "METRIC", "out", out, "cuts", List.of(cuts)))
                .json();
    }

    @Test
    void theRouteOfAPieceIsThatOfItsCuts() {
        JsonNode route = chucking(
                "",
                cut("Pump cup, parted"),
                cut("Pump bush, bore to H7"),
                cut("Pump cup, outside to 34"),
                cut("Pump cup, drilled 18.5"));
        List<String> titles = new ArrayList<>();
        route.path("steps")
                .forEach(step -> titles.add(step.path("title").asString().split(" ")[0]));
        assertThat(titles).containsExactly("Face", "Rough", "Centre-drill", "Drill", "Bore", "Finish", "Part");
        assertThat(route.path("doubts").size()).isZero();
        // 51 turned and five clear of the jaws.
        assertThat(route.path("freeMm").asDouble()).isEqualTo(56);
    }

    @Test
    void whatDoesNotBelongToThePieceIsTold() {
        String gone = UUID.randomUUID().toString();
        JsonNode route = chucking("", cut("Pump cup, outside to 34"), gone, "no-id", cut("Bearing block, squared"));
        List<String> why = new ArrayList<>();
        route.path("leftOut").forEach(one -> why.add(one.path("id").asString()));
        assertThat(why).containsExactlyInAnyOrder("no-such-cut", "no-such-cut", "not-in-the-chuck");
        assertThat(route.path("steps").size()).isEqualTo(2);
        JsonNode none = chucking("");
        assertThat(none.path("steps").size()).isZero();
    }

    @Test
    void aLengthThatCannotBeReadIsToldBesideIt() {
        JsonNode route = chucking("a bit", cut("Pump cup, outside to 34"));
        assertThat(route.path("errors").path("out").asString()).isNotEmpty();
        assertThat(route.path("steps").size()).isEqualTo(2);
        assertThat(chucking("20", cut("Pump cup, outside to 34")).path("doubts").toString())
                .contains("stands-out-too-little");
    }

    @Test
    void aJobKeepsTheCutsOfItsPiece() {
        String cut = cut("Pump cup, outside to 34");
        Map<String, Object> sheet = Map.of("lots", List.of(), "cuts", List.of(cut), "out", "70 mm");
        JsonNode job = shop.send(
                        "POST",
                        "/api/jobs",
                        Map.of("version", 0, "name", "One chucking", "units", "METRIC", "sheet", sheet))
                .json();
        kept = job.path("id").asString();
        JsonNode there =
                shop.get("/api/jobs/" + job.path("id").asString()).json().path("sheet");
        assertThat(there.path("cuts").get(0).asString()).isEqualTo(cut);
        assertThat(there.path("out").asString()).isEqualTo("70 mm");
        List<String> many =
                java.util.stream.IntStream.range(0, 41).mapToObj(i -> "c" + i).toList();
        assertThat(shop.send("POST", "/api/jobs/chucking", Map.of("units", "METRIC", "cuts", many))
                        .status())
                .isEqualTo(400);
        assertThat(shop.send(
                                "POST",
                                "/api/jobs",
                                Map.of(
                                        "version",
                                        0,
                                        "name",
                                        "Too many",
                                        "units",
                                        "METRIC",
                                        "sheet",
                                        Map.of("cuts", many)))
                        .status())
                .isEqualTo(400);
    }
}
