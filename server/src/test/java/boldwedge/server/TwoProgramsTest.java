package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.server.testing.FrontDoor;
import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.RunningShop.Answer;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Two programs on one database, behind one door or each by itself: what one keeps the other reckons with at once. */
class TwoProgramsTest extends OverHttp {
    private static final Map<String, String> BUSH = Map.of(
            "operation", "bore",
            "boreStart", "18.5 mm",
            "boreFinished", "20 mm",
            "boreDepth", "45 mm",
            "barDiameter", "11 mm",
            "barOverhang", "70 mm",
            "barMaterial", "steel",
            "material", "bronze-tin");

    private final ConfigurableApplicationContext second = shop.run(Map.of());
    private final String first = "http://127.0.0.1:" + RunningShop.port(shop.program());
    private final String other = "http://127.0.0.1:" + RunningShop.port(second);

    @AfterEach
    void stopTheSecond() {
        second.close();
    }

    private double error(String at) {
        return figure(
                shop.sendTo(at, "POST", "/api/plan", question("Long Bed", BUSH)).json(), "diameterError");
    }

    @Test
    void aTrialKeptByOneTeachesTheOther() {
        double before = error(other);
        assertThat(error(first)).isEqualTo(before);
        Map<String, Object> trial = new HashMap<>(question("Long Bed", BUSH));
        String size = String.format(java.util.Locale.ROOT, "%.4f mm", 20 - 2.2 * before);
        trial.put("readings", Map.of("near", size, "far", size));
        Answer kept = shop.sendTo(first, "POST", "/api/proof/trials", trial);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        double after = error(other);
        assertThat(Math.abs(after - 2.2 * before)).isLessThan(0.6 * Math.abs(1.2 * before));
        assertThat(error(first)).isEqualTo(after);
    }

    /** The card of a lathe changed in one program: the other plans with the new one, and the lessons were reckoned anew. */
    @Test
    void aLatheChangedInOneIsChangedInTheOther() {
        String id = lathe("Long Bed");
        JsonNode lathe = shop.get("/api/shop/lathes")
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
        double before = error(other);
        Map<String, Object> entry = entry(lathe, "postStiffness", "4 N/µm");
        Answer changed = shop.sendTo(first, "PUT", "/api/shop/lathes/" + id, entry);
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
        double after = error(other);
        assertThat(after).isNotCloseTo(before, within(1e-6));
        assertThat(error(first)).isEqualTo(after);
        Map<String, Object> back = entry(lathe, "name", "Long Bed");
        back.put("version", changed.json().path("version").asInt());
        assertThat(shop.sendTo(other, "PUT", "/api/shop/lathes/" + id, back).status())
                .isEqualTo(200);
        assertThat(error(first)).isCloseTo(before, within(1e-12));
    }

    private static Map<String, Object> entry(JsonNode lathe, String changed, String to) {
        Map<String, Object> card = new HashMap<>();
        lathe.path("card")
                .properties()
                .forEach(one -> card.put(one.getKey(), one.getValue().asString()));
        card.put(changed, to);
        return new HashMap<>(Map.of(
                "version",
                lathe.path("version").asInt(),
                "units",
                lathe.path("units").asString(),
                "card",
                card));
    }

    /** Behind a door that sends each request to the next program nobody notices that there are two. */
    @Test
    void behindOneDoorTheyAreOneShop() {
        FrontDoor door = new FrontDoor();
        door.leadTo(RunningShop.port(shop.program()), RunningShop.port(second));
        String at = "http://127.0.0.1:" + door.port();
        JsonNode cut = shop.sendTo(
                        at,
                        "POST",
                        "/api/cuts",
                        Map.of("version", 0, "name", "Through one door", "units", "METRIC", "fields", Map.of()))
                .json();
        String path = "/api/cuts/" + cut.path("id").asString();
        for (int version = 1; version < 12; version++) {
            Answer saved = shop.sendTo(
                    at,
                    "PUT",
                    path,
                    Map.of(
                            "version",
                            version,
                            "name",
                            "Through one door " + version,
                            "units",
                            "METRIC",
                            "fields",
                            Map.of()));
            assertThat(saved.status()).as(saved.text()).isEqualTo(200);
            assertThat(saved.json().path("version").asInt()).isEqualTo(version + 1);
        }
        shop.delete(path);
    }

    /** Its database stopped and came back somewhere else: the program goes on meanwhile, says so, and follows. */
    @Test
    void theProgramFollowsItsDatabaseToAnotherPort() throws Exception {
        Map<String, Object> question = question("Long Bed", BUSH);
        assertThat(records(question)).isEqualTo("there");
        shop.stopDatabase();
        try {
            assertThat(records(question)).isEqualTo("away");
        } finally {
            shop.moveDatabase();
        }
        // A pause of a second stands between two looks for a database that was away.
        for (int i = 0; i < 100 && !records(question).equals("there"); i++) {
            Thread.sleep(100);
        }
        assertThat(records(question)).isEqualTo("there");
        assertThat(shop.get("/api/cuts").status()).isEqualTo(200);
    }

    private String records(Map<String, Object> question) throws Exception {
        var reply = boldwedge.server.testing.RawHttp.ask(
                RunningShop.port(shop.program()),
                "POST /api/plan",
                Map.of("Content-Type", "application/json"),
                new tools.jackson.databind.json.JsonMapper().writeValueAsBytes(question));
        assertThat(reply.status()).as(reply.body()).isEqualTo(200);
        return reply.headings().getOrDefault("bold-wedge-records", "");
    }
}
