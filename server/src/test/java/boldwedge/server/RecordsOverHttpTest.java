package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.RunningShop.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Records that are sent twice, by two people, in files, in large numbers: none is lost, doubled or overwritten. */
class RecordsOverHttpTest extends OverHttp {
    private static Map<String, Object> tool(String id, String name) {
        Map<String, Object> tool = new HashMap<>(Map.of(
                "version",
                0,
                "name",
                name,
                "drawer",
                "R",
                "note",
                "",
                "units",
                "METRIC",
                "fields",
                Map.of("blank", "hss-10mm")));
        if (!id.isEmpty()) {
            tool.put("id", id);
        }
        return tool;
    }

    private List<Answer> atOnce(List<Callable<Answer>> requests) throws Exception {
        try (ExecutorService pool = Executors.newFixedThreadPool(requests.size())) {
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> answer : pool.invokeAll(requests)) {
                answers.add(answer.get());
            }
            return answers;
        }
    }

    /** A double click, or a request that was repeated because its answer was lost. */
    @Test
    void theSameRecordSentTwiceIsKeptOnce() throws Exception {
        String lathe = lathe("Long Bed");
        Map<String, Map<String, Object>> records = Map.of(
                "/api/crib/tools",
                tool("", "Sent twice"),
                "/api/cuts",
                new HashMap<>(
                        Map.of("version", 0, "name", "Sent twice", "units", "METRIC", "fields", Map.of("a", "1"))),
                "/api/proof/trials",
                new HashMap<>(Map.of(
                        "units", "METRIC",
                        "fields", Map.of("lathe", lathe, "diameter", "25", "finished", "24"),
                        "readings", Map.of("near", "24.001", "far", "24.004", "apart", "40"))),
                "/api/shop/lathes",
                new HashMap<>(Map.of(
                        "version",
                        0,
                        "units",
                        "METRIC",
                        "card",
                        Map.of(
                                "name",
                                "Sent twice",
                                "swing",
                                "200 mm",
                                "centreHeight",
                                "20 mm",
                                "largestShank",
                                "10 mm",
                                "speeds",
                                "100 to 2000 rpm",
                                "motor",
                                "1 kW",
                                "efficiency",
                                "75 %"))));
        for (var entry : records.entrySet()) {
            Map<String, Object> record = entry.getValue();
            record.put("id", UUID.randomUUID().toString());
            Callable<Answer> once = () -> shop.send("POST", entry.getKey(), record);
            List<Answer> answers = atOnce(List.of(once, once, once, once));
            assertThat(answers).allSatisfy(answer -> {
                assertThat(answer.status()).as(entry.getKey() + answer.text()).isEqualTo(200);
                assertThat(answer.json().path("id").asString()).isEqualTo(record.get("id"));
            });
            // Another record under the same id is no repetition: it is refused, and the first stays.
            Map<String, Object> other = new HashMap<>(record);
            if (other.containsKey("name")) {
                other.put("name", "Another");
            } else if (other.containsKey("card")) {
                Map<Object, Object> card = new HashMap<>((Map<?, ?>) record.get("card"));
                card.put("name", "Another");
                other.put("card", card);
            } else {
                other.put("note", "another");
            }
            Answer taken = shop.send("POST", entry.getKey(), other);
            assertThat(taken.status()).as(entry.getKey()).isEqualTo(409);
            assertThat(taken.json().path("code").asString()).isEqualTo("id-taken");
        }
        assertThat(shop.get("/api/crib/tools?words=sent+twice")
                        .json()
                        .path("count")
                        .asInt())
                .isEqualTo(1);
        JsonNode lathes = shop.get("/api/shop/lathes").json();
        for (JsonNode one : lathes) {
            if (one.path("card").path("name").asString().equals("Sent twice")) {
                shop.sendText(
                        "DELETE", "/api/shop/lathes/" + one.path("id").asString() + "?version=1", "text/plain", "");
            }
        }
    }

    @Test
    void deletingWantsTheVersionThatWasRead() {
        JsonNode kept =
                shop.send("POST", "/api/crib/tools", tool("", "To be deleted")).json();
        String path = "/api/crib/tools/" + kept.path("id").asString();
        shop.send("PUT", path, tool("", "Changed since"));
        assertThat(shop.sendText("DELETE", path, "text/plain", "").status()).isEqualTo(400);
        Map<String, Object> changed = tool("", "Changed since");
        changed.put("version", 1);
        assertThat(shop.send("PUT", path, changed).status()).isEqualTo(200);
        Answer stale = shop.sendText("DELETE", path + "?version=1", "text/plain", "");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().path("code").asString()).isEqualTo("saved-by-another");
        assertThat(shop.sendText("DELETE", path + "?version=2", "text/plain", "")
                        .status())
                .isEqualTo(200);
        // Gone is gone: deleting again is no fault.
        assertThat(shop.sendText("DELETE", path + "?version=2", "text/plain", "")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aTrialOutlivesItsCutAndIsNotLostWithItsTool() {
        Map<String, Object> trial = question("Long Bed", Map.of("diameter", "25", "finished", "24"));
        trial.put("readings", Map.of("near", "24.001", "far", "24.004", "apart", "40"));
        trial.put("cutId", UUID.randomUUID().toString());
        Answer kept = shop.send("POST", "/api/proof/trials", trial);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.json().path("cutId").isNull()).isTrue();
        trial.put("toolId", UUID.randomUUID().toString());
        Answer refused = shop.send("POST", "/api/proof/trials", trial);
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.json().path("code").asString()).isEqualTo("no-such-tool");
    }

    /** What has no solid says so: a bar, a blade. */
    @Test
    void whatHasNoSolidSaysSo() {
        Answer none = shop.send(
                "POST", "/api/plan/solid", question("Long Bed", Map.of("operation", "part", "partDiameter", "20 mm")));
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.json().path("code").asString()).isEqualTo("no-solid");
    }

    /** A bare 110 of an inch shop is 110 lbf/thou for whoever takes it, however it came in. */
    @Test
    void bareNumbersAreKeptWithTheirUnits() {
        Answer taken = shop.sendText(
                "POST",
                "/api/exchange/crib",
                "text/csv",
                "name,units,barDiameter,barLength,barMaterial,boreBit,tipStiffness\nInch bar,INCH,0.5,6,steel,hss-4mm,110\n");
        assertThat(taken.json().path("added").asInt()).as(taken.text()).isEqualTo(1);
        JsonNode bar =
                shop.get("/api/crib/tools?words=inch+bar").json().path("tools").get(0);
        assertThat(bar.path("kind").asString()).isEqualTo("bar");
        assertThat(bar.path("fields").path("tipStiffness").asString()).isEqualTo("110 lbf/thou");
        assertThat(bar.path("fields").path("barDiameter").asString()).isEqualTo("0.5 in");
        // Sent again by its maker, bare as it was, it is the same tool.
        JsonNode sent = shop.send(
                        "POST",
                        "/api/crib/tools",
                        Map.of(
                                "id",
                                bar.path("id").asString(),
                                "version",
                                0,
                                "name",
                                "Inch bar",
                                "units",
                                "INCH",
                                "fields",
                                Map.of(
                                        "barDiameter", "0.5",
                                        "barLength", "6",
                                        "barMaterial", "steel",
                                        "boreBit", "hss-4mm",
                                        "tipStiffness", "110")))
                .json();
        assertThat(sent.path("id").asString()).isEqualTo(bar.path("id").asString());
        shop.send("DELETE", "/api/crib/tools/" + bar.path("id").asString() + "?version=1", Map.of());
    }

    /** Of two grinds that came in with one file, on one day at one time, the last in the file is the last. */
    @Test
    void grindsOfOneFileKeepTheirOrder() {
        String tool = shop.send(
                        "POST",
                        "/api/crib/tools",
                        Map.of(
                                "version",
                                0,
                                "name",
                                "Twice ground",
                                "units",
                                "METRIC",
                                "fields",
                                Map.of("blank", "hss-10mm")))
                .json()
                .path("id")
                .asString();
        StringBuilder grinds = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            grinds.append(i == 0 ? "" : ",")
                    .append("{\"id\":\"")
                    .append(java.util.UUID.randomUUID())
                    .append("\",\"toolId\":\"")
                    .append(tool)
                    .append("\",\"onDay\":\"2026-03-01\",\"units\":\"METRIC\",\"measured\":{\"sideRake\":\"")
                    .append(10 + i)
                    .append("°\"},\"note\":\"\",\"savedBy\":\"\"}");
        }
        Answer taken = shop.sendText(
                "POST",
                "/api/exchange/shop",
                "application/json",
                "{\"format\":\"bold-wedge-shop\",\"formatVersion\":2,\"grinds\":[" + grinds + "]}");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        JsonNode kept = shop.get("/api/crib/tools/" + tool + "/grinds").json();
        for (int i = 0; i < 9; i++) {
            assertThat(kept.get(i).path("measured").path("sideRake").asString()).isEqualTo(18 - i + "°");
        }
        shop.send("DELETE", "/api/crib/tools/" + tool + "?version=1", Map.of());
    }

    /** Page after page, every tool once and in order, whatever the words. */
    @Test
    void theCribIsReadPageByPage() {
        for (int i = 0; i < 33; i++) {
            assertThat(shop.send("POST", "/api/crib/tools", tool("", "Paged " + (i % 7) + " tool"))
                            .status())
                    .isEqualTo(200);
        }
        List<String> names = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        String after = "";
        int count = 0;
        do {
            JsonNode page =
                    shop.get("/api/crib/tools?words=paged+TOOL&most=5" + after).json();
            assertThat(page.path("tools").size()).isLessThanOrEqualTo(5);
            for (JsonNode tool : page.path("tools")) {
                names.add(tool.path("name").asString());
                ids.add(tool.path("id").asString());
                after = "&after=" + tool.path("id").asString();
            }
            count = page.path("count").asInt();
            if (!page.path("more").asBoolean()) {
                break;
            }
        } while (true);
        assertThat(names).hasSize(33).isSorted();
        assertThat(ids).hasSize(33);
        assertThat(count).isEqualTo(33);
        assertThat(shop.get("/api/crib/tools?words=100%25_%5C")
                        .json()
                        .path("count")
                        .asInt())
                .isZero();
        // A word of a letter or two is looked for where a word begins.
        assertThat(shop.get("/api/crib/tools?words=pa+3+to")
                        .json()
                        .path("count")
                        .asInt())
                .isEqualTo(5);
        assertThat(shop.get("/api/crib/tools?words=paged+ed")
                        .json()
                        .path("count")
                        .asInt())
                .isZero();
        ids.forEach(id -> shop.delete("/api/crib/tools/" + id));
    }

    /** Two files that hold the same records in opposite orders, taken in at once, again and again. */
    @Test
    void twoFilesAtOnceBothComeIn() throws Exception {
        for (int round = 0; round < 5; round++) {
            List<String> tools = new ArrayList<>();
            List<String> cuts = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                tools.add(
                        "{\"id\":\"" + UUID.randomUUID()
                                + "\",\"version\":1,\"name\":\"Crossing\",\"drawer\":\"\",\"note\":\"\",\"units\":\"METRIC\",\"fields\":{\"blank\":\"hss-10mm\"}}");
                cuts.add("{\"id\":\"" + UUID.randomUUID()
                        + "\",\"version\":1,\"name\":\"Crossing\",\"units\":\"METRIC\",\"fields\":{}}");
            }
            String there = file(cuts, tools);
            String back = file(cuts.reversed(), tools.reversed());
            List<Answer> answers = atOnce(List.of(
                    () -> shop.sendText("POST", "/api/exchange/shop", "application/json", there),
                    () -> shop.sendText("POST", "/api/exchange/shop", "application/json", back),
                    () -> shop.sendText("POST", "/api/exchange/shop", "application/json", there)));
            int added = 0;
            for (Answer answer : answers) {
                assertThat(answer.status()).as(answer.text()).isEqualTo(200);
                added += answer.json().path("added").asInt();
            }
            assertThat(added).isEqualTo(120);
        }
        for (JsonNode tool :
                shop.get("/api/crib/tools?words=crossing&most=500").json().path("tools")) {
            shop.delete("/api/crib/tools/" + tool.path("id").asString());
        }
        for (JsonNode cut : shop.get("/api/cuts?most=1000").json()) {
            if (cut.path("name").asString().equals("Crossing")) {
                shop.delete("/api/cuts/" + cut.path("id").asString());
            }
        }
    }

    private static String file(List<String> cuts, List<String> tools) {
        // The lists stand in an order in which nothing that is referred to comes first.
        return "{\"grinds\":[],\"tools\":[" + String.join(",", tools) + "],\"cuts\":[" + String.join(",", cuts)
                + "],\"format\":\"bold-wedge-shop\",\"formatVersion\":1}";
    }

    /** What is true of where a file was written, and not of where it is taken in. */
    private static String withoutWhoAndWhen(String file) {
        return file.replaceAll(" *\"(saved|said)(At|By)\" : [^\n]*\n", "");
    }

    /** Out of one shop, into another, and out of that: the same file to the byte but for who saved it, and when. */
    @Test
    void aFileThatGoesOutAndInAndOutAgainIsTheSame() {
        try (RunningShop other = RunningShop.another(Map.of())) {
            String file = shop.get("/api/exchange/shop.json").text();
            Answer in = other.sendText("POST", "/api/exchange/shop", "application/json", file);
            assertThat(in.status()).as(in.text()).isEqualTo(200);
            assertThat(in.json().path("there").asInt()).isZero();
            String out = other.get("/api/exchange/shop.json").text();
            assertThat(withoutWhoAndWhen(out)).isEqualTo(withoutWhoAndWhen(file));
            assertThat(withoutWhoAndWhen(file).length()).isLessThan(file.length());
            // A tool's own file, with trials that name cuts of another shop, comes into one that has none of them.
            String id = shop.get("/api/proof/trials?most=1000")
                    .json()
                    .valueStream()
                    .filter(trial -> !trial.path("toolId").isNull()
                            && !trial.path("cutId").isNull())
                    .map(trial -> trial.path("toolId").asString())
                    .findFirst()
                    .orElseThrow();
            String one = shop.get("/api/exchange/tools/" + id + ".json").text();
            assertThat(one).contains("cutId");
            try (RunningShop third = RunningShop.another(Map.of())) {
                Answer card = third.sendText("POST", "/api/exchange/shop", "application/json", one);
                assertThat(card.status()).as(card.text()).isEqualTo(200);
                JsonNode trials = third.get("/api/proof/trials?tool=" + id).json();
                assertThat(trials.size())
                        .isEqualTo(
                                shop.get("/api/proof/trials?tool=" + id).json().size())
                        .isPositive();
                // A cell that a spreadsheet would run is harmless in the table and comes back as it was.
                Map<String, Object> formula = tool("", "=1+1");
                formula.put("note", "'@quoted");
                formula.put("drawer", "-5");
                JsonNode kept = third.send("POST", "/api/crib/tools", formula).json();
                String table = third.get("/api/exchange/crib.csv").text();
                assertThat(table)
                        .contains("'=1+1")
                        .contains("''@quoted")
                        .contains("'-5")
                        .doesNotContain(",=1+1");
                third.delete("/api/crib/tools/" + kept.path("id").asString());
                assertThat(third.sendText("POST", "/api/exchange/crib", "text/csv", table)
                                .json()
                                .path("added")
                                .asInt())
                        .isEqualTo(1);
                JsonNode back = third.get("/api/crib/tools/" + kept.path("id").asString())
                        .json();
                assertThat(back.path("name").asString()).isEqualTo("=1+1");
                assertThat(back.path("note").asString()).isEqualTo("'@quoted");
                assertThat(back.path("drawer").asString()).isEqualTo("-5");
            }
        }
    }

    /** A search that nobody waits for any more ends, and its turn is free again. */
    @Test
    void whoeverLeavesASearchEndsIt() throws Exception {
        Map<String, Object> question = question(
                "Long Bed",
                Map.of("operation", "bore", "boreStart", "18.5 mm", "boreFinished", "20 mm", "boreDepth", "45 mm"));
        String body = new tools.jackson.databind.json.JsonMapper().writeValueAsString(question);
        for (int i = 0; i < 6; i++) {
            try (var socket =
                    new java.net.Socket(java.net.InetAddress.getLoopbackAddress(), RunningShop.port(shop.program()))) {
                socket.getOutputStream()
                        .write(
                                ("POST /api/crib/which HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: "
                                                + body.getBytes(java.nio.charset.StandardCharsets.UTF_8).length
                                                + "\r\n\r\n" + body)
                                        .getBytes(java.nio.charset.StandardCharsets.UTF_8));
            }
        }
        assertThat(shop.send("POST", "/api/crib/which", question).status()).isEqualTo(200);
    }

    /** Whoever turns the page after its last tool has been deleted goes on where it stood. */
    @ParameterizedTest
    @ValueSource(strings = {"NAME", "SAVED"})
    void aPageAfterADeletedToolGoesOn(String sort) {
        String asked = "/api/crib/tools?most=3&sort=" + sort;
        JsonNode first = shop.get(asked).json().path("tools");
        Map<String, Object> tool = Map.of(
                "version",
                0,
                "name",
                sort.equals("NAME") ? "! first of all" : "Zz last",
                "units",
                "METRIC",
                "fields",
                Map.of("blank", "hss-10mm"));
        String id = shop.send("POST", "/api/crib/tools", tool).json().path("id").asString();
        assertThat(shop.get(asked).json().path("tools").get(0).path("id").asString())
                .isEqualTo(id);
        JsonNode following = shop.get(asked + "&after=" + id).json().path("tools");
        assertThat(shop.delete("/api/crib/tools/" + id).status()).isEqualTo(200);
        assertThat(shop.get(asked + "&after=" + id).json().path("tools"))
                .isEqualTo(following)
                .isEqualTo(first);
    }

    /** A record, a line, a number that goes on without end is given up while it is read; nothing of the file is taken in. */
    @Test
    void whatGoesOnWithoutEndIsRefusedWhileItIsRead() {
        String shopsFile = "{\"format\":\"bold-wedge-shop\",\"formatVersion\":3,\"tools\":[";
        StringBuilder keys = new StringBuilder("{\"fields\":{");
        for (int i = 0; i < 200_000; i++) {
            keys.append("\"k").append(i).append("\":\"v\",");
        }
        for (String file : List.of(
                shopsFile + keys + "\"z\":\"\"}}]}",
                shopsFile + "{\"version\":" + "9".repeat(100_000) + "}]}",
                shopsFile + "{\"" + "n".repeat(100_000) + "\":1}]}")) {
            Answer refused = shop.sendText("POST", "/api/exchange/shop", "application/json", file);
            assertThat(refused.status()).as(refused.text()).isEqualTo(400);
            assertThat(refused.json().path("code").asString()).isEqualTo("record-too-long");
        }
        String table = "name,units,note\nA,METRIC,\"" + "x".repeat(2 * 1024 * 1024) + "\"\n";
        Answer refused = shop.sendText("POST", "/api/exchange/crib", "text/csv", table);
        assertThat(refused.json().path("code").asString()).isEqualTo("record-too-long");
        assertThat(refused.sentence()).endsWith("Nothing was taken in.");
    }
}
