package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.RunningShop.Answer;
import boldwedge.server.testing.Telephone;
import boldwedge.server.testing.Visitor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A second factor by time codes: turned on by a code, asked for, good once, taken off by whoever may. */
class SecondFactorTest {
    private static final String WORDS = "seven blue files";
    private static RunningShop shop;
    private static JdbcTemplate rows;
    private static String at;

    @BeforeAll
    static void open() {
        shop = RunningShop.another(Map.of("boldwedge.network", "true", "boldwedge.first-code", "a1b2c3d4e5"));
        at = "http://127.0.0.1:" + RunningShop.port(shop.program());
        rows = shop.program().getBean(JdbcTemplate.class);
        new Visitor(at)
                .ask("POST", "/api/people/first", Map.of("code", "a1b2c3d4e5", "name", "Orla", "passphrase", WORDS));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    /** The vectors of RFC 4226, appendix D. */
    @Test
    void theTestsOwnTelephoneIsRight() {
        Telephone vectors = new Telephone("12345678901234567890".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        assertThat(List.of(vectors.at(0), vectors.at(1), vectors.at(9))).containsExactly("755224", "287082", "520489");
        assertThat(Telephone.typed("GEZD GNBV GY3T QOJQ GEZD GNBV GY3T QOJQ").at(1))
                .isEqualTo("287082");
    }

    private static String person(String name) {
        return new Visitor(at, "127.0.0.2")
                .signedIn("Orla", WORDS)
                .ask("POST", "/api/people", Map.of("name", name, "role", "MAKER", "passphrase", WORDS))
                .json()
                .path("id")
                .asString();
    }

    private static Telephone withTelephone(Visitor visitor) {
        Answer begun = visitor.ask("POST", "/api/people/second-factor", Map.of("now", WORDS));
        assertThat(begun.status()).as(begun.text()).isEqualTo(200);
        assertThat(begun.json().path("code").asString()).contains("<svg");
        Telephone telephone = Telephone.typed(begun.json().path("secret").asString());
        Answer on = visitor.ask("POST", "/api/people/second-factor/on", Map.of("code", telephone.shows()));
        assertThat(on.status()).as(on.text()).isEqualTo(200);
        return telephone;
    }

    /** As if the last code had been typed long ago. */
    private static void timeGoesBy(String person) {
        rows.update("update second_factor set last_step = 0 where person_id = ?", UUID.fromString(person));
    }

    private static Answer tried(Visitor visitor, String name, String code) {
        return visitor.ask("POST", "/api/people/sign-in", Map.of("name", name, "passphrase", WORDS, "code", code));
    }

    private static String code(Answer answer) {
        return answer.json().path("code").asString();
    }

    @Test
    void aCodeIsAskedForAndGoodOnce() {
        String id = person("Vera");
        Visitor vera = new Visitor(at, "127.0.1.1").signedIn("Vera", WORDS);
        assertThat(code(vera.ask("POST", "/api/people/second-factor", Map.of("now", "guess"))))
                .isEqualTo("wrong-passphrase");
        Telephone telephone = withTelephone(vera);
        assertThat(vera.ask("GET", "/api/people/me", "")
                        .json()
                        .path("secondFactor")
                        .asBoolean())
                .isTrue();
        // A second telephone is not begun over the first.
        assertThat(code(vera.ask("POST", "/api/people/second-factor", Map.of("now", WORDS))))
                .isEqualTo("second-factor-on");
        // The code that turned it on is used up.
        Visitor elsewhere = new Visitor(at, "127.0.1.2");
        assertThat(code(tried(elsewhere, "Vera", ""))).isEqualTo("second-factor-wanted");
        timeGoesBy(id);
        String shown = telephone.shows();
        Answer in = tried(elsewhere, "Vera", shown.substring(0, 3) + " " + shown.substring(3));
        assertThat(in.status()).as(in.text()).isEqualTo(200);
        assertThat(code(tried(new Visitor(at, "127.0.1.3"), "Vera", shown))).isEqualTo("wrong-second-factor");
        // A wrong passphrase says nothing of a second factor.
        assertThat(code(new Visitor(at, "127.0.1.4")
                        .ask(
                                "POST",
                                "/api/people/sign-in",
                                Map.of("name", "Vera", "passphrase", "guess", "code", shown))))
                .isEqualTo("wrong-passphrase");
        Answer off = elsewhere.ask("POST", "/api/people/second-factor/off", Map.of("now", WORDS));
        assertThat(off.status()).as(off.text()).isEqualTo(200);
        assertThat(tried(vera, "Vera", "").status()).isEqualTo(200);
    }

    /** Two at once with one code: one of them comes in. */
    @Test
    void oneCodeLetsOneIn() throws Exception {
        String id = person("Wim");
        Telephone telephone = withTelephone(new Visitor(at, "127.0.2.1").signedIn("Wim", WORDS));
        timeGoesBy(id);
        String shown = telephone.shows();
        List<Callable<Answer>> both = new ArrayList<>();
        for (int i = 2; i < 6; i++) {
            Visitor one = new Visitor(at, "127.0.2." + i);
            both.add(() -> tried(one, "Wim", shown));
        }
        try (ExecutorService threads = Executors.newFixedThreadPool(4)) {
            List<Integer> said = new ArrayList<>();
            for (Future<Answer> one : threads.invokeAll(both)) {
                said.add(one.get().status());
            }
            assertThat(said).containsOnlyOnce(200);
        }
    }

    /** Taken out and let in again one is who one was, and signs in anew; not twice, and not where the name is another's by now. */
    @Test
    void whoeverWasTakenOutComesBackAsBefore() {
        String id = person("Ursel");
        Visitor ursel = new Visitor(at, "127.0.6.1").signedIn("Ursel", WORDS);
        Telephone telephone = withTelephone(ursel);
        Visitor owner = new Visitor(at, "127.0.0.2").signedIn("Orla", WORDS);
        assertThat(code(ursel.ask("POST", "/api/people/" + id + "/back", ""))).isEqualTo("not-allowed");
        assertThat(owner.ask("POST", "/api/people/" + id + "/back", "").status())
                .isEqualTo(404);
        owner.ask("DELETE", "/api/people/" + id + "?version=1", "");
        assertThat(code(tried(ursel, "Ursel", telephone.shows()))).isEqualTo("wrong-passphrase");
        Answer back = owner.ask("POST", "/api/people/" + id + "/back", "");
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(back.json().path("role").asString()).isEqualTo("MAKER");
        assertThat(ursel.ask("GET", "/api/cuts", "").status()).isEqualTo(401);
        Visitor again = new Visitor(at, "127.0.6.2");
        assertThat(code(tried(again, "Ursel", ""))).isEqualTo("second-factor-wanted");
        // The code that turned it on is used up still.
        assertThat(rows.queryForObject("select max(last_step) from second_factor", Long.class))
                .isPositive();
        timeGoesBy(id);
        assertThat(tried(again, "Ursel", telephone.shows()).status()).isEqualTo(200);
        assertThat(owner.ask("POST", "/api/people/" + id + "/back", "").status())
                .isEqualTo(404);
        owner.ask("DELETE", "/api/people/" + id + "?version=2", "");
        person("URSEL");
        assertThat(code(owner.ask("POST", "/api/people/" + id + "/back", ""))).isEqualTo("name-taken");
        rows.update("update person_gone set gone_at = now() - interval '25 hours'");
        assertThat(owner.ask("POST", "/api/people/" + id + "/back", "").status())
                .isEqualTo(404);
    }

    @Test
    void aSecretThatWasNeverShownIsNotAskedFor() {
        person("Xaver");
        Visitor xaver = new Visitor(at, "127.0.3.1").signedIn("Xaver", WORDS);
        String secret = xaver.ask("POST", "/api/people/second-factor", Map.of("now", WORDS))
                .json()
                .path("secret")
                .asString();
        Telephone telephone = Telephone.typed(secret);
        assertThat(code(xaver.ask("POST", "/api/people/second-factor/on", Map.of("code", telephone.showsNever()))))
                .isEqualTo("wrong-second-factor");
        assertThat(tried(new Visitor(at, "127.0.3.2"), "Xaver", "").status()).isEqualTo(200);
    }

    @Test
    void guessingAtTheCodeIsSlowedDown() {
        person("Yann");
        Telephone telephone = withTelephone(new Visitor(at, "127.0.4.1").signedIn("Yann", WORDS));
        Visitor guesser = new Visitor(at, "127.0.4.2");
        String last = "";
        for (int i = 0; i < 5; i++) {
            last = code(tried(guesser, "Yann", telephone.showsNever()));
        }
        assertThat(last).isEqualTo("tried-too-often");
    }

    /** Whoever has lost the telephone has lost the way to the codes: what lets in without the passphrase takes the factor off. */
    @Test
    void aCodeOfTheOwnersTakesItOff() {
        String id = person("Zita");
        withTelephone(new Visitor(at, "127.0.5.1").signedIn("Zita", WORDS));
        Visitor owner = new Visitor(at, "127.0.0.2").signedIn("Orla", WORDS);
        String reset = owner.ask("POST", "/api/people/" + id + "/reset", "")
                .json()
                .path("address")
                .asString()
                .replaceAll(".*/reset#", "");
        Visitor again = new Visitor(at, "127.0.5.2");
        Answer in = again.ask("POST", "/api/people/reset", Map.of("code", reset, "passphrase", "four green gauges"));
        assertThat(in.status()).as(in.text()).isEqualTo(200);
        assertThat(in.json().path("secondFactor").asBoolean()).isFalse();
        List<String> told = new ArrayList<>();
        for (JsonNode line : owner.ask("GET", "/api/journal", "").json()) {
            told.add(line.path("person").asString() + " " + line.path("words").asString());
        }
        assertThat(told).contains("Zita asks for a second factor from now on", "Zita took a second factor off");
    }
}
