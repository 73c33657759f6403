package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Drawers over HTTP: counted by what became of things, taken back, by two at once, with a tool's log, in files. */
class StockOverHttpTest extends OverHttp {
    private final List<String> kept = new ArrayList<>();

    @AfterEach
    void takeOut() {
        for (String id : kept) {
            told(id).ifPresent(one -> shop.send(
                    "DELETE",
                    "/api/stock/" + id + "?version="
                            + one.path("line").path("version").asInt(),
                    Map.of()));
        }
    }

    private java.util.Optional<JsonNode> told(String id) {
        for (JsonNode one : shop.get("/api/stock").json()) {
            if (one.path("line").path("id").asString().equals(id)) {
                return java.util.Optional.of(one);
            }
        }
        return java.util.Optional.empty();
    }

    private String line(String name, String measure, Object... more) {
        Map<String, Object> entry = new HashMap<>(Map.of("version", 0, "name", name, "measure", measure));
        for (int i = 0; i < more.length; i += 2) {
            entry.put((String) more[i], more[i + 1]);
        }
        var answer = shop.send("POST", "/api/stock", entry);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        kept.add(answer.json().path("id").asString());
        return kept.getLast();
    }

    private static Map<String, Object> move(String movement, String amount, Object... more) {
        Map<String, Object> entry = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "onDay",
                "2026-11-20",
                "movement",
                movement,
                "amount",
                amount,
                "units",
                "METRIC"));
        for (int i = 0; i < more.length; i += 2) {
            entry.put((String) more[i], more[i + 1]);
        }
        return entry;
    }

    private int say(String line, Map<String, Object> move) {
        return shop.send("POST", "/api/stock/" + line + "/moves", move).status();
    }

    private List<Integer> counts(String line) {
        JsonNode one = told(line).orElseThrow();
        return List.of(
                one.path("ready").asInt(),
                one.path("dull").asInt(),
                one.path("worn").asInt());
    }

    @Test
    void whatBecameOfThingsIsCounted() {
        String taps = line("Taps M4", "PIECES", "waitDays", 7);
        assertThat(say(taps, move("BOUGHT", "10"))).isEqualTo(200);
        assertThat(say(taps, move("DULLED", "3", "made", "40"))).isEqualTo(200);
        assertThat(say(taps, move("BROKEN", "2"))).isEqualTo(200);
        assertThat(counts(taps)).containsExactly(5, 3, 0);
        JsonNode moves = shop.get("/api/stock/" + taps + "/moves").json();
        assertThat(moves.size()).isEqualTo(3);
        assertThat(told(taps).orElseThrow().path("sentences").toString()).contains("2 gone in");
    }

    @Test
    void whatIsNotThereIsRefusedBesideItsField() {
        String few = line("Few", "PIECES");
        say(few, move("BOUGHT", "2"));
        var more = shop.send("POST", "/api/stock/" + few + "/moves", move("DULLED", "3"));
        assertThat(more.status()).isEqualTo(400);
        assertThat(more.json().path("fields").path("amount").asString()).contains("2 ready");
        for (String amount : List.of("", "x", "1.5", "-1", "0", "1e9", "2 mm")) {
            var answer = shop.send("POST", "/api/stock/" + few + "/moves", move("BOUGHT", amount));
            assertThat(answer.status()).as(amount).isEqualTo(400);
            assertThat(answer.json().path("fields").path("amount").asString())
                    .as(amount)
                    .isNotEmpty();
        }
        assertThat(say(few, move("BOUGHT", "1", "made", "many"))).isEqualTo(400);
        assertThat(say(UUID.randomUUID().toString(), move("BOUGHT", "1"))).isEqualTo(404);
        assertThat(counts(few)).containsExactly(2, 0, 0);
    }

    @Test
    void aBarIsMeasuredInItsOwnUnitsAndDoesNotWear() {
        String bar = line("Silver steel 12", "LENGTH");
        assertThat(say(bar, move("BOUGHT", "1 m"))).isEqualTo(200);
        assertThat(say(bar, move("USED", "10 in"))).isEqualTo(200);
        assertThat(told(bar).orElseThrow().path("ready").asDouble()).isEqualTo(746);
        assertThat(say(bar, move("DULLED", "10 mm"))).isEqualTo(400);
    }

    /** Sent twice by a double click it is said once; the same again another day is another one. */
    @Test
    void sentTwiceItIsSaidOnce() {
        String taps = line("Twice", "PIECES");
        Map<String, Object> once = move("BOUGHT", "4");
        assertThat(say(taps, once)).isEqualTo(200);
        assertThat(say(taps, once)).isEqualTo(200);
        assertThat(counts(taps)).containsExactly(4, 0, 0);
        Map<String, Object> other = new HashMap<>(once);
        other.put("amount", "5");
        assertThat(say(taps, other)).isEqualTo(409);
        assertThat(say(taps, move("BOUGHT", "4"))).isEqualTo(200);
        assertThat(counts(taps)).containsExactly(8, 0, 0);
    }

    @Test
    void onlyTheLastIsTakenBack() {
        String taps = line("Back", "PIECES");
        Map<String, Object> first = move("BOUGHT", "4");
        Map<String, Object> last = move("COUNTED", "3");
        say(taps, first);
        say(taps, last);
        assertThat(shop.delete("/api/stock/" + taps + "/moves/" + first.get("id"))
                        .status())
                .isEqualTo(409);
        assertThat(shop.delete("/api/stock/" + taps + "/moves/" + last.get("id"))
                        .status())
                .isEqualTo(200);
        assertThat(shop.delete("/api/stock/" + taps + "/moves/" + last.get("id"))
                        .status())
                .isEqualTo(404);
        assertThat(counts(taps)).containsExactly(4, 0, 0);
        assertThat(shop.delete("/api/stock/" + taps + "/moves/" + first.get("id"))
                        .status())
                .isEqualTo(200);
        assertThat(counts(taps)).containsExactly(0, 0, 0);
    }

    /** Ten at once take one of five: five get one, five are told that none is left. */
    @Test
    void twoAtOnceNeverTakeTheSameOne() throws Exception {
        String taps = line("At once", "PIECES");
        say(taps, move("BOUGHT", "5"));
        List<Future<Integer>> all = new ArrayList<>();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < 10; i++) {
                Callable<Integer> take = () -> say(taps, move("USED", "1"));
                all.add(people.submit(take));
            }
        }
        int taken = 0;
        for (Future<Integer> one : all) {
            assertThat(one.get()).isIn(200, 400);
            taken += one.get() == 200 ? 1 : 0;
        }
        assertThat(taken).isEqualTo(5);
        assertThat(counts(taps)).containsExactly(0, 0, 0);
    }

    @Test
    void twoWhoSaveDoNotOverwriteEachOther() {
        String taps = line("Saved", "PIECES");
        Map<String, Object> mine = Map.of("version", 1, "name", "Saved", "drawer", "A1", "measure", "PIECES");
        assertThat(shop.send("PUT", "/api/stock/" + taps, mine).status()).isEqualTo(200);
        assertThat(shop.send("PUT", "/api/stock/" + taps, mine).status()).isEqualTo(409);
        assertThat(told(taps).orElseThrow().path("line").path("drawer").asString())
                .isEqualTo("A1");
        Map<String, Object> nameless = Map.of("version", 2, "name", " ", "measure", "PIECES");
        assertThat(shop.send("PUT", "/api/stock/" + taps, nameless).status()).isEqualTo(400);
        Map<String, Object> never = Map.of("version", 2, "name", "Saved", "measure", "PIECES", "waitDays", 0);
        assertThat(shop.send("PUT", "/api/stock/" + taps, never).status()).isEqualTo(400);
        Map<String, Object> lost = Map.of(
                "version",
                2,
                "name",
                "Saved",
                "measure",
                "PIECES",
                "toolId",
                UUID.randomUUID().toString());
        assertThat(shop.send("PUT", "/api/stock/" + taps, lost).status()).isEqualTo(400);
    }

    /** A grind in the log of its tool sharpens a dull one; without a dull one it changes nothing. */
    @Test
    void aToolsLogSharpensADullOne() {
        String tool = shop.send(
                        "POST",
                        "/api/crib/tools",
                        Map.of(
                                "version",
                                0,
                                "name",
                                "Bit for a drawer",
                                "units",
                                "METRIC",
                                "fields",
                                Map.of("blank", "hss-10mm", "endRelief", "8°", "sideRelief", "8°")))
                .json()
                .path("id")
                .asString();
        String bits = line("Bits in a drawer", "PIECES", "toolId", tool);
        say(bits, move("BOUGHT", "3"));
        say(bits, move("DULLED", "1"));
        JsonNode session = shop.get("/api/stock/session").json();
        assertThat(session.toString()).contains("Bits in a drawer").contains("\"alone\"");
        Map<String, Object> grind =
                Map.of("onDay", "2026-11-21", "units", "METRIC", "measured", Map.of("sideRelief", "8°"));
        assertThat(shop.send("POST", "/api/crib/tools/" + tool + "/grinds", grind)
                        .status())
                .isEqualTo(200);
        assertThat(counts(bits)).containsExactly(3, 0, 0);
        shop.send("POST", "/api/crib/tools/" + tool + "/grinds", grind);
        assertThat(counts(bits)).containsExactly(3, 0, 0);
        // The tool goes; what lies in the drawer stays, and belongs to none.
        shop.delete("/api/crib/tools/" + tool);
        assertThat(told(bits).orElseThrow().path("line").path("toolId").isNull())
                .isTrue();
    }

    @Test
    void aFileCarriesTheDrawers() {
        String taps = line("In a file", "PIECES");
        say(taps, move("BOUGHT", "6"));
        say(taps, move("BROKEN", "1"));
        String file = shop.get("/api/exchange/shop.json").text();
        int version = told(taps).orElseThrow().path("line").path("version").asInt();
        shop.send("DELETE", "/api/stock/" + taps + "?version=" + version, Map.of());
        assertThat(told(taps)).isEmpty();
        assertThat(shop.sendText("POST", "/api/exchange/shop", "application/json", file)
                        .status())
                .isEqualTo(200);
        assertThat(counts(taps)).containsExactly(5, 0, 0);
        // Taken in again, nothing is doubled.
        shop.sendText("POST", "/api/exchange/shop", "application/json", file);
        assertThat(counts(taps)).containsExactly(5, 0, 0);
        String orphan = "{\"format\":\"bold-wedge-shop\",\"formatVersion\":7,\"moves\":[{\"id\":\""
                + UUID.randomUUID() + "\",\"lineId\":\"" + UUID.randomUUID()
                + "\",\"onDay\":\"2026-11-20\",\"movement\":\"BOUGHT\",\"amount\":1,\"ready\":1,\"dull\":0,\"worn\":0,\"note\":\"\",\"savedBy\":\"\"}]}";
        assertThat(shop.sendText("POST", "/api/exchange/shop", "application/json", orphan)
                        .status())
                .isEqualTo(400);
    }
}
