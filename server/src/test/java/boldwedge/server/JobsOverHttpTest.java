package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Jobs over HTTP: kept, worked out, laid into hours, ticked off by several, learned from. */
class JobsOverHttpTest extends OverHttp {
    private final List<String> kept = new ArrayList<>();

    @AfterEach
    void putAway() {
        for (String id : kept) {
            JsonNode job = shop.get("/api/jobs/" + id).json();
            shop.send(
                    "DELETE",
                    "/api/jobs/" + id + "?version=" + job.path("version").asInt(),
                    Map.of());
        }
    }

    private static Map<String, Object> operation(String id, String setUp, String each, Object... more) {
        Map<String, Object> operation = new HashMap<>(Map.of("id", id, "name", id, "setUp", setUp, "each", each));
        for (int i = 0; i < more.length; i += 2) {
            operation.put((String) more[i], more[i + 1]);
        }
        return operation;
    }

    private static Map<String, Object> lot(
            String id, String wanted, List<Map<String, Object>> operations, Object... more) {
        Map<String, Object> lot =
                new HashMap<>(Map.of("id", id, "name", id, "wanted", wanted, "operations", operations));
        for (int i = 0; i < more.length; i += 2) {
            lot.put((String) more[i], more[i + 1]);
        }
        return lot;
    }

    private JsonNode keep(String name, List<Map<String, Object>> lots) {
        JsonNode job = shop.send(
                        "POST",
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID().toString(),
                                "version",
                                0,
                                "name",
                                name,
                                "units",
                                "METRIC",
                                "sheet",
                                Map.of("lots", lots)))
                .json();
        kept.add(job.path("id").asString());
        return job;
    }

    private JsonNode workOut(Map<String, Object> sheet) {
        return shop.send("POST", "/api/jobs/work-out", Map.of("units", "METRIC", "sheet", sheet))
                .json();
    }

    private List<String> ids(JsonNode... jobs) {
        return java.util.Arrays.stream(jobs)
                .map(job -> job.path("id").asString())
                .toList();
    }

    private JsonNode plan(String from, JsonNode... jobs) {
        return shop.send("POST", "/api/schedule", Map.of("from", from, "seconds", 0, "jobs", ids(jobs)))
                .json();
    }

    /** Somebody who is there day and night, so that a plan is one of minutes alone. */
    private void dayAndNight() {
        JsonNode week = shop.get("/api/week").json();
        Map<String, String> hours = new HashMap<>();
        for (String day : List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY")) {
            hours.put(day, "0:00-24:00");
        }
        List<Object> places = new ArrayList<>();
        week.path("places")
                .forEach(place -> places.add(Map.of(
                        "id", place.path("id").asString(),
                        "name", place.path("name").asString(),
                        "kind", place.path("kind").asString())));
        var saved = shop.send(
                "PUT",
                "/api/week",
                Map.of(
                        "version",
                        week.path("version").asInt(),
                        "persons",
                        List.of(Map.of("id", "one", "name", "One", "hours", hours)),
                        "places",
                        places));
        assertThat(saved.status()).as(saved.toString()).isEqualTo(200);
    }

    private String place(String kind) {
        for (JsonNode place : shop.get("/api/week/places").json()) {
            if (place.path("kind").asString().equals(kind)) {
                return place.path("id").asString();
            }
        }
        throw new AssertionError("no " + kind);
    }

    @Test
    void sixPiecesAreSetUpOnceAndTheSawLeavesOneLongOffcut() {
        JsonNode answer = workOut(Map.of(
                "lots",
                List.of(lot(
                        "bars",
                        "6",
                        List.of(
                                operation("turn", "25", "8"),
                                operation("drill", "40", "20", "gauge", true),
                                operation("neck", "15", "6")),
                        "length",
                        "94",
                        "facing",
                        "2")),
                "stock",
                List.of(Map.of("lengths", "292 x 2, 700")),
                "kerf",
                "2"));
        assertThat(answer.path("errors").size()).isZero();
        JsonNode bars = answer.path("lots").path(0);
        assertThat(bars.path("bySetUpMin").asDouble()).isEqualTo(284);
        assertThat(bars.path("oneAfterOtherMin").asDouble()).isEqualTo(684);
        assertThat(bars.path("anotherMin").asDouble()).isEqualTo(34);
        assertThat(bars.path("sentences").toString())
                .contains("A seventh costs 34 min")
                .contains("25 min");
        JsonNode saw = answer.path("saws").path(0);
        assertThat(saw.path("enough").asBoolean()).isTrue();
        assertThat(saw.path("cuts").size()).isEqualTo(2);
        assertThat(saw.path("cuts").path(0).path("offcut").asString()).isEqualTo("none");
        // Turn and drill the first, then turn, drill and neck the others.
        assertThat(answer.path("tasks").size()).isEqualTo(5);
    }

    @Test
    void whatIsWrongStandsBesideItAndTheRestIsWorkedOut() {
        JsonNode answer = workOut(Map.of(
                "lots",
                List.of(
                        lot("a", "six", List.of(operation("a1", "5", "5"))),
                        lot(
                                "b",
                                "2",
                                List.of(
                                        operation("b1", "5", "soon"),
                                        operation("b2", "5", "5", "machine", "gone"),
                                        operation("b3", "5", "5", "bond", "quickly"),
                                        operation("b4", "5", "5", "after", List.of("nothing")),
                                        operation("b5", "", ""),
                                        operation("b6", "1 h 20", "5")),
                                "steel",
                                "unobtainium"))));
        assertThat(answer.path("errors").propertyNames())
                .contains(
                        "lots[0].wanted",
                        "lots[1].operations[0].each",
                        "lots[1].operations[1].machine",
                        "lots[1].operations[2].bond",
                        "lots[1].operations[3].after",
                        "lots[1].operations[4].each",
                        "lots[1].steel");
        assertThat(answer.path("tasks").size()).isEqualTo(1);
        assertThat(answer.path("tasks").path(0).path("minutes").asDouble()).isEqualTo(90);
    }

    @Test
    void aHardenedLotAndThreeLatheJobsTakeNoLongerThanTheHardenedOne() {
        dayAndNight();
        JsonNode a = keep(
                "Lot A",
                List.of(lot(
                        "a",
                        "1",
                        List.of(
                                operation("a-mill", "85", "", "machine", place("mill")),
                                operation("a-soak", "55", "", "machine", place("furnace"), "waits", true),
                                operation("a-quench", "5", "", "bond", "at once"),
                                operation("a-cool", "10", "", "waits", true),
                                operation(
                                        "a-temper",
                                        "60",
                                        "",
                                        "machine",
                                        place("oven"),
                                        "waits",
                                        true,
                                        "bond",
                                        "within 30 min",
                                        "bondTo",
                                        "a-quench"),
                                operation("a-cool2", "40", "", "waits", true),
                                operation("a-grind", "36", "", "machine", place("grinder"))))));
        JsonNode b = keep(
                "Lot B",
                List.of(lot(
                        "b",
                        "1",
                        List.of(
                                operation("b1", "50", "", "machine", place("lathe"), "unbroken", true),
                                operation("b2", "45", "", "machine", place("lathe"), "unbroken", true),
                                operation("b3", "30", "", "machine", place("lathe"), "unbroken", true)))));
        JsonNode plan = plan("2026-12-01T08:00", a, b);
        assertThat(plan.path("minutes").asLong()).as("%s", plan).isEqualTo(291);
        assertThat(plan.path("bound").asLong()).isEqualTo(291);
        assertThat(plan.path("proved").asBoolean()).isTrue();
        assertThat(plan.path("idle").asLong()).isEqualTo(40);
        assertThat(plan.path("ends").asString()).startsWith("2026-12-01T12:51");
        assertThat(plan.path("broken").size()).isZero();
        assertThat(plan.path("days").toString()).contains("goes by itself until 10:20");
        assertThat(shop.get("/api/schedule/plan.ics").text())
                .contains("BEGIN:VEVENT")
                .contains("DTSTART:20261201T080000")
                .contains("DTEND:20261201T092500");
        assertThat(shop.get("/api/schedule/plan.csv").text())
                .contains("2026-12-01T08:00,2026-12-01T09:25,85,Lot A,a-mill");
        shiftsWhatRanLate(a, b);
    }

    /** From eleven on, with the mill an hour late and B's first done: what is done stays, the soak is laid anew. */
    private void shiftsWhatRanLate(JsonNode a, JsonNode b) {
        tick(a, "a/a-mill", 0, "2026-12-01T08:00", "2026-12-01T10:25");
        tick(b, "b/b1", 0, "2026-12-01T10:25", "2026-12-01T11:00");
        JsonNode plan = plan("2026-12-01T11:00", a, b);
        JsonNode soak = task(plan, "a/a-soak");
        assertThat(soak.path("start").asString()).startsWith("2026-12-01T11:00");
        assertThat(task(plan, "a/a-mill").path("state").asString()).isEqualTo("DONE");
        assertThat(task(plan, "a/a-mill").path("end").asString()).startsWith("2026-12-01T10:25");
        // The day after, what was done is no part of the plan any more.
        assertThat(plan("2026-12-02T07:00", a, b).path("tasks").toString())
                .doesNotContain("a/a-mill")
                .contains("a/a-soak");
        assertThat(plan.path("broken").size()).isZero();
    }

    private JsonNode tick(JsonNode job, String task, int version, String started, String done) {
        Map<String, Object> entry = new HashMap<>(Map.of("task", task, "version", version));
        if (!started.isEmpty()) {
            entry.put("startedAt", started);
        }
        if (!done.isEmpty()) {
            entry.put("doneAt", done);
        }
        RunningShop.Answer answer =
                shop.send("PUT", "/api/jobs/" + job.path("id").asString() + "/ticks", entry);
        return answer.json();
    }

    private static JsonNode task(JsonNode plan, String id) {
        for (JsonNode task : plan.path("tasks")) {
            if (task.path("task").asString().equals(id)) {
                return task;
            }
        }
        throw new AssertionError("no task " + id);
    }

    @Test
    void twoPersonsTickTheSameTaskAndNeitherIsOverwritten() {
        JsonNode job = keep("Ticked", List.of(lot("t", "1", List.of(operation("t1", "5", "5")))));
        JsonNode first = tick(job, "t/t1", 0, "2026-12-01T08:00", "");
        assertThat(first.path("version").asInt()).isEqualTo(1);
        // The same once more is the same; something else on what was read before is told.
        assertThat(tick(job, "t/t1", 0, "2026-12-01T08:00", "").path("version").asInt())
                .isEqualTo(1);
        assertThat(tick(job, "t/t1", 0, "2026-12-01T09:00", "").path("code").asString())
                .isEqualTo("saved-by-another");
        assertThat(tick(job, "t/t1", 1, "2026-12-01T08:00", "2026-12-01T08:20")
                        .path("version")
                        .asInt())
                .isEqualTo(2);
        assertThat(tick(job, "t/t1", 2, "2026-12-01T08:00", "2026-12-01T07:00")
                        .path("code")
                        .asString())
                .isEqualTo("done-before-begun");
        assertThat(tick(job, "t/other", 0, "", "").path("code").asString()).isEqualTo("no-such-task");
        assertThat(shop.get("/api/jobs/" + job.path("id").asString() + "/ticks")
                        .json()
                        .size())
                .isEqualTo(1);
    }

    @Test
    void theClockTeachesTheNextJob() {
        String name = "odd work " + UUID.randomUUID();
        List<Map<String, Object>> one = List.of(operation("o1", "", "10", "name", name));
        JsonNode job = keep("Clocked", List.of(lot("o", "1", one)));
        assertThat(workOut(Map.of("lots", List.of(lot("o", "1", one))))
                        .path("learned")
                        .size())
                .isZero();
        tick(job, "o/o1", 0, "2026-12-01T08:00", "2026-12-01T08:20");
        JsonNode taught =
                workOut(Map.of("lots", List.of(lot("n", "1", List.of(operation("n1", "", "10", "name", name))))));
        // By hand: 10 · 2^(20.08/26.16) = 17.0.
        assertThat(taught.path("tasks").path(0).path("minutes").asDouble()).isBetween(16.9, 17.1);
        assertThat(taught.path("learned").path(0).path("sentence").asString()).contains("clocked once");
        // Forgotten overnight: kept, not learned from.
        tick(job, "o/o1", 1, "2026-12-01T08:00", "2026-12-01T18:00");
        assertThat(workOut(Map.of("lots", List.of(lot("o", "1", one))))
                        .path("learned")
                        .size())
                .isZero();
    }

    @Test
    void aLostPieceIsMadeUpForByTheSpareOrTold() {
        List<Map<String, Object>> operations = List.of(operation("l1", "10", "5"), operation("l2", "10", "5"));
        JsonNode job = keep("Lost", List.of(lot("l", "6", operations, "spare", "1")));
        var lost = shop.send(
                "PUT",
                "/api/jobs/" + job.path("id").asString() + "/ticks",
                Map.of("task", "l/l1", "version", 0, "lost", 1));
        assertThat(lost.status()).isEqualTo(200);
        Map<String, Object> question = Map.of(
                "id", job.path("id").asString(),
                "units", "METRIC",
                "sheet", Map.of("lots", List.of(lot("l", "6", operations, "spare", "1"))));
        JsonNode answer = shop.send("POST", "/api/jobs/work-out", question).json();
        assertThat(answer.path("lots").path(0).path("left").asInt()).isEqualTo(6);
        assertThat(answer.path("lots").path(0).path("sentences").toString())
                .contains("6 left, enough for the 6 wanted");
        assertThat(answer.path("tasks").path(1).path("minutes").asDouble()).isEqualTo(10 + 6 * 5);
    }

    @Test
    void aRingOfOperationsIsToldAndTheOtherJobsArePlanned() {
        dayAndNight();
        JsonNode ring = keep(
                "Ring",
                List.of(
                        lot("r", "1", List.of(operation("r1", "5", "5", "after", List.of("s1")))),
                        lot("s", "1", List.of(operation("s1", "5", "5", "after", List.of("r1"))))));
        JsonNode other = keep("Other", List.of(lot("q", "1", List.of(operation("q1", "5", "5")))));
        JsonNode plan = plan("2026-12-01T08:00", ring, other);
        assertThat(plan.path("left").toString()).contains("Ring").contains("in a ring");
        assertThat(plan.path("tasks").size()).isEqualTo(1);
    }

    @Test
    void aCutsRouteBecomesALot() {
        JsonNode lot = shop.send(
                        "POST",
                        "/api/jobs/from-route",
                        Map.of(
                                "id", "heat",
                                "name", "Punches",
                                "units", "METRIC",
                                "fields",
                                        Map.of("operation", "harden", "steel", "o1", "section", "12", "length", "90")))
                .json();
        assertThat(lot.path("operations").size()).isGreaterThan(4);
        assertThat(lot.path("operations").toString()).contains("at once").contains("within 30 min");
        assertThat(workOut(Map.of("lots", List.of(lot))).path("errors").size()).isZero();
    }

    /** A shop's file that was written before jobs had cuts is taken in as it is. */
    @Test
    void aFileWithoutCutsIsTakenIn() {
        JsonNode job = keep("Before cuts", List.of(lot("lot", "1", List.of(operation("turn", "5", "5")))));
        String id = job.path("id").asString();
        String file = shop.get("/api/exchange/shop.json").text();
        assertThat(file).contains("\"cuts\"");
        shop.send("DELETE", "/api/jobs/" + id + "?version=1", Map.of());
        String older = file.replaceAll(",\\s*\"cuts\"\\s*:\\s*\\[[^\\]{]*\\]\\s*,\\s*\"out\"\\s*:\\s*\"[^\"]*\"", "");
        assertThat(older).doesNotContain("\"out\"");
        assertThat(shop.sendText("POST", "/api/exchange/shop", "application/json", older)
                        .status())
                .isEqualTo(200);
        assertThat(shop.get("/api/jobs/" + id).json().path("sheet").path("cuts").size())
                .isZero();
    }

    /** What is forgotten in a request wipes nothing out. */
    @Test
    void whatIsNotSentIsNotWipedOut() {
        JsonNode week = shop.get("/api/week").json();
        var bare = shop.send(
                "PUT", "/api/week", Map.of("version", week.path("version").asInt()));
        assertThat(bare.status()).isEqualTo(400);
        assertThat(bare.text()).contains("This part is missing");
        assertThat(shop.get("/api/week").json()).isEqualTo(week);
        JsonNode job = keep("Stays", List.of(lot("lot", "1", List.of(operation("turn", "5", "5")))));
        String at = "/api/jobs/" + job.path("id").asString();
        assertThat(shop.send("PUT", at, Map.of("version", 1, "name", "Bare", "units", "METRIC"))
                        .status())
                .isEqualTo(400);
        assertThat(shop.get(at).json().path("sheet")).isEqualTo(job.path("sheet"));
    }

    /** Two jobs of one steel and like sections go into the furnace together, until one of them was in it. */
    @Test
    void lotsOfSeveralJobsGoIntoTheFurnaceTogether() {
        String furnace = place("furnace");
        JsonNode one = keep(
                "Hard one",
                List.of(lot(
                        "hard",
                        "2",
                        List.of(operation("heat-1", "40", "", "machine", furnace, "waits", true)),
                        "steel",
                        "d2",
                        "section",
                        "20")));
        JsonNode two = keep(
                "Hard two",
                List.of(lot(
                        "hard",
                        "3",
                        List.of(operation("heat-2", "40", "", "machine", furnace, "waits", true)),
                        "steel",
                        "d2",
                        "section",
                        "30")));
        JsonNode thick = keep(
                "Hard thick",
                List.of(lot(
                        "hard",
                        "1",
                        List.of(operation("heat-3", "90", "", "machine", furnace, "waits", true)),
                        "steel",
                        "d2",
                        "section",
                        "90")));
        String loads = shop.get("/api/jobs/loads").text();
        assertThat(loads).contains("5 pieces together: 2 hard (Hard one), 3 hard (Hard two)");
        assertThat(loads).contains("by the heaviest section, 30 mm").doesNotContain("Hard thick");
        var done = shop.send(
                "PUT",
                "/api/jobs/" + two.path("id").asString() + "/ticks",
                Map.of("task", "hard/heat-2", "version", 0, "doneAt", "2026-12-01T10:00", "lost", 0));
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        assertThat(shop.get("/api/jobs/loads").text())
                .doesNotContain("Hard two")
                .doesNotContain("Hard one");
        assertThat(thick.path("id").asString()).isNotEqualTo(one.path("id").asString());
    }
}
