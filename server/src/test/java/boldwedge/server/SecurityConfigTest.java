package boldwedge.server;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RawHttp;
import boldwedge.server.testing.RawHttp.Reply;
import boldwedge.server.testing.RunningShop;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** On one machine nobody signs in; still only that machine's own page gets an answer. */
class SecurityConfigTest extends OverHttp {
    private static final byte[] CUT =
            "{\"version\":0,\"name\":\"Guarded\",\"units\":\"METRIC\",\"fields\":{}}".getBytes(StandardCharsets.UTF_8);
    private final int port = Integer.parseInt(shop.address().replaceAll(".*:", ""));

    private Reply post(String... headings) throws IOException {
        Map<String, String> all = new HashMap<>(Map.of("Content-Type", "application/json"));
        for (int i = 0; i < headings.length; i += 2) {
            all.put(headings[i], headings[i + 1]);
        }
        return RawHttp.ask(port, "POST /api/cuts", all, CUT);
    }

    /** A name elsewhere that was made to point at this machine: what the browser sends bears that name. */
    @Test
    void anotherNameGetsNothing() throws IOException {
        for (String host : new String[] {
            "evil.example", "evil.example:" + port, "127.0.0.1.evil.example", "192.0.2.1", "localhost.evil"
        }) {
            for (String path : new String[] {"/api/cuts", "/", "/api/exchange/shop.json", "/actuator/health"}) {
                Reply reply = RawHttp.ask(port, "GET " + path, Map.of("Host", host), new byte[0]);
                assertThat(reply.status()).as(host + path).isBetween(400, 403);
                assertThat(reply.body()).as(host + path).contains("unknown-host");
            }
        }
        for (String host : new String[] {"127.0.0.1", "localhost:" + port, "[::1]:" + port, "LOCALHOST"}) {
            assertThat(RawHttp.ask(port, "GET /api/cuts", Map.of("Host", host), new byte[0])
                            .status())
                    .as(host)
                    .isEqualTo(200);
        }
    }

    @Test
    void anotherPageChangesNothing() throws IOException {
        assertThat(post("Origin", "http://evil.example").status()).isEqualTo(403);
        assertThat(post("Origin", "null").status()).isEqualTo(403);
        assertThat(post("Origin", "http://127.0.0.1:1").status()).isEqualTo(403);
        assertThat(post("Origin", "https://127.0.0.1:" + port).status()).isEqualTo(403);
        assertThat(post("Origin", "http://localhost:" + port).status()).isEqualTo(403);
        assertThat(post("Sec-Fetch-Site", "cross-site").status()).isEqualTo(403);
        assertThat(post("Sec-Fetch-Site", "same-site").status()).isEqualTo(403);
        assertThat(post("Sec-Fetch-Site", "cross-site").body()).contains("another-page");
        int before = shop.get("/api/cuts?most=1000").json().size();
        Reply own = post("Origin", "http://127.0.0.1:" + port, "Sec-Fetch-Site", "same-origin");
        assertThat(own.status()).as(own.body()).isEqualTo(200);
        // A script on this machine sends neither heading.
        assertThat(post().status()).isEqualTo(200);
        assertThat(shop.get("/api/cuts?most=1000").json().size()).isEqualTo(before + 2);
    }

    @Test
    void everyAnswerSaysWhatABrowserMayDoWithIt() throws IOException {
        for (String path : new String[] {"/api/cuts", "/api/nothing", "/actuator/health", "/api/crib/tools/none"}) {
            Reply reply = RawHttp.ask(port, "GET " + path, Map.of(), new byte[0]);
            assertThat(reply.headings().get("content-security-policy"))
                    .as(path)
                    .contains("default-src 'none'")
                    .contains("script-src 'self';")
                    .contains("frame-ancestors 'none'");
            assertThat(reply.headings())
                    .containsEntry("x-content-type-options", "nosniff")
                    .containsEntry("x-frame-options", "DENY")
                    .containsEntry("referrer-policy", "no-referrer")
                    .containsEntry("cross-origin-resource-policy", "same-origin");
            assertThat(reply.headings().get("cache-control")).as(path).contains("no-store");
            assertThat(reply.headings()).doesNotContainKey("set-cookie").doesNotContainKey("server");
        }
    }

    /** Where nobody signs in nobody can be entered either: an owner made before the shop is opened would be there when it is. */
    @Test
    void nobodyIsEnteredWhereNobodySignsIn() {
        Map<String, String> planted = Map.of("name", "Planted", "role", "OWNER", "passphrase", "seven blue files");
        String id = "3f0c1f6e-0000-4000-8000-000000000009";
        for (RunningShop.Answer answer : List.of(
                shop.send("POST", "/api/people", planted),
                shop.send(
                        "POST",
                        "/api/people/first",
                        Map.of("code", "", "name", "Planted", "passphrase", "seven blue files")),
                shop.send("POST", "/api/people/sign-in", planted),
                shop.send("POST", "/api/people/pairings", Map.of()),
                shop.send("POST", "/api/people/pair", Map.of("code", "x")),
                shop.send("PUT", "/api/people/" + id + "/role", Map.of("version", 1, "role", "OWNER")),
                shop.send("POST", "/api/people/" + id + "/sign-out-everywhere", Map.of()),
                shop.sendText("DELETE", "/api/people/" + id + "?version=1", "text/plain", ""),
                shop.get("/api/people"))) {
            assertThat(answer.status()).as(answer.text()).isEqualTo(400);
            assertThat(answer.json().path("code").asString()).isEqualTo("no-sign-in-here");
        }
        assertThat(shop.get("/api/people/me").status()).isEqualTo(200);
    }
}
