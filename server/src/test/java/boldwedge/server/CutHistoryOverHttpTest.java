package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a cut was before it was saved over. */
class CutHistoryOverHttpTest extends OverHttp {
    /** What was saved over is kept as it was, once where it was sent twice; a save that changes nothing keeps nothing; a deleted cut has no past. */
    @Test
    void whatACutWasIsKept() {
        Map<String, Object> cut = new HashMap<>(
                Map.of("version", 0, "name", "Was", "units", "METRIC", "fields", Map.of("diameter", "20 mm")));
        String id = shop.send("POST", "/api/cuts", cut).json().path("id").asString();
        assertThat(shop.get("/api/cuts/" + id + "/history").json().size()).isZero();
        cut.put("id", id);
        for (int version = 1; version <= 3; version++) {
            cut.put("version", version);
            cut.put("fields", Map.of("diameter", (version < 3 ? 20 + version : 22) + " mm"));
            assertThat(shop.send("PUT", "/api/cuts/" + id, cut).status()).isEqualTo(200);
        }
        JsonNode was = shop.get("/api/cuts/" + id + "/history").json();
        // The third save changed nothing.
        assertThat(was.size()).isEqualTo(2);
        assertThat(was.path(0).path("version").asInt()).isEqualTo(2);
        assertThat(was.path(0).path("fields").path("diameter").asString()).isEqualTo("21 mm");
        assertThat(was.path(1).path("fields").path("diameter").asString()).isEqualTo("20 mm");
        // Who comes too late changes neither the cut nor its past.
        cut.put("version", 1);
        cut.put("fields", Map.of("diameter", "30 mm"));
        assertThat(shop.send("PUT", "/api/cuts/" + id, cut).status()).isEqualTo(409);
        assertThat(shop.get("/api/cuts/" + id + "/history").json().size()).isEqualTo(2);
        shop.send("DELETE", "/api/cuts/" + id + "?version=4", Map.of());
        assertThat(shop.get("/api/cuts/" + id + "/history").status()).isEqualTo(404);
    }
}
