package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.server.testing.RunningShop.Answer;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The program over HTTP, as a script or the page would use it. */
class ShopOverHttpTest extends OverHttp {
    private Map<String, Object> question(String... fields) {
        return question("Long Bed", Map.of(), fields);
    }

    private static Map<String, Object> tool(int version, String name, String note) {
        return Map.of(
                "version",
                version,
                "name",
                name,
                "drawer",
                "T1",
                "note",
                note,
                "units",
                "METRIC",
                "fields",
                Map.of("blank", "hss-10mm", "sideRake", "12°", "noseRadius", "0.4 mm"));
    }

    private static JsonNode demoFile() throws java.io.IOException {
        try (var file = ShopOverHttpTest.class.getResourceAsStream("/demo/marrow-weir.json")) {
            return JsonMapper.builder().build().readTree(file);
        }
    }

    @Test
    void theDemoShopIsThere() throws java.io.IOException {
        JsonNode demo = demoFile();
        String there = shop.get("/api/exchange/shop.json").text();
        for (String list : List.of("lathes", "cuts", "tools", "grinds", "trials")) {
            assertThat(demo.path(list).size()).as(list).isPositive();
            demo.path(list)
                    .forEach(record ->
                            assertThat(there).contains(record.path("id").asString()));
        }
    }

    /** The words of the trade come with their meaning and source. */
    @Test
    void theWordsOfTheTradeAreExplained() {
        JsonNode terms = shop.get("/api/glossary").json();
        assertThat(terms.size()).isGreaterThan(25);
        assertThat(terms.path(0).path("word").asString()).isEqualTo("rake");
        assertThat(terms.path(0).path("meaning").asString()).isNotBlank();
    }

    /** A drawer's code, read back as a camera would, is the address of the tool's card. */
    @Test
    void aDrawersCodeOpensTheToolsCard() throws Exception {
        String id = demoFile().path("tools").path(0).path("id").asString();
        Answer code = shop.get("/api/crib/tools/" + id + "/code.svg");
        assertThat(code.status()).isEqualTo(200);
        Matcher cells = Pattern.compile("M(\\d+) (\\d+)h1v1").matcher(code.text());
        int quiet = 3;
        Matcher box = Pattern.compile("viewBox=\"0 0 (\\d+) ").matcher(code.text());
        assertThat(box.find()).isTrue();
        BitMatrix bits = new BitMatrix(Integer.parseInt(box.group(1)) - 2 * quiet);
        while (cells.find()) {
            bits.set(Integer.parseInt(cells.group(1)) - quiet, Integer.parseInt(cells.group(2)) - quiet);
        }
        assertThat(new Decoder().decode(bits).getText()).startsWith("http://").endsWith("/tools/" + id);
        assertThat(shop.get("/api/crib/tools/" + UUID.randomUUID() + "/code.svg")
                        .status())
                .isEqualTo(404);
    }

    /** Every demo cut and tool can be planned: the shop that is shown first has nothing broken in it. */
    @Test
    void everyDemoCutAndToolPlans() throws java.io.IOException {
        for (JsonNode cut : demoFile().path("cuts")) {
            Answer answer =
                    shop.send("POST", "/api/plan", Map.of("fields", cut.path("fields"), "units", cut.path("units")));
            assertThat(answer.json().path("worked").asBoolean())
                    .as(cut.toString())
                    .isTrue();
        }
        Answer which = shop.send("POST", "/api/crib/which", question("material", "brass-free"));
        assertThat(which.json().get(0).path("tool").path("name").asString()).contains("Brass");
    }

    @Test
    void aScriptTypesAsAMachinistAndGetsMillimetresAndDegrees() {
        JsonNode answer = shop.send(
                        "POST",
                        "/api/plan",
                        question("diameter", "1-1/4", "finished", "1.200 in", "sideRake", "11°30'"))
                .json();
        assertThat(figure(answer, "sideRake")).isCloseTo(11.5, within(1e-9));
        assertThat(figure(answer, "depth")).isCloseTo(0.25, within(1e-9));
        assertThat(answer.path("findings").get(0).path("working").size()).isPositive();
    }

    @Test
    void drawingsAndSolidComeAsFiles() {
        assertThat(shop.send("POST", "/api/plan/drawing/bit", question()).text())
                .startsWith("<?xml")
                .contains("<svg");
        assertThat(shop.send("POST", "/api/plan/solid", question()).text()).startsWith("solid bit");
        assertThat(shop.send("POST", "/api/plan/solid/3mf", question()).text()).startsWith("PK");
        Answer none = shop.send("POST", "/api/plan/drawing/nothing", question());
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.sentence()).contains("There are: cut, bit");
        Answer wrong = shop.send("POST", "/api/plan/solid", question("diameter", "wide"));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.field("diameter")).contains("does not start with a number");
    }

    /** A line typed as it is said becomes a cut that plans, on the machine that it names. */
    @Test
    void aCutIsTypedInOneLine() {
        JsonNode typed = shop.send(
                        "POST",
                        "/api/plan/typed",
                        Map.of("text", "bore 20 H7 45 deep tin bronze Long Bed, gently", "units", "METRIC"))
                .json();
        assertThat(typed.path("left").get(0).asString()).isEqualTo("gently");
        assertThat(typed.path("assumed").get(0).path("label").asString()).isEqualTo("Hole to start");
        JsonNode plan = shop.send("POST", "/api/plan", Map.of("fields", typed.path("fields"), "units", "METRIC"))
                .json();
        assertThat(plan.path("worked").asBoolean()).isTrue();
        assertThat(plan.path("page").path("printed").path("sentence").asString())
                .contains("Long Bed")
                .contains("Tin bronze");
        Answer empty = shop.send("POST", "/api/plan/typed", Map.of("text", " ", "units", "METRIC"));
        assertThat(empty.status()).isEqualTo(400);
        assertThat(empty.field("text")).contains("Type the cut");
    }

    /** The crib's list by kind, and what was saved last first; with the day of the last grind or trial. */
    @Test
    void theCribIsListedByKindAndByTime() {
        String kept = shop.send("POST", "/api/crib/tools", tool(0, "Zz saved last", ""))
                .json()
                .path("id")
                .asString();
        grind(kept, "2026-04-05", "11°");
        JsonNode latest = shop.get("/api/crib/tools?sort=SAVED&most=2").json();
        assertThat(latest.path("tools").get(0).path("id").asString()).isEqualTo(kept);
        assertThat(latest.path("lastUsed").path(kept).asString()).isEqualTo("2026-04-05");
        String second = latest.path("tools").get(1).path("id").asString();
        JsonNode next =
                shop.get("/api/crib/tools?sort=SAVED&most=2&after=" + second).json();
        assertThat(next.path("tools").get(0).path("id").asString()).isNotIn(kept, second);
        JsonNode bars = shop.get("/api/crib/tools?kind=bar").json();
        assertThat(bars.path("tools").size()).isPositive();
        bars.path("tools")
                .forEach(bar -> assertThat(bar.path("kind").asString()).isEqualTo("bar"));
        shop.send("DELETE", "/api/crib/tools/" + kept + "?version=1", Map.of());
    }

    /** Tools that are alike stand by name with one verdict; one that was ground since is judged by what was measured last. */
    @Test
    void alikeToolsAreJudgedAlikeAndAGrindTellsThemApart() {
        for (String name : List.of("Alike C", "Alike A", "Alike B")) {
            Answer kept = shop.send("POST", "/api/crib/tools", tool(0, name, ""));
            if (name.endsWith("B")) {
                String tool = kept.json().path("id").asString();
                grind(tool, "2026-03-02", "-12°");
                grind(tool, "2026-03-01", "12°");
            }
        }
        Map<String, JsonNode> found = new java.util.LinkedHashMap<>();
        shop.send("POST", "/api/crib/which", question()).json().forEach(one -> {
            String name = one.path("tool").path("name").asString();
            if (name.startsWith("Alike")) {
                found.put(name, one.path("match"));
            }
        });
        assertThat(found.keySet()).containsExactly("Alike A", "Alike C", "Alike B");
        assertThat(found.get("Alike A")).isEqualTo(found.get("Alike C"));
        List<Double> ranks = found.values().stream()
                .map(match -> match.path("rank").asDouble())
                .toList();
        assertThat(ranks.getLast()).isGreaterThan(ranks.getFirst());
    }

    private void grind(String tool, String day, String sideRake) {
        assertThat(shop.send(
                                "POST",
                                "/api/crib/tools/" + tool + "/grinds",
                                Map.of("onDay", day, "units", "METRIC", "measured", Map.of("sideRake", sideRake)))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whoeverSavesSecondIsToldAndNothingIsOverwritten() {
        JsonNode kept = shop.send("POST", "/api/crib/tools", tool(0, "Conflict bit", "first"))
                .json();
        String path = "/api/crib/tools/" + kept.path("id").asString();
        assertThat(shop.send("PUT", path, tool(1, "Conflict bit", "mine")).status())
                .isEqualTo(200);
        Answer second = shop.send("PUT", path, tool(1, "Conflict bit", "theirs"));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.sentence()).contains("Somebody else saved this tool");
        assertThat(shop.get(path).json().path("note").asString()).isEqualTo("mine");
        shop.delete(path);
        assertThat(shop.send("PUT", path, tool(2, "Conflict bit", "late")).status())
                .isEqualTo(404);
    }

    @Test
    void aScriptTagInANoteIsOnlyText() {
        String note = "<script>alert('x')</script>";
        JsonNode kept =
                shop.send("POST", "/api/crib/tools", tool(0, "Tagged", note)).json();
        String path = "/api/crib/tools/" + kept.path("id").asString();
        assertThat(shop.get(path).json().path("note").asString()).isEqualTo(note);
        shop.delete(path);
    }

    @Test
    void grindsAreReadBeforeTheyAreKept() {
        JsonNode kept =
                shop.send("POST", "/api/crib/tools", tool(0, "Ground", "")).json();
        String path = "/api/crib/tools/" + kept.path("id").asString();
        Answer wrong =
                shop.send("POST", path + "/grinds", Map.of("units", "METRIC", "measured", Map.of("sideRake", "steep")));
        assertThat(wrong.field("sideRake")).contains("does not start with a number");
        assertThat(shop.send("POST", path + "/grinds", Map.of("units", "METRIC", "measured", Map.of("sideRake", "11°")))
                        .status())
                .isEqualTo(200);
        assertThat(shop.get(path + "/grinds").json()).hasSize(1);
        shop.delete(path);
    }

    @Test
    void aTrialIsJudgedAndKept() {
        Map<String, Object> trial = new HashMap<>(question("diameter", "25", "finished", "24"));
        trial.put("readings", Map.of("near", "24.001", "far", "24.004", "apart", "40", "chip", "short-curls"));
        assertThat(shop.send("POST", "/api/proof/judge", trial)
                        .json()
                        .path("worked")
                        .asBoolean())
                .isTrue();
        JsonNode kept = shop.send("POST", "/api/proof/trials", trial).json();
        assertThat(kept.path("verdict").asString()).startsWith("Within the tolerance");
        trial.put("readings", Map.of("near", "24.001", "far", "abc", "apart", "40"));
        Answer wrong = shop.send("POST", "/api/proof/trials", trial);
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.field("far")).isNotBlank();
    }

    @Test
    void theWholeShopGoesOutAndComesInAgain() {
        String file = shop.get("/api/exchange/shop.json").text();
        assertThat(file).contains("\"format\" : \"bold-wedge-shop\"");
        JsonNode again = shop.sendText("POST", "/api/exchange/shop", "application/json", file)
                .json();
        assertThat(again.path("added").asInt()).isZero();
        assertThat(again.path("there").asInt()).isGreaterThan(15);
        JsonNode tool = shop.get("/api/crib/tools?words=stainless+finisher")
                .json()
                .path("tools")
                .get(0);
        String one = shop.get("/api/exchange/tools/" + tool.path("id").asString() + ".json")
                .text();
        // A new id makes it a new tool; grinds and trials hang on the tool's id and come along.
        String fresh = one.replace(tool.path("id").asString(), UUID.randomUUID().toString())
                .replaceAll("(?<=\"grinds\" : )\\[[^\\]]*\\]", "[]")
                .replaceAll("(?s)(?<=\"trials\" : )\\[.*\\](?=\\s*\\})", "[]");
        assertThat(shop.sendText("POST", "/api/exchange/shop", "application/json", fresh)
                        .json()
                        .path("added")
                        .asInt())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"format\":\"bold-wedge-shop\",\"formatVersion\":1,\"tools\":[{\"id\":",
                "not json at all",
                "{\"format\":\"something-else\",\"formatVersion\":1}",
                "{\"format\":\"bold-wedge-shop\",\"formatVersion\":99}",
                "{\"format\":\"bold-wedge-shop\",\"formatVersion\":1,\"surprise\":true}",
                "{\"format\":\"bold-wedge-shop\",\"formatVersion\":1,\"tools\":[{\"name\":\"half\"}]}",
                "[]",
                ""
            })
    void brokenFilesAreRefusedWhole(String file) {
        int before = shop.get("/api/crib/tools").json().path("count").asInt();
        Answer answer = shop.sendText("POST", "/api/exchange/shop", "application/json", file);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.sentence()).isNotBlank();
        assertThat(answer.text()).doesNotContain("Exception").doesNotContain("at boldwedge");
        assertThat(shop.get("/api/crib/tools").json().path("count").asInt()).isEqualTo(before);
    }

    @Test
    void theCribGoesOutAndComesInAsATable() {
        String csv = shop.get("/api/exchange/crib.csv").text();
        assertThat(csv).startsWith("id,name,drawer,note,kind,units,blank,backRake");
        assertThat(shop.sendText("POST", "/api/exchange/crib", "text/csv", csv)
                        .json()
                        .path("added")
                        .asInt())
                .isZero();
        Answer column = shop.sendText(
                "POST", "/api/exchange/crib", "text/csv", "name,units,blank,colour\nA,METRIC,hss-8mm,red\n");
        assertThat(column.sentence()).contains("a column “colour” that I do not know");
        Answer units = shop.sendText("POST", "/api/exchange/crib", "text/csv", "name,units,blank\nA,CUBITS,hss-8mm\n");
        assertThat(units.sentence()).contains("Line 2");
        Answer bar = shop.sendText(
                "POST",
                "/api/exchange/crib",
                "text/csv",
                "name,units,barDiameter,barLength,barMaterial,boreBit\nCSV bar,METRIC,11 mm,120 mm,steel,hss-4mm\n");
        assertThat(bar.json().path("added").asInt()).as(bar.text()).isEqualTo(1);
        assertThat(shop.get("/api/exchange/crib.csv").text())
                .contains("CSV bar")
                .contains("11 mm");
        Answer blank = shop.sendText("POST", "/api/exchange/crib", "text/csv", "name,units,blank\nA,METRIC,butter\n");
        assertThat(blank.status()).isEqualTo(400);
    }

    @Test
    void aLatheCardIsCheckedEntryByEntry() {
        Answer wrong = shop.send(
                "POST",
                "/api/shop/lathes",
                Map.of("version", 0, "units", "METRIC", "card", Map.of("name", "Half", "swing", "wide")));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.field("swing")).contains("does not start with a number");
        assertThat(wrong.field("speeds")).contains("List its speeds");
    }

    @Test
    void strangeRequestsGetASentence() {
        assertThat(shop.sendText("POST", "/api/plan", "application/json", "{\"fields\":")
                        .status())
                .isEqualTo(400);
        assertThat(shop.get("/api/crib/tools/not-an-id").status()).isEqualTo(400);
        assertThat(shop.get("/api/crib/tools/" + UUID.randomUUID()).sentence())
                .isEqualTo("This tool is not in the crib.");
        assertThat(shop.get("/api/nothing-here").status()).isEqualTo(404);
        assertThat(shop.send("DELETE", "/api/plan", "").status()).isEqualTo(405);
        assertThat(shop.get("/api/measure/read?text=3/0").json().path("error").asString())
                .contains("divides by nothing");
        assertThat(shop.get("/api/measure/read?text=letter%20F")
                        .json()
                        .path("inch")
                        .asString())
                .isEqualTo("0.257 in");
        assertThat(shop.get("/api/measure/drills").json().size()).isGreaterThan(400);
    }

    @Test
    void theApiDescribesItself() {
        JsonNode api = shop.get("/api/openapi.json").json();
        assertThat(api.path("openapi").asString()).startsWith("3.1");
        List<String> paths = new java.util.ArrayList<>(api.path("paths").propertyNames());
        assertThat(paths).contains("/api/plan", "/api/crib/which", "/api/proof/judge", "/api/exchange/shop.json");
        assertThat(shop.get("/api/exchange/schema.json").json().path("title").asString())
                .isEqualTo("A shop's records");
    }

    /** The page's types are generated from this file: it must be what the program serves. */
    @Test
    void theCommittedDocumentIsTheServedOne() throws Exception {
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        JsonNode served = shop.get("/api/openapi.json").json();
        Files.writeString(Path.of("target/openapi.json"), json.writeValueAsString(served) + "\n");
        JsonNode committed = json.readTree(Files.readString(Path.of("../ui/openapi.json")));
        assertThat(committed.equals(served))
                .as("ui/openapi.json is what the program serves; run ./bw types")
                .isTrue();
    }

    @Test
    void whileTheDatabaseIsAwayPlanningGoesOnAndSavingSaysSo() {
        Map<String, Object> question = question();
        assertThat(shop.send("POST", "/api/plan", question)
                        .json()
                        .path("worked")
                        .asBoolean())
                .isTrue();
        shop.stopDatabase();
        try {
            assertThat(shop.send("POST", "/api/plan", question)
                            .json()
                            .path("worked")
                            .asBoolean())
                    .isTrue();
            Answer saving = shop.send("POST", "/api/crib/tools", tool(0, "Away", ""));
            assertThat(saving.status()).as(saving.text()).isEqualTo(503);
            assertThat(saving.sentence()).contains("What you typed is kept");
        } finally {
            shop.startDatabase();
        }
        Answer again = shop.send("POST", "/api/crib/tools", tool(0, "Back", ""));
        if (again.status() == 503) {
            again = shop.send("POST", "/api/crib/tools", tool(0, "Back", ""));
        }
        assertThat(again.status()).isEqualTo(200);
    }

    /** What was entered is there at the next start, and the demo shop is not loaded a second time. */
    @Test
    void whatWasEnteredIsThereAfterAStopAndAStart() {
        shop.send("POST", "/api/crib/tools", tool(0, "Kept over night", "as left"));
        int tools = shop.get("/api/crib/tools").json().path("count").asInt();
        int trials = shop.get("/api/proof/trials").json().size();
        JsonNode cuts = shop.get("/api/cuts").json();
        shop.restart();
        assertThat(shop.get("/api/crib/tools").json().path("count").asInt()).isEqualTo(tools);
        assertThat(shop.get("/api/proof/trials").json().size()).isEqualTo(trials);
        assertThat(shop.get("/api/cuts").json()).isEqualTo(cuts);
        assertThat(shop.get("/api/crib/tools?words=over+night")
                        .json()
                        .path("tools")
                        .get(0)
                        .path("note")
                        .asString())
                .isEqualTo("as left");
    }

    /** No text, however strange, gets anything but an answer or a sentence: a small fuzz over the fields. */
    @Test
    void strangeTextsInEveryFieldAreAnsweredWithoutAFault() {
        List<String> strange = List.of(
                "",
                " ",
                "\u0000",
                "'; drop table tool; --",
                "<script>alert(1)</script>",
                "9".repeat(400),
                "1e999",
                "-0",
                "½",
                "٣",
                "1/2/3",
                "±",
                "NaN",
                "Infinity",
                "mm",
                "💥");
        for (JsonNode state : shop.send("POST", "/api/plan", question()).json().path("fields")) {
            for (String text : strange) {
                String field = state.path("id").asString();
                Answer answer = shop.send("POST", "/api/plan", question(field, text));
                if (text.equals("\u0000")) {
                    assertThat(answer.status()).isEqualTo(400);
                    assertThat(answer.field(field)).contains("control character");
                    continue;
                }
                assertThat(answer.status()).as(field + ": " + text).isEqualTo(200);
                JsonNode json = answer.json();
                if (!json.path("worked").asBoolean()) {
                    assertThat(json.path("fields").toString())
                            .as(field + ": " + text)
                            .contains("\"error\":\"")
                            .doesNotContain("Exception");
                }
            }
        }
    }
}
