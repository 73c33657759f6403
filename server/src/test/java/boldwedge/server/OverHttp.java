package boldwedge.server;

import boldwedge.server.testing.RunningShop;
import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** What tests over HTTP share: the running demo shop, questions to it, and figures out of its answers. */
abstract class OverHttp {
    final RunningShop shop = RunningShop.get();

    /** Id of the demo shop's lathe of this name. */
    final String lathe(String name) {
        for (JsonNode lathe : shop.get("/api/shop/lathes").json()) {
            if (lathe.path("card").path("name").asString().equals(name)) {
                return lathe.path("id").asString();
            }
        }
        throw new AssertionError("no " + name);
    }

    /** A question on a lathe, with these fields and texts. */
    final Map<String, Object> question(String lathe, Map<String, String> usual, String... fieldsAndTexts) {
        Map<String, String> texts = new HashMap<>(usual);
        texts.put("lathe", lathe(lathe));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            texts.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new HashMap<>(Map.of("fields", texts, "units", "METRIC"));
    }

    static double figure(JsonNode answer, String id) {
        for (JsonNode figure : answer.path("figures")) {
            if (figure.path("id").asString().equals(id)) {
                return figure.path("value").asDouble();
            }
        }
        throw new AssertionError("no figure " + id);
    }
}
