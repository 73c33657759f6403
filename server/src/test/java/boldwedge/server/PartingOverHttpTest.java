package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Parting over HTTP: the shop's blades tried, holders drawn and kept, heights worked out, breakages counted. */
class PartingOverHttpTest extends OverHttp {
    private static final Map<String, String> RINGS = Map.of(
            "operation", "part",
            "material", "steel-alloy-annealed",
            "partDiameter", "30 mm",
            "partBore", "16 mm",
            "blade", "blade-3-32-taper");

    private Map<String, Object> rings(String... fields) {
        return question("Bench Pocket", RINGS, fields);
    }

    @Test
    void theShopsBladesAreTriedAndOnlyThey() {
        JsonNode which = shop.send("POST", "/api/crib/which", rings()).json();
        assertThat(which.size()).isGreaterThanOrEqualTo(4);
        which.forEach(one -> {
            assertThat(one.path("tool").path("fields").has("blade")).isTrue();
            assertThat(one.path("tool").path("fields").has("partHolder")).isFalse();
            assertThat(one.path("match").path("reasons").size()).isPositive();
        });
        // Taking the first leaves its overhang to be chosen for this cut.
        assertThat(which.get(0).path("match").path("take").path("bladeOverhang").asString())
                .isEmpty();
    }

    @Test
    void aHolderIsDrawnToSizeAndRouted() {
        for (String holder : new String[] {"split-block", "side-block", "rear-block"}) {
            Map<String, Object> asked = rings("partHolder", holder);
            assertThat(shop.send("POST", "/api/plan/dxf/holder-drawing", asked).text())
                    .startsWith("  0")
                    .contains("POLYLINE");
            assertThat(shop.send("POST", "/api/plan/drawing/holder-drawing", asked)
                            .text())
                    .contains("<svg");
            JsonNode steps = shop.send("POST", "/api/plan", asked).json().path("steps");
            assertThat(steps.get(0).path("title").asString()).isEqualTo("Cut list");
        }
    }

    @Test
    void aHolderIsKeptWithTheLatheAndBladeItFits() {
        Map<String, Object> holder = Map.of(
                "version",
                0,
                "name",
                "Block",
                "drawer",
                "H1",
                "note",
                "",
                "units",
                "METRIC",
                "fields",
                Map.of(
                        "partHolder", "split-block",
                        "lathe", lathe("Bench Pocket"),
                        "blade", "blade-2mm",
                        "madeFloor", "32.4 mm"));
        JsonNode kept = shop.send("POST", "/api/crib/tools", holder).json();
        assertThat(kept.path("fields").path("blade").asString()).isEqualTo("blade-2mm");
        Map<String, Object> wrong = new HashMap<>(holder);
        wrong.put("fields", Map.of("partHolder", "split-block", "blade", "butter", "madeFloor", "low"));
        var refused = shop.send("POST", "/api/crib/tools", wrong);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("no blade called").contains("does not start with a number");
        shop.delete("/api/crib/tools/" + kept.path("id").asString());
    }

    @Test
    void aHeightIsWorkedOutFromAPipLinesOrAGauge() {
        assertThat(height("PIP", "0.3 mm", false)).isEqualTo("-0.15 mm");
        assertThat(height("LINES", "0.5 mm", true)).isEqualTo("0.25 mm");
        // The demo lathe's axis lies 44.5 mm above its slide.
        assertThat(height("GAUGE", "44.62 mm", false)).isEqualTo("0.12 mm");
        // Behind the work, upside down, a pip that is cut round shows the point above.
        assertThat(ask("PIP", "0.3 mm", false, true).path("height").asString()).isEqualTo("0.15 mm");
        JsonNode wide = ask("PIP", "31 mm", false);
        assertThat(wide.path("errors").path("measured").asString()).contains("narrower than the work: under 30 mm");
        assertThat(ask("PIP", "wide", false).path("errors").path("measured").asString())
                .contains("does not start with a number");
        assertThat(ask("PIP", "2 mm", true).path("sentence").asString())
                .contains("rocker")
                .contains("down");
    }

    private String height(String how, String measured, boolean above) {
        return ask(how, measured, above).path("height").asString();
    }

    private JsonNode ask(String how, String measured, boolean above) {
        return ask(how, measured, above, false);
    }

    private JsonNode ask(String how, String measured, boolean above, boolean behind) {
        return shop.send(
                        "POST",
                        "/api/measure/height",
                        Map.of(
                                "measured",
                                Map.of(
                                        "how",
                                        how,
                                        "measured",
                                        measured,
                                        "above",
                                        above,
                                        "behind",
                                        behind,
                                        "within",
                                        "30 mm",
                                        "arm",
                                        "40 mm"),
                                "units",
                                "METRIC",
                                "lathe",
                                lathe("Bench Pocket")))
                .json();
    }

    /** The demo's taper blade: 26 cuts in three trials, one of them its last. */
    @Test
    void breakagesGiveABladesLife() {
        String blade = "";
        for (JsonNode tool : shop.get("/api/crib/tools").json().path("tools")) {
            if (tool.path("name").asString().equals("Taper blade 3/32")) {
                blade = tool.path("id").asString();
            }
        }
        JsonNode life = shop.get("/api/proof/life?tool=" + blade + "&cost=9.50").json();
        assertThat(life.path("cuts").asInt()).isEqualTo(26);
        assertThat(life.path("broken").asInt()).isEqualTo(1);
        assertThat(life.path("sentence").asString())
                .contains("26 cuts to a blade")
                .contains("0.37 a cut");
    }

    @Test
    void aTrialIsJudgedAndOneThatCannotBeIsRefused() {
        Map<String, Object> trial = rings("partHolder", "split-block");
        trial.put("readings", Map.of("broke", "19 mm", "sound", "chatter"));
        JsonNode judged = shop.send("POST", "/api/proof/judge", trial).json();
        assertThat(judged.path("verdict").asString()).isEqualTo("The blade broke at 19 mm.");
        assertThat(judged.path("causes").size()).isGreaterThan(1);
        trial.put("readings", Map.of("broke", "40 mm"));
        var refused = shop.send("POST", "/api/proof/trials", trial);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("The work is 30 mm");
        assertThat(figure(shop.send("POST", "/api/plan", rings()).json(), "pip"))
                .isCloseTo(0, within(1e-9));
    }
}
