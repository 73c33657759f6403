package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RawHttp;
import boldwedge.server.testing.RawHttp.Reply;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Nothing that can be sent gets a fault, and nothing is refused without a sentence and a code. */
class BadInputTest extends OverHttp {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final byte[] NOTHING = {};
    private final List<String> wrong = new ArrayList<>();
    private final int port = Integer.parseInt(shop.address().replaceAll(".*:", ""));

    /** Every path and method of the served document, each with everything that may be wrong with a body, heading or address. */
    @Test
    void everyPathAnswersEverythingInWords() throws IOException {
        JsonNode api = shop.get("/api/openapi.json").json();
        AtomicInteger sent = new AtomicInteger();
        for (String path : api.path("paths").propertyNames()) {
            JsonNode methods = api.path("paths").path(path);
            for (String method : methods.propertyNames()) {
                String verb = method.toUpperCase(java.util.Locale.ROOT);
                for (String address : addresses(path)) {
                    refusedInWords(verb + " " + address, Map.of(), NOTHING, sent);
                }
                String real = path.replaceAll("\\{id}", "3f0c1f6e-0000-4000-8000-000000000000")
                        .replaceAll("\\{[^}]*}", "bit");
                for (Map<String, String> headings : headings()) {
                    refusedInWords(verb + " " + real, headings, bytes("{}"), sent);
                }
                if (!verb.equals("GET")) {
                    for (byte[] body : bodies(api, methods.path(method))) {
                        refusedInWords(verb + " " + real, Map.of("Content-Type", "application/json"), body, sent);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(sent.get()).isGreaterThan(2500);
    }

    private void refusedInWords(String line, Map<String, String> headings, byte[] body, AtomicInteger sent)
            throws IOException {
        sent.incrementAndGet();
        Reply reply = RawHttp.ask(port, line, headings, body);
        try {
            inWords(reply, line + " " + headings + " " + new String(body, StandardCharsets.UTF_8));
        } catch (AssertionError | tools.jackson.core.JacksonException not) {
            wrong.add(String.valueOf(not.getMessage()));
        }
    }

    private static void inWords(Reply reply, String what) {
        String shown = what.length() > 300 ? what.substring(0, 300) : what;
        assertThat(reply.status()).as(shown + " → " + reply.body()).isBetween(200, 499);
        if (reply.status() < 400) {
            return;
        }
        JsonNode problem = JSON.readTree(reply.body());
        assertThat(problem.path("sentence").asString("")).as(shown).isNotBlank();
        assertThat(problem.path("code").asString("")).as(shown).matches("[a-z0-9-]+");
        assertThat(reply.body())
                .as(shown)
                .doesNotContain("Exception")
                .doesNotContain("boldwedge.")
                .doesNotContain("java.")
                .doesNotContain("jackson")
                .doesNotContain("org.");
        assertThat(reply.headings().get("content-type")).as(shown).startsWith("application/json");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static List<String> addresses(String path) {
        List<String> addresses = new ArrayList<>();
        for (String id : List.of(
                "not-an-id",
                "%00",
                "%zz",
                "..%2f",
                "%2e%2e",
                "a;b",
                "%ff%fe",
                "3f0c1f6e-0000-4000-8000-000000000000")) {
            if (path.contains("{")) {
                addresses.add(path.replaceAll("\\{[^}]*}", id));
            }
        }
        for (String query : List.of(
                "?words=%00",
                "?words=%zz&text=%zz",
                "?words=%ed%a0%80&text=%ed%a0%80",
                "?after=x&most=x&version=x&tool=x&cut=x&quantity=x&units=x&text=1",
                "?most=99999999999999999999",
                "?most=-1&version=-1",
                "?text=%00&cost=%00&tool=3f0c1f6e-0000-4000-8000-000000000000",
                "?=&&==&",
                "?" + "a".repeat(3000))) {
            addresses.add(path.replaceAll("\\{[^}]*}", "3f0c1f6e-0000-4000-8000-000000000000") + query);
        }
        return addresses;
    }

    private static List<Map<String, String>> headings() {
        return List.of(
                Map.of(),
                Map.of("Content-Type", "application/x-www-form-urlencoded"),
                Map.of("Content-Type", "multipart/form-data; boundary=x"),
                Map.of("Content-Type", "multipart/form-data"),
                Map.of("Content-Type", "text/xml"),
                Map.of("Content-Type", "no type at all"),
                Map.of("Content-Type", "application/json; charset=klingon"),
                Map.of("Content-Type", "application/json", "Accept", "image/png"),
                Map.of("Content-Type", "application/json", "Accept", "nonsense"),
                Map.of("Content-Type", "application/json", "Content-Encoding", "gzip"),
                Map.of("Content-Type", "application/json", "Cookie", "bold-wedge=%%%; a=\"; XSRF-TOKEN=\\"),
                Map.of("Content-Type", "application/json", "Accept-Language", "☃"));
    }

    /** Bodies that are no JSON, JSON of no use, and the form itself with each of its parts wrong in turn. */
    private static List<byte[]> bodies(JsonNode api, JsonNode operation) {
        List<byte[]> bodies = new ArrayList<>();
        for (String text : List.of(
                "",
                "null",
                "{}",
                "[]",
                "3",
                "\"text\"",
                "{\"fields\":",
                "{\"fields\":{\"a\":\"\\ud800\"},\"units\":\"METRIC\"}",
                "{\"fields\":{\"a\":\"\\u0000\"},\"units\":\"METRIC\"}",
                "{\"fields\":{\"\\u0000\":\"a\"},\"units\":\"METRIC\"}",
                "{\"fields\":{\"a\":\"\\q\"}}",
                "{\"units\":\"CUBITS\"}",
                "{\"units\":7,\"fields\":7}",
                "{\"name\":\"\\u200b\\u200b\",\"units\":\"METRIC\",\"fields\":{},\"version\":1}",
                "{\"onDay\":\"+999999999-12-31\",\"units\":\"METRIC\",\"fields\":{},\"readings\":{},\"measured\":{\"a\":\"1\"}}",
                "{\"onDay\":\"0000-01-01\",\"units\":\"METRIC\",\"fields\":{},\"readings\":{},\"measured\":{\"a\":\"1\"}}",
                "{\"onDay\":\"yesterday\",\"units\":\"METRIC\"}",
                "[".repeat(5000),
                "{\"a\":".repeat(2000),
                "{\"version\":1e999}",
                "{\"name\":\"" + "x".repeat(2000) + "\",\"units\":\"METRIC\",\"fields\":{},\"version\":1}")) {
            bodies.add(bytes(text));
        }
        bodies.add(new byte[] {'{', '"', (byte) 0xff, (byte) 0xfe, '"', ':', '1', '}'});
        bodies.add(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1, 2, 3});
        JsonNode schema = operation
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        JsonNode form = api.path("components")
                .path("schemas")
                .path(schema.path("$ref").asString("").replaceAll(".*/", ""));
        Map<String, Object> usual = new LinkedHashMap<>();
        for (String part : form.path("properties").propertyNames()) {
            usual.put(part, usual(part));
        }
        for (String part : usual.keySet()) {
            for (Object wrong : new Object[] {
                null, 1, -1.5, true, "", "x", "\u0000", List.of(), List.of(1), Map.of(), Map.of("a", Map.of())
            }) {
                Map<String, Object> body = new LinkedHashMap<>(usual);
                body.put(part, wrong);
                bodies.add(JSON.writeValueAsBytes(body));
            }
            Map<String, Object> without = new LinkedHashMap<>(usual);
            without.remove(part);
            bodies.add(JSON.writeValueAsBytes(without));
        }
        return bodies;
    }

    private static Object usual(String part) {
        return switch (part) {
            case "units" -> "METRIC";
            case "fields", "readings", "card" -> Map.of("operation", "bore");
            case "measured" -> Map.of("sideRake", "10°");
            case "version" -> 1;
            case "lines" -> List.of(Map.of("load", "1 N", "up", "1", "down", "1"));
            case "recording" -> "AAAA";
            case "id", "toolId", "cutId" -> "3f0c1f6e-0000-4000-8000-000000000001";
            case "onDay" -> "2026-11-24";
            default -> "word";
        };
    }

    /** What the web server answers by itself is said in words too. */
    @Test
    void whatNeverReachesTheProgramIsSaidInWords() throws IOException {
        for (String line : List.of(
                "GET /..%2f..%2fetc/passwd",
                "GET /%2e%2e/%2e%2e/x",
                "GET //api//cuts",
                "GET /api/cuts;x=y",
                "GET /api/%00",
                "GET /api/cuts%zz",
                "TRACE /api/cuts",
                "TRACE /",
                "PROPFIND /api/cuts",
                "PATCH /api/cuts",
                "GET /api/nothing",
                "GET /actuator/env",
                "POST /error",
                "GET /assets/none.js")) {
            Reply reply = RawHttp.ask(port, line, Map.of(), NOTHING);
            assertThat(reply.status()).as(line + reply.body()).isGreaterThanOrEqualTo(400);
            inWords(reply, line);
        }
        for (String host : List.of("", "a b", "127.0.0.1:port", "[::1", "evil.example", "127.0.0.1.evil.example")) {
            Reply reply = RawHttp.ask(port, "GET /api/cuts", Map.of("Host", host), NOTHING);
            assertThat(reply.status()).as(host).isBetween(400, 499);
            assertThat(JSON.readTree(reply.body()).path("code").asString(""))
                    .as(host)
                    .isNotBlank();
        }
        Reply long1 = RawHttp.ask(port, "GET /api/cuts?" + "a".repeat(20_000), Map.of(), NOTHING);
        assertThat(long1.status()).isBetween(400, 499);
    }

    /** What curl sends by itself: a file with the content type of a form. */
    @Test
    void aFileIsReadWhateverItsContentTypeSays() throws IOException {
        byte[] file = bytes(shop.get("/api/exchange/shop.json").text());
        for (String type : List.of(
                "application/x-www-form-urlencoded", "application/octet-stream", "multipart/form-data; boundary=x")) {
            Reply reply = RawHttp.ask(port, "POST /api/exchange/shop", Map.of("Content-Type", type), file);
            assertThat(reply.status()).as(type + reply.body()).isEqualTo(200);
        }
    }

    /** The same rules for what is typed and for what comes in a file. */
    @Test
    void aFileIsHeldToTheRulesOfThePage() {
        Map<String, Object> tool = new HashMap<>(Map.of(
                "id", "7d1b9a52-1111-4000-8000-000000000001",
                "version", 1,
                "name", "n",
                "drawer", "",
                "note", "",
                "units", "METRIC",
                "fields", Map.of("blank", "hss-10mm")));
        Map<String, String> sentences = new LinkedHashMap<>();
        tool.put("name", "x".repeat(1_000_000));
        sentences.put("long name", taken(tool));
        tool.put("name", "\u200b\u2060");
        sentences.put("no name to see", taken(tool));
        tool.put("name", "half \ud83d");
        sentences.put("half a character", taken(tool));
        tool.put("name", "n\u0000");
        sentences.put("control", taken(tool));
        tool.remove("name");
        sentences.put("no name", taken(tool));
        tool.put("name", "n");
        tool.put("units", "CUBITS");
        sentences.put("units", taken(tool));
        tool.put("units", "METRIC");
        tool.put("savedAt", "+100000-01-01T00:00:00Z");
        sentences.put("time", taken(tool));
        tool.put("savedAt", "2026-01-01T00:00:00Z");
        tool.put("colour", "red");
        sentences.put("colour", taken(tool));
        assertThat(sentences)
                .allSatisfy((what, sentence) -> assertThat(sentence)
                        .as(what)
                        .startsWith("The tool number 1")
                        .endsWith("Nothing was taken in."));
        assertThat(sentences.get("long name")).contains("At most 120 characters");
        assertThat(sentences.get("units")).contains("“units”");
        assertThat(sentences.get("colour")).contains("no part called “colour”");
    }

    private String taken(Map<String, Object> tool) {
        // Jackson writes half characters only by their escapes.
        String file = "{\"format\":\"bold-wedge-shop\",\"formatVersion\":2,\"tools\":["
                + JSON.writeValueAsString(tool).replace("\ud83d", "\\ud83d") + "]}";
        return shop.sendText("POST", "/api/exchange/shop", "application/json", file)
                .sentence();
    }
}
