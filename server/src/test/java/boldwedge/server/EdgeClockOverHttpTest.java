package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A tool's edge is clocked by the trials and jobs that were cut with it, from one grind to the next. */
class EdgeClockOverHttpTest extends OverHttp {
    private String tool = "";
    private String job = "";

    @BeforeEach
    void keepATool() {
        var kept = shop.send(
                "POST",
                "/api/crib/tools",
                Map.of("version", 0, "name", "Clocked bit", "units", "METRIC", "fields", Map.of("blank", "hss-10mm")));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        tool = kept.json().path("id").asString();
    }

    @AfterEach
    void takeOut() {
        for (String path : List.of("/api/crib/tools/" + tool, "/api/jobs/" + job)) {
            JsonNode there = shop.get(path).json();
            if (there.has("version")) {
                shop.send("DELETE", path + "?version=" + there.path("version").asInt(), Map.of());
            }
        }
    }

    private JsonNode edge() {
        return shop.get("/api/crib/tools/" + tool + "/edge").json();
    }

    private void trial(String day) {
        Map<String, Object> trial = new HashMap<>(Map.of(
                "toolId",
                tool,
                "onDay",
                day,
                "units",
                "METRIC",
                "aside",
                true,
                "fields",
                Map.of(
                        "operation",
                        "turn",
                        "lathe",
                        lathe("Long Bed"),
                        "startDiameter",
                        "25 mm",
                        "finishDiameter",
                        "24 mm",
                        "cutLength",
                        "40 mm"),
                "readings",
                Map.of("near", "24.01 mm", "far", "24.02 mm", "apart", "38 mm")));
        var kept = shop.send("POST", "/api/proof/trials", trial);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }

    private void grind(String day) {
        var kept = shop.send(
                "POST",
                "/api/crib/tools/" + tool + "/grinds",
                Map.of("onDay", day, "units", "METRIC", "measured", Map.of(), "note", "dull"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }

    /** A lot of so many pieces in which one operation is cut with the tool. */
    private void job(String wanted, Map<String, String> opens) {
        Map<String, Object> mine =
                Map.of("id", "turn", "name", "Turn", "setUp", "10", "each", "4", "tool", tool, "opens", opens);
        Map<String, Object> other = Map.of("id", "mill", "name", "Mill", "setUp", "10", "each", "4");
        JsonNode kept = shop.send(
                        "POST",
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID().toString(),
                                "version",
                                0,
                                "name",
                                "Clocked pins",
                                "units",
                                "METRIC",
                                "sheet",
                                Map.of(
                                        "lots",
                                        List.of(Map.of(
                                                "id",
                                                "pins",
                                                "name",
                                                "Pins",
                                                "wanted",
                                                wanted,
                                                "operations",
                                                List.of(mine, other))))))
                .json();
        job = kept.path("id").asString();
    }

    private void done(String operation, String at) {
        var kept = shop.send(
                "PUT",
                "/api/jobs/" + job + "/ticks",
                Map.of("task", "pins/" + operation, "version", 0, "doneAt", at, "lost", 0));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }

    @Test
    void aFreshToolTellsNothing() {
        assertThat(edge().path("sentences").size()).isZero();
        assertThat(shop.get("/api/crib/tools/" + UUID.randomUUID() + "/edge").status())
                .isEqualTo(404);
    }

    /** What was ticked off counts, what is not yet does not, and what another tool cuts neither. */
    @Test
    void aJobClocksTheEdgeOfItsOwnToolAsItIsTickedOff() {
        job("6", Map.of());
        assertThat(edge().path("pieces").asInt()).isZero();
        done("mill", "2026-11-20T09:00");
        assertThat(edge().path("pieces").asInt()).isZero();
        done("turn", "2026-11-20T10:00");
        JsonNode edge = edge();
        assertThat(edge.path("pieces").asInt()).isEqualTo(6);
        assertThat(edge.path("minutes").asDouble()).isEqualTo(24);
        assertThat(edge.path("uses").path(0).path("what").asString()).isEqualTo("Clocked pins: Turn");
        assertThat(edge.path("sentences").path(0).asString()).contains("6 pieces", "24 min, handling in it");
    }

    /** One that opens as a cut is clocked by that cut's own minutes: as much as a trial of it. */
    @Test
    void anOperationThatIsACutIsClockedByItsPlan() {
        trial("2026-11-20");
        double one = edge().path("minutes").asDouble();
        assertThat(one).isPositive();
        job(
                "3",
                Map.of(
                        "operation",
                        "turn",
                        "lathe",
                        lathe("Long Bed"),
                        "startDiameter",
                        "25 mm",
                        "finishDiameter",
                        "24 mm",
                        "cutLength",
                        "40 mm"));
        done("turn", "2026-11-21T10:00");
        assertThat(edge().path("minutes").asDouble()).isCloseTo(4 * one, within(1e-9));
        assertThat(edge().path("sentences").path(0).asString()).contains("3 pieces and 1 trial", "min in the cut.");
    }

    /** A grind ends an edge's life; what was cut before it tells how long the next may last. */
    @Test
    void aGrindBeginsANewEdge() {
        trial("2026-11-02");
        trial("2026-11-03");
        grind("2026-11-04");
        JsonNode fresh = edge();
        assertThat(fresh.path("since").asString()).isEqualTo("2026-11-04");
        assertThat(fresh.path("pieces").asInt()).isZero();
        assertThat(fresh.path("sentences").toString()).contains("Nothing was cut with this edge", "one edge");
        trial("2026-11-05");
        JsonNode used = edge();
        assertThat(used.path("pieces").asInt()).isEqualTo(1);
        assertThat(used.path("uses").size()).isEqualTo(1);
        // Half of the one life is where it may go: that was two such trials.
        assertThat(used.path("sentences").toString()).contains("It may go at any piece from here");
    }

    /** A blade that broke ended there: what it cut counts for those before it, and several pieces of one trial are several. */
    @Test
    void whatBreaksEndsAnEdge() {
        JsonNode blade = shop.get("/api/crib/tools/1ce85d27-96a1-5122-bc7b-01b0489f434b/edge")
                .json();
        assertThat(blade.path("since").asString()).isEqualTo("2026-11-05");
        assertThat(blade.path("uses").size()).isEqualTo(1);
        int pieces = blade.path("pieces").asInt();
        assertThat(pieces).isGreaterThan(1);
        assertThat(blade.path("sentences").path(0).asString()).contains(pieces + " in trials");
        assertThat(blade.path("sentences").path(1).asString()).contains("one edge clocked");
    }
}
