package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import boldwedge.server.testing.RawHttp;
import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.RunningShop.Answer;
import boldwedge.server.testing.Visitor;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The ways into a shop that is open to its network, attacked: guessed at, stormed, with codes that are old, from devices that are ended. */
class WaysInTest {
    private static final String WORDS = "seven blue files";
    private static RunningShop shop;
    private static JdbcTemplate rows;
    private static String at;

    @BeforeAll
    static void open() {
        shop = RunningShop.another(Map.of("boldwedge.network", "true", "boldwedge.first-code", "a1b2c3d4e5"));
        at = "http://127.0.0.1:" + RunningShop.port(shop.program());
        rows = shop.program().getBean(JdbcTemplate.class);
        Answer owner = new Visitor(at)
                .ask("POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Orla", "passphrase", WORDS));
        assertThat(owner.status()).as(owner.text()).isEqualTo(200);
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static String code(Answer answer) {
        return answer.json().path("code").asString();
    }

    private static Answer tried(Visitor visitor, String name, String passphrase) {
        return visitor.ask("POST", "/api/people/sign-in", Map.of("name", name, "passphrase", passphrase));
    }

    /** Somebody new, whom no other test knows. */
    private static String person(String name) {
        Answer added = owner("127.0.0.2")
                .ask("POST", "/api/people", Map.of("name", name, "role", "MAKER", "passphrase", WORDS));
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return added.json().path("id").asString();
    }

    private static Visitor owner(String from) {
        return new Visitor(at, from).signedIn("Orla", WORDS);
    }

    /** Made-up names from many addresses at once: each is answered in words, and whoever is known signs in at the first try. */
    @Test
    void aStormOfStrangersKeepsNobodyOut() throws Exception {
        person("Sten");
        Visitor known = new Visitor(at, "127.0.1.1").signedIn("Sten", WORDS);
        List<Future<Answer>> storm = new ArrayList<>();
        try (ExecutorService strangers = Executors.newFixedThreadPool(60)) {
            for (int i = 0; i < 60; i++) {
                Visitor stranger = new Visitor(at, "127.0.2." + (1 + i % 12));
                String name = "made up " + i;
                storm.add(strangers.submit(() -> tried(stranger, name, "guess guess guess")));
            }
            assertThat(tried(known, "Sten", WORDS).status()).isEqualTo(200);
            assertThat(known.ask("GET", "/api/cuts", "").status()).isEqualTo(200);
        }
        for (Future<Answer> one : storm) {
            assertThat(code(one.get())).isIn("wrong-passphrase", "many-sign-in", "tried-too-often");
        }
        assertThat(storm.stream().map(Future::resultNow).map(WaysInTest::code)).contains("many-sign-in");
    }

    /** Through a list of names one is slowed down too; others, elsewhere, are not. */
    @Test
    void whoeverGuessesThroughAListOfNamesIsSlowedDownByAddress() {
        Visitor guesser = new Visitor(at, "127.0.3.1");
        List<String> said = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            said.add(code(tried(guesser, "somebody else " + i, "guess")));
        }
        assertThat(said.subList(0, 10)).containsOnly("wrong-passphrase");
        assertThat(said.subList(10, 12)).contains("tried-too-often");
        assertThat(code(tried(new Visitor(at, "127.0.3.2"), "somebody else 0", "guess")))
                .isEqualTo("wrong-passphrase");
    }

    /** Whoever guesses at a name makes strangers of that name wait, not the person at the own machine. */
    @Test
    void aStrangersGuessesDoNotLockThePersonOut() {
        person("Ilse");
        Visitor own = new Visitor(at, "127.0.4.1").signedIn("Ilse", WORDS);
        Visitor guesser = new Visitor(at, "127.0.4.2");
        for (int i = 0; i < 5; i++) {
            tried(guesser, "Ilse", "guess " + i);
        }
        // However long the machine took for that: what the name has to wait begins now.
        rows.update(
                "update sign_in_failure set next_at = now() + interval '9 seconds' where next_at > now() - interval '1 minute'");
        assertThat(tried(new Visitor(at, "127.0.4.3"), "ilse", WORDS).status()).isEqualTo(429);
        assertThat(tried(own, "Ilse", WORDS).status()).isEqualTo(200);
        // Another's device is no help for guessing at this name.
        person("Ruud");
        Visitor other = new Visitor(at, "127.0.4.4").signedIn("Ruud", WORDS);
        assertThat(tried(other, "Ilse", "guess").status()).isEqualTo(429);
    }

    /** A clock that was ahead and has been put right leaves nobody waiting for years; what is old goes, and no name can be read in it. */
    @Test
    void waitsAreClampedAndOldFailuresGo() {
        Visitor visitor = new Visitor(at, "127.0.5.1");
        assertThat(code(tried(visitor, "Clockwise", "guess"))).isEqualTo("wrong-passphrase");
        rows.update(
                "update sign_in_failure set next_at = now() + interval '10 years' where next_at > now() - interval '1 minute'");
        Answer waits = tried(visitor, "Clockwise", "guess");
        assertThat(Integer.parseInt(waits.sentence().replaceAll("\\D+", ""))).isBetween(1, 301);
        rows.update("update sign_in_failure set next_at = now() - interval '1 second'");
        rows.update(
                "insert into sign_in_failure (subject, failures, next_at) values ('long ago', 3, now() - interval '2 hours')");
        assertThat(code(tried(visitor, "Clockwise", "guess"))).isEqualTo("wrong-passphrase");
        assertThat(rows.queryForList("select subject from sign_in_failure", String.class))
                .doesNotContain("long ago")
                .allMatch(subject -> subject.matches("[A-Za-z0-9+/=]{44}"));
    }

    @Test
    void thePassphraseIsNotGuessedAtThroughAnOpenSession() {
        person("Wilma");
        Visitor open = new Visitor(at, "127.0.6.1").signedIn("Wilma", WORDS);
        List<String> said = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            said.add(code(
                    open.ask("POST", "/api/people/passphrase", Map.of("now", "guess " + i, "next", "nine red lamps"))));
        }
        assertThat(said).startsWith("wrong-passphrase").endsWith("tried-too-often");
    }

    @Test
    void whatIsGuessedFirstIsNoPassphraseAndNobodyLooksLikeSomebodyElse() {
        Visitor owner = owner("127.0.7.1");
        for (String passphrase :
                List.of("          ", "Password12", "1234567890", "qwertyuiop", "aaaaaaaaaaaa", "Theodora123")) {
            Answer answer = owner.ask(
                    "POST", "/api/people", Map.of("name", "Theodora", "role", "MAKER", "passphrase", passphrase));
            assertThat(answer.field("passphrase")).as(passphrase).isNotBlank();
        }
        for (String name : List.of("Оrla", "0rla", "Or\u200Bla", "ORLÀ", "Or\u202Ela")) {
            Answer answer =
                    owner.ask("POST", "/api/people", Map.of("name", name, "role", "MAKER", "passphrase", WORDS));
            assertThat(answer.field("name")).as(name).isNotBlank();
        }
    }

    @Test
    void aWayInTakesNoLongBodies() throws IOException {
        byte[] endless =
                ("{\"name\":\"" + "x".repeat(70_000) + "\"}").getBytes(java.nio.charset.StandardCharsets.UTF_8);
        var reply = RawHttp.ask(
                RunningShop.port(shop.program()),
                "POST /api/people/sign-in",
                Map.of("Content-Type", "application/json"),
                endless);
        // Without the page's token it is refused for that; with or without, nobody reads it to its end.
        assertThat(reply.status()).isIn(403, 413);
        Answer refused = new Visitor(at).ask("POST", "/api/people/sign-in", Map.of("name", "x".repeat(70_000)));
        assertThat(code(refused)).isEqualTo("too-large");
        assertThat(refused.sentence()).contains("64 kB");
    }

    @Test
    void eachDeviceIsEndedByItself() {
        person("Dora");
        Visitor desk = new Visitor(at, "127.0.8.1").signedIn("Dora", WORDS);
        JsonNode pairing = desk.ask("POST", "/api/people/pairings", "").json();
        Visitor tablet = new Visitor(at, "127.0.8.2");
        tablet.ask(
                "POST",
                "/api/people/pair",
                Map.of("code", pairing.path("address").asString().replaceAll(".*#", "")));
        JsonNode devices = desk.ask("GET", "/api/people/devices", "").json();
        assertThat(devices.size()).isEqualTo(2);
        JsonNode other = devices.get(0).path("here").asBoolean() ? devices.get(1) : devices.get(0);
        assertThat(other.path("paired").asBoolean()).isTrue();
        assertThat(other.path("signedIn").asBoolean()).isTrue();
        String path = "/api/people/devices/" + other.path("id").asString();
        // Nobody ends another's.
        assertThat(code(owner("127.0.8.3").ask("DELETE", path, ""))).isEqualTo("no-such-device");
        assertThat(desk.ask("DELETE", path, "").status()).isEqualTo(200);
        assertThat(tablet.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
        assertThat(desk.ask("GET", "/api/cuts", "").status()).isEqualTo(200);
        assertThat(code(desk.ask("DELETE", path, ""))).isEqualTo("no-such-device");
    }

    @Test
    void aForgottenPassphraseIsChosenAnewByACodeOfTheOwners() {
        String id = person("Hektor");
        Visitor before = new Visitor(at, "127.0.9.1").signedIn("Hektor", WORDS);
        assertThat(before.ask("POST", "/api/people/" + id + "/reset", "").status())
                .isEqualTo(403);
        String code = owner("127.0.9.2")
                .ask("POST", "/api/people/" + id + "/reset", "")
                .json()
                .path("address")
                .asString()
                .replaceAll(".*/reset#", "");
        Visitor later = new Visitor(at, "127.0.9.3");
        Map<String, String> weak = Map.of("code", code, "passphrase", "password1234");
        assertThat(later.ask("POST", "/api/people/reset", weak).field("passphrase"))
                .isNotBlank();
        Map<String, String> entry = Map.of("code", code, "passphrase", "four green gauges");
        assertThat(later.ask("POST", "/api/people/reset", entry)
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Hektor");
        assertThat(before.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
        assertThat(code(new Visitor(at, "127.0.9.4").ask("POST", "/api/people/reset", entry)))
                .isEqualTo("code-used-up");
        assertThat(tried(new Visitor(at, "127.0.9.5"), "Hektor", "four green gauges")
                        .status())
                .isEqualTo(200);
    }

    /** The code that ./bw owner leaves in the database. */
    private static String ownersCode(int minutes) {
        String code = UUID.randomUUID().toString().replace("-", "");
        rows.update(
                "insert into one_time_code (hash, purpose, expires_at) values (encode(sha256(convert_to(?, 'UTF8')), 'base64'),"
                        + " 'owner', now() + make_interval(mins => ?))",
                code,
                minutes);
        return code;
    }

    @Test
    void whoeverSitsAtTheMachineMakesAnOwner() {
        person("Gerd");
        Visitor gerd = new Visitor(at, "127.0.10.1");
        Map<String, String> late = Map.of("code", ownersCode(-1), "name", "Gerd", "passphrase", "six brass bushes");
        assertThat(code(gerd.ask("POST", "/api/people/recover", late))).isEqualTo("code-used-up");
        String code = ownersCode(15);
        Map<String, String> entry = Map.of("code", code, "name", "Gerd", "passphrase", "six brass bushes");
        assertThat(gerd.ask("POST", "/api/people/recover", entry)
                        .json()
                        .path("role")
                        .asString())
                .isEqualTo("OWNER");
        assertThat(gerd.ask("GET", "/api/people", "").status()).isEqualTo(200);
        assertThat(code(gerd.ask("POST", "/api/people/recover", entry))).isEqualTo("code-used-up");
        // A pairing code is no such code.
        String pairing = gerd.ask("POST", "/api/people/pairings", "")
                .json()
                .path("address")
                .asString();
        Map<String, String> wrong =
                Map.of("code", pairing.replaceAll(".*#", ""), "name", "Eve", "passphrase", "six brass bushes");
        assertThat(code(gerd.ask("POST", "/api/people/recover", wrong))).isEqualTo("code-used-up");
    }

    /** A page that shows one person's name saves as that person or not at all. */
    @Test
    void nothingIsSavedUnderAnotherName() {
        person("Xaver Öhm");
        Visitor visitor = new Visitor(at, "127.0.11.1").signedIn("Xaver Öhm", WORDS);
        Map<String, Object> cut = Map.of("version", 0, "name", "X", "units", "METRIC", "fields", Map.of());
        Answer other = visitor.as("Somebody else").ask("POST", "/api/cuts", cut);
        assertThat(other.status()).isEqualTo(409);
        assertThat(code(other)).isEqualTo("another-person");
        assertThat(visitor.as("Xaver Öhm").ask("POST", "/api/cuts", cut).status())
                .isEqualTo(200);
    }

    /** Cookies that are none of ours, HEAD, a part beyond the end, what the program is built from. */
    @Test
    void whatStrangersSendIsAnsweredInWordsAndWithEveryHeading() throws IOException {
        int port = RunningShop.port(shop.program());
        for (String cookie : List.of(
                "bold-wedge=AAAA", "bold-wedge=" + java.util.Base64.getEncoder().encodeToString(new byte[36]))) {
            assertThat(RawHttp.ask(port, "GET /api/people/me", Map.of("Cookie", cookie), new byte[0])
                            .status())
                    .as(cookie)
                    .isEqualTo(200);
        }
        for (String path : List.of("/api/people/me", "/api/cuts", "/nothing.here")) {
            var head = RawHttp.ask(port, "HEAD " + path, Map.of(), new byte[0]);
            assertThat(head.headings()).as(path).containsKeys("content-security-policy", "x-content-type-options");
        }
        assertThat(RawHttp.ask(port, "GET /third-party-program.txt", Map.of(), new byte[0])
                        .status())
                .isEqualTo(401);
    }

    /** One sees that somebody else has the same record open, and what has become of it; only who is of the shop. */
    @Test
    void newsOfARecord() {
        person("Yrsa");
        Visitor yrsa = new Visitor(at, "127.0.12.1").signedIn("Yrsa", WORDS);
        Visitor orla = owner("127.0.12.2");
        JsonNode cut = yrsa.ask(
                        "POST", "/api/cuts", Map.of("version", 0, "name", "N", "units", "METRIC", "fields", Map.of()))
                .json();
        String news = "/api/news?record=" + cut.path("id").asString();
        assertThat(yrsa.ask("GET", news, "").json().path("others").size()).isZero();
        JsonNode seen = orla.ask("GET", news, "").json();
        assertThat(seen.path("others").get(0).asString()).isEqualTo("Yrsa");
        assertThat(seen.path("version").asInt()).isEqualTo(1);
        assertThat(seen.path("savedBy").asString()).isEqualTo("Yrsa");
        assertThat(yrsa.ask("GET", news, "").json().path("others").get(0).asString())
                .isEqualTo("Orla");
        rows.update("update presence set seen_at = now() - interval '11 seconds' where person = 'Orla'");
        assertThat(yrsa.ask("GET", news, "").json().path("others").size()).isZero();
        assertThat(new Visitor(at, "127.0.12.3").ask("GET", news, "").status()).isEqualTo(401);
    }

    /** Who did what stands in the journal, for the owner; it cannot be changed, and nobody else writes or reads it. */
    @Test
    void theJournalTellsWhoDidWhat() {
        person("Zoe");
        Visitor zoe = new Visitor(at, "127.0.13.1").signedIn("Zoe", WORDS);
        tried(new Visitor(at, "127.0.13.2"), "Zoe", "guess");
        tried(new Visitor(at, "127.0.13.3"), WORDS, WORDS);
        JsonNode cut = zoe.ask(
                        "POST",
                        "/api/cuts",
                        Map.of("version", 0, "name", "=Doomed", "units", "METRIC", "fields", Map.of()))
                .json();
        zoe.ask("DELETE", "/api/cuts/" + cut.path("id").asString() + "?version=1", "");
        assertThat(zoe.ask("GET", "/api/journal", "").status()).isEqualTo(403);
        assertThat(zoe.ask("GET", "/api/journal/journal.csv", "").status()).isEqualTo(403);
        Visitor owner = owner("127.0.13.4");
        List<String> told = new ArrayList<>();
        for (JsonNode line : owner.ask("GET", "/api/journal", "").json()) {
            told.add(line.path("person").asString() + " " + line.path("words").asString() + " "
                    + line.path("about").asString() + " " + line.path("address").asString());
        }
        assertThat(told)
                .contains(
                        "Zoe signed in  127.0.13.1",
                        " was refused sign-in as Zoe 127.0.13.2",
                        " was refused sign-in as somebody who is not entered 127.0.13.3",
                        "Zoe deleted the cut =Doomed 127.0.13.1")
                .noneMatch(line -> line.contains(WORDS));
        assertThat(owner.ask("GET", "/api/journal/journal.csv", "").text())
                .startsWith("id,at,person,address,what,about")
                .contains("SIGNED_IN");
        for (String attempt : List.of("delete from journal", "update journal set person = 'Eve'", "truncate journal")) {
            assertThatThrownBy(() -> rows.execute(attempt)).hasMessageContaining("only added to");
        }
    }
}
