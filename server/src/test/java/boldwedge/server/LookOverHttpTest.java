package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.planning.Look;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An answer for one look: light, and in what it brings the same as the whole. */
class LookOverHttpTest extends OverHttp {
    /** What one station's answer may weigh before it is compressed, bytes. */
    private static final int MOST_BYTES = 35_000;

    private JsonNode demoCuts() throws IOException {
        try (var file = LookOverHttpTest.class.getResourceAsStream("/demo/marrow-weir.json")) {
            return JsonMapper.builder().build().readTree(file).path("cuts");
        }
    }

    private String asked(JsonNode cut, Look look) {
        return asked(cut, look, false);
    }

    private String asked(JsonNode cut, Look look, boolean folded) {
        return shop.send(
                        "POST",
                        "/api/plan",
                        Map.of(
                                "fields",
                                cut.path("fields"),
                                "units",
                                cut.path("units"),
                                "look",
                                look.name(),
                                "folded",
                                folded))
                .text();
    }

    /** Folded, the findings are the same but for workings of what holds, and for what is neither looked at nor in the way. */
    @Test
    void foldedBringsWhatIsShown() throws IOException {
        JsonMapper json = JsonMapper.builder().build();
        for (JsonNode cut : demoCuts()) {
            JsonNode whole = json.readTree(asked(cut, Look.ALL)).path("findings");
            JsonNode folded = json.readTree(asked(cut, Look.REACH, true)).path("findings");
            Map<String, JsonNode> by = new HashMap<>();
            folded.forEach(finding -> by.put(finding.path("id").asString(), finding));
            Set<String> stations = new HashSet<>();
            for (JsonNode finding : whole) {
                String id = finding.path("id").asString();
                boolean reach = finding.path("station").asString().equals("REACH");
                boolean first = stations.add(finding.path("station").asString());
                assertThat(by.containsKey(id)).as(id).isEqualTo(reach || first);
                if (reach && !finding.path("verdict").asString().equals("FINE")) {
                    assertThat(by.get(id)).isEqualTo(finding);
                } else if (by.containsKey(id)) {
                    assertThat(by.getOrDefault(id, finding).path("working"))
                            .as(id)
                            .isEmpty();
                    assertThat(by.getOrDefault(id, whole).path("statement")).isEqualTo(finding.path("statement"));
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Look.class,
            names = {"ALL", "CARD"},
            mode = EnumSource.Mode.EXCLUDE)
    void isLight(Look look) throws IOException {
        for (JsonNode cut : demoCuts()) {
            String answer = asked(cut, look, true);
            assertThat(answer.getBytes(StandardCharsets.UTF_8).length)
                    .as("%s of %s", look, cut.path("name").asString())
                    .isLessThan(MOST_BYTES);
        }
    }

    /** A step's drawing comes with the first step that shows it. */
    private static void assertSameSteps(JsonNode steps, JsonNode whole) {
        Map<String, JsonNode> sent = new HashMap<>();
        for (int i = 0; i < whole.size(); i++) {
            JsonNode scene = steps.path(i).path("scene");
            if (!scene.path("strokes").isEmpty()) {
                sent.put(scene.path("id").asString(), scene);
            }
            assertThat(sent.get(scene.path("id").asString()))
                    .isEqualTo(whole.path(i).path("scene"));
            for (String said : new String[] {"id", "title", "lines", "check", "target", "cautions", "working"}) {
                assertThat(steps.path(i).path(said)).isEqualTo(whole.path(i).path(said));
            }
        }
    }

    @Test
    void bringsWhatTheWholeAnswerBrings() throws IOException {
        JsonMapper json = JsonMapper.builder().build();
        for (JsonNode cut : demoCuts()) {
            JsonNode whole = json.readTree(asked(cut, Look.ALL));
            Set<String> seen = new HashSet<>();
            for (Look look : Look.values()) {
                JsonNode part = json.readTree(asked(cut, look));
                for (String same : new String[] {"worked", "units", "fields", "figures", "page"}) {
                    assertThat(part.path(same)).as(look + " " + same).isEqualTo(whole.path(same));
                }
                for (int i = 0; i < whole.path("findings").size(); i++) {
                    JsonNode full = whole.path("findings").path(i);
                    JsonNode brief = part.path("findings").path(i);
                    boolean own = full.path("station").asString().equals(look.name());
                    for (String said : own
                            ? new String[] {"id", "statement", "margin", "working", "mends", "schools", "source"}
                            : new String[] {"id", "statement", "margin", "verdict"}) {
                        assertThat(brief.path(said)).as(look + " " + said).isEqualTo(full.path(said));
                    }
                }
                for (JsonNode scene : part.path("scenes")) {
                    seen.add(scene.path("id").asString());
                    assertThat(whole.path("scenes")).contains(scene);
                }
                if (look == Look.MAKE || look == Look.CARD) {
                    assertSameSteps(part.path("steps"), whole.path("steps"));
                }
            }
            whole.path("scenes")
                    .forEach(scene -> assertThat(seen).contains(scene.path("id").asString()));
        }
    }
}
