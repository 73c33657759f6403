package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RawHttp;
import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.RunningShop.Answer;
import boldwedge.server.testing.Visitor;
import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Open to the shop's network: who comes in, who may change what, who is sent away. One shop's day, in its order. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class NetworkTest {
    private static final Map<String, String> OPEN =
            Map.of("boldwedge.network", "true", "boldwedge.first-code", "a1b2c3d4e5", "boldwedge.demo", "true");
    private static final String WORDS = "seven blue files";
    private static RunningShop shop;

    @BeforeAll
    static void open() {
        shop = RunningShop.another(OPEN);
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Visitor visitor() {
        return new Visitor(shop.address());
    }

    private static Visitor signedIn(String name) {
        return visitor().signedIn(name, WORDS);
    }

    private static Map<String, Object> cut(String name) {
        return Map.of("version", 0, "name", name, "units", "METRIC", "fields", Map.of());
    }

    private static String code(Answer answer) {
        return answer.json().path("code").asString();
    }

    @Test
    @Order(1)
    void nobodyComesInWithoutSigningIn() {
        Visitor stranger = visitor();
        for (String path : new String[] {
            "/api/cuts", "/api/crib/tools", "/api/exchange/shop.json", "/api/people", "/api/openapi.json"
        }) {
            Answer answer = stranger.ask("GET", path, "");
            assertThat(answer.status()).as(path).isEqualTo(401);
            assertThat(code(answer)).isEqualTo("sign-in-first");
        }
        assertThat(stranger.ask("POST", "/api/plan", Map.of("fields", Map.of(), "units", "METRIC"))
                        .status())
                .isEqualTo(401);
        JsonNode me = stranger.ask("GET", "/api/people/me", "").json();
        assertThat(me.path("network").asBoolean()).isTrue();
        assertThat(me.path("ownerNeeded").asBoolean()).isTrue();
    }

    /** On the network the program is asked for by any of its machine's addresses, but by no name that it does not know. */
    @Test
    @Order(1)
    void addressesAreKnownAndStrangeNamesAreNot() throws java.io.IOException {
        int port = Integer.parseInt(shop.address().replaceAll(".*:", ""));
        for (String host : new String[] {"127.0.0.2", "192.0.2.7:8300", "[::1]", "localhost"}) {
            assertThat(RawHttp.ask(port, "GET /api/people/me", Map.of("Host", host), new byte[0])
                            .status())
                    .as(host)
                    .isEqualTo(200);
        }
        for (String host : new String[] {"evil.example", "127.0.0.2.evil.example", "1.2.3.4.5"}) {
            assertThat(RawHttp.ask(port, "GET /api/people/me", Map.of("Host", host), new byte[0])
                            .body())
                    .as(host)
                    .contains("unknown-host");
        }
    }

    @Test
    @Order(2)
    void theFirstOwnerHasTheCodeThatTheStartPrinted() {
        Visitor visitor = visitor();
        Answer wrong = visitor.ask(
                "POST", "/api/people/first", Map.of("code", "guessed", "name", "Orla", "passphrase", WORDS));
        assertThat(wrong.field("code")).contains("window");
        Answer weak = visitor.ask(
                "POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Orla", "passphrase", "short"));
        assertThat(weak.field("passphrase")).contains("12 to 128");
        Answer owner = visitor.ask(
                "POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Orla", "passphrase", WORDS));
        assertThat(owner.status()).as(owner.text()).isEqualTo(200);
        assertThat(visitor.name()).isEqualTo("Orla");
        assertThat(visitor.ask("GET", "/api/cuts", "").status()).isEqualTo(200);
        // The code is good while nobody is entered, and no longer.
        Answer again = visitor()
                .ask("POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Eve", "passphrase", WORDS));
        assertThat(code(again)).isEqualTo("has-owner");
    }

    @Test
    @Order(3)
    void aReaderReadsAMakerKeepsAnOwnerLetsIn() {
        Visitor owner = signedIn("orla");
        for (String[] person : new String[][] {{"Marten", "MAKER"}, {"Rhee", "READER"}}) {
            Answer added =
                    owner.ask("POST", "/api/people", Map.of("name", person[0], "role", person[1], "passphrase", WORDS));
            assertThat(added.status()).as(added.text()).isEqualTo(200);
        }
        assertThat(code(owner.ask("POST", "/api/people", Map.of("name", "RHEE", "role", "MAKER", "passphrase", WORDS))))
                .isEqualTo("name-taken");

        Visitor reader = signedIn("Rhee");
        assertThat(reader.ask("GET", "/api/cuts", "").status()).isEqualTo(200);
        assertThat(reader.ask("POST", "/api/plan", Map.of("fields", Map.of(), "units", "METRIC"))
                        .status())
                .isEqualTo(200);
        assertThat(reader.ask("POST", "/api/jobs/work-out", Map.of("units", "METRIC", "sheet", Map.of()))
                        .status())
                .isEqualTo(200);
        assertThat(reader.ask("POST", "/api/schedule", Map.of("seconds", 0)).status())
                .isEqualTo(403);
        assertThat(reader.ask("PUT", "/api/week", Map.of("version", 0)).status())
                .isEqualTo(403);
        Answer refused = reader.ask("POST", "/api/cuts", cut("Not allowed"));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(code(refused)).isEqualTo("not-allowed");
        assertThat(reader.ask("POST", "/api/exchange/shop", Map.of()).status()).isEqualTo(403);
        assertThat(reader.ask("GET", "/api/people", "").status()).isEqualTo(403);

        Visitor maker = signedIn("Marten");
        JsonNode kept = maker.ask("POST", "/api/cuts", cut("Kept by a maker")).json();
        assertThat(kept.path("savedBy").asString()).isEqualTo("Marten");
        assertThat(maker.ask("POST", "/api/people", Map.of("name", "X", "role", "OWNER", "passphrase", WORDS))
                        .status())
                .isEqualTo(403);
        // Who is written beside a record is whoever signed in, not whoever the request says.
        Answer forged = maker.ask(
                "POST",
                "/api/cuts",
                Map.of("version", 0, "name", "Forged", "units", "METRIC", "fields", Map.of(), "savedBy", "Orla"));
        assertThat(forged.status() == 400
                        || forged.json().path("savedBy").asString().equals("Marten"))
                .isTrue();
    }

    /** To whoever can unpack them. */
    @Test
    @Order(5)
    void whoSavedIsNotTakenFromAFile() {
        Visitor owner = signedIn("Orla");
        String id = "6d0d2dcb-6c22-4b0f-8c39-3d6d6a0f3c11";
        Map<String, Object> cut = new HashMap<>(Map.of(
                "id",
                id,
                "version",
                7,
                "name",
                "Brought along",
                "units",
                "METRIC",
                "fields",
                Map.of("diameter", "25")));
        cut.put("savedAt", "2031-01-01T00:00:00Z");
        cut.put("savedBy", "Somebody else");
        Answer taken = owner.ask(
                "POST",
                "/api/exchange/shop",
                Map.of("format", "bold-wedge-shop", "formatVersion", 3, "cuts", List.of(cut)));
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        JsonNode kept = owner.ask("GET", "/api/cuts/" + id, Map.of()).json();
        assertThat(kept.path("savedBy").asString()).isEqualTo("Orla");
        assertThat(kept.path("savedAt").asString()).isLessThan("2031");
        assertThat(kept.path("saidBy").asString()).isEqualTo("Somebody else");
        assertThat(kept.path("saidAt").asString()).startsWith("2031-01-01");
        // Saved again it is the saver's, and nothing of the file's stands beside it.
        cut.keySet().removeAll(List.of("savedAt", "savedBy"));
        JsonNode saved = owner.ask("PUT", "/api/cuts/" + id, cut).json();
        assertThat(saved.path("savedBy").asString()).isEqualTo("Orla");
        assertThat(saved.path("saidBy").asString()).isEmpty();
        assertThat(saved.path("saidAt").isNull()).isTrue();
    }

    @Test
    @Order(4)
    void answersComePacked() throws java.io.IOException, InterruptedException {
        Visitor reader = signedIn("Rhee");
        HttpResponse<byte[]> packed = reader.packed("/api/glossary");
        assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
        String plain = reader.ask("GET", "/api/glossary", "").text();
        assertThat(packed.body().length).isLessThan(plain.length() / 2);
        try (GZIPInputStream unpacked = new GZIPInputStream(new ByteArrayInputStream(packed.body()))) {
            assertThat(new String(unpacked.readAllBytes(), StandardCharsets.UTF_8))
                    .isEqualTo(plain);
        }
    }

    @Test
    @Order(4)
    void withoutThePagesTokenNothingIsChanged() {
        Visitor maker = signedIn("Marten");
        Answer without = maker.ask("POST", "/api/cuts", cut("Forged"), "");
        assertThat(without.status()).isEqualTo(403);
        assertThat(code(without)).isEqualTo("page-too-old");
        assertThat(maker.ask("POST", "/api/cuts", cut("Forged"), "made-up").status())
                .isEqualTo(403);
        assertThat(maker.ask("POST", "/api/cuts", cut("Own")).status()).isEqualTo(200);
    }

    private static String codeOf(Answer pairing) {
        return codeOf(pairing.json());
    }

    private static String codeOf(JsonNode pairing) {
        String address = pairing.path("address").asString();
        return address.substring(address.indexOf('#') + 1);
    }

    @Test
    @Order(5)
    void aTabletIsPairedByACodeThatIsGoodOnce() {
        Visitor maker = signedIn("Marten");
        JsonNode pairing = maker.ask("POST", "/api/people/pairings", "").json();
        assertThat(pairing.path("code").asString()).startsWith("<svg").contains("path");
        assertThat(pairing.path("address").asString()).startsWith("http://").contains("/pair#");
        String code = codeOf(pairing);
        Visitor tablet = visitor();
        String before = tablet.cookie("bold-wedge");
        assertThat(tablet.ask("POST", "/api/people/pair", Map.of("code", code))
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Marten");
        assertThat(tablet.cookie("bold-wedge")).isNotEqualTo(before);
        assertThat(tablet.ask("POST", "/api/cuts", cut("From the tablet"))
                        .json()
                        .path("savedBy")
                        .asString())
                .isEqualTo("Marten");
        Answer again = visitor().ask("POST", "/api/people/pair", Map.of("code", code));
        assertThat(code(again)).isEqualTo("code-used-up");
        assertThat(code(visitor().ask("POST", "/api/people/pair", Map.of("code", "guessed"))))
                .isEqualTo("code-used-up");
        // Signed out everywhere, the tablet is out too, and so is the machine that did it; and a code that was not used
        // yet is of no use.
        String unused = codeOf(maker.ask("POST", "/api/people/pairings", ""));
        assertThat(maker.ask("POST", "/api/people/sign-out-everywhere", "").status())
                .isEqualTo(200);
        assertThat(code(visitor().ask("POST", "/api/people/pair", Map.of("code", unused))))
                .isEqualTo("code-used-up");
        assertThat(tablet.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
        assertThat(maker.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
    }

    /** A session holds for every program on the database; a role that is changed counts at once, everywhere. */
    @Test
    @Order(6)
    void twoProgramsKnowTheSamePeople() {
        try (ConfigurableApplicationContext second = shop.run(OPEN)) {
            Visitor maker = signedIn("Marten");
            Visitor same = new Visitor("http://127.0.0.1:" + RunningShop.port(second));
            same.takeCookiesOf(maker);
            assertThat(same.name()).isEqualTo("Marten");
            Visitor owner = signedIn("Orla");
            JsonNode people = owner.ask("GET", "/api/people", "").json();
            for (JsonNode person : people) {
                if (person.path("name").asString().equals("Marten")) {
                    Answer changed = owner.ask(
                            "PUT",
                            "/api/people/" + person.path("id").asString() + "/role",
                            Map.of("version", person.path("version").asInt(), "role", "READER"));
                    assertThat(changed.status()).as(changed.text()).isEqualTo(200);
                }
                if (person.path("name").asString().equals("Orla")) {
                    Answer last = owner.ask(
                            "PUT",
                            "/api/people/" + person.path("id").asString() + "/role",
                            Map.of("version", person.path("version").asInt(), "role", "READER"));
                    assertThat(code(last)).isEqualTo("last-owner");
                }
            }
            assertThat(same.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
            Visitor reader = signedIn("Marten");
            assertThat(reader.ask("POST", "/api/cuts", cut("No more")).status()).isEqualTo(403);
        }
    }

    @Test
    @Order(7)
    void aPassphraseIsChangedByWhoKnowsIt() {
        Visitor reader = signedIn("Rhee");
        assertThat(reader.ask("POST", "/api/people/passphrase", Map.of("now", "not this one", "next", "nine red lamps"))
                        .field("now"))
                .contains("not your passphrase");
        String unused = codeOf(reader.ask("POST", "/api/people/pairings", ""));
        assertThat(reader.ask("POST", "/api/people/passphrase", Map.of("now", WORDS, "next", "nine red lamps"))
                        .status())
                .isEqualTo(200);
        assertThat(code(visitor().ask("POST", "/api/people/pair", Map.of("code", unused))))
                .isEqualTo("code-used-up");
        assertThat(reader.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
        assertThat(visitor()
                        .ask("POST", "/api/people/sign-in", Map.of("name", "Rhee", "passphrase", "nine red lamps"))
                        .status())
                .isEqualTo(200);
    }

    /** Last, since it makes the name wait: wrong again and again, each wait is longer, and the right words wait as well. */
    @Test
    @Order(8)
    void guessingIsSlowedDown() throws InterruptedException {
        Visitor guesser = visitor();
        int judged = 0;
        while (judged < 6) {
            Answer answer =
                    guesser.ask("POST", "/api/people/sign-in", Map.of("name", "Orla", "passphrase", "guess " + judged));
            if (code(answer).equals("tried-too-often")) {
                assertThat(judged).isGreaterThanOrEqualTo(3);
                Thread.sleep(50);
            } else {
                assertThat(code(answer)).isEqualTo("wrong-passphrase");
                judged++;
            }
        }
        Answer right = guesser.ask("POST", "/api/people/sign-in", Map.of("name", "Orla", "passphrase", WORDS));
        assertThat(right.status()).isEqualTo(429);
        assertThat(right.sentence()).containsPattern("Wait [2-8] s");
        // From elsewhere: this address has guessed often by now.
        Answer unknown = new Visitor("http://127.0.0.1:" + RunningShop.port(shop.program()), "127.0.0.9")
                .ask("POST", "/api/people/sign-in", Map.of("name", "Nobody", "passphrase", "guess"));
        assertThat(unknown.sentence()).isEqualTo("The name or the passphrase is not right.");
    }
}
