package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Ways to take a cut, searched over HTTP: what is taken over does in the plan what was promised. */
class SetUpsOverHttpTest extends OverHttp {
    private Map<String, Object> pin() {
        Map<String, Object> fields = new HashMap<>(Map.of(
                "diameter", "13 mm",
                "finished", "12 mm",
                "length", "60 mm",
                "stickOut", "80 mm",
                "tolerance", "±0.01 mm"));
        fields.put(
                "lathe", shop.get("/api/shop/lathes").json().path(0).path("id").asString());
        return fields;
    }

    @Test
    void theBestIsTakenOverAndHolds() {
        Map<String, Object> fields = pin();
        JsonNode found = shop.send("POST", "/api/plan/set-ups", Map.of("fields", fields, "units", "METRIC"))
                .json();
        assertThat(found.path("tried").asLong()).isGreaterThan(10_000);
        assertThat(found.path("best").size()).isPositive();
        JsonNode best = found.path("best").path(0);
        assertThat(best.path("verdict").asString()).isEqualTo("FINE");
        best.path("take")
                .properties()
                .forEach(entry -> fields.put(entry.getKey(), entry.getValue().asString()));
        JsonNode plan = shop.send("POST", "/api/plan", Map.of("fields", fields, "units", "METRIC"))
                .json();
        assertThat(plan.path("worked").asBoolean()).isTrue();
        for (JsonNode finding : plan.path("findings")) {
            if (finding.path("id").asString().equals("push-off")) {
                assertThat(finding.path("verdict").asString()).isNotEqualTo("WRONG");
            }
        }
    }

    @Test
    void whereThereIsNothingToSearchItSaysSo() {
        Map<String, Object> fields = pin();
        fields.put("operation", "bore");
        var refused = shop.send("POST", "/api/plan/set-ups", Map.of("fields", fields, "units", "METRIC"));
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.json().path("code").asString()).isEqualTo("no-set-ups");
    }
}
