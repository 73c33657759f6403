package boldwedge.server.testing;

import boldwedge.server.testing.RunningShop.Answer;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.InetAddress;
import java.net.URI;
import java.net.URLEncoder;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** A browser with its cookies, which bears the page's token as our page does. */
public final class Visitor {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http;
    private String asWhom = "";
    private final String at;

    /** A visitor to the program at this address, who has been told who he is. */
    public Visitor(String at) {
        this(at, "127.0.0.1");
    }

    /** The same from another of this machine's addresses. */
    public Visitor(String at, String from) {
        this.at = at;
        http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .localAddress(loopback(from))
                .build();
        ask("GET", "/api/people/me", "");
    }

    private static InetAddress loopback(String address) {
        try {
            return InetAddress.getByName(address);
        } catch (UnknownHostException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Takes over what another's browser keeps. */
    public void takeCookiesOf(Visitor other) {
        other.cookies.getCookieStore().getCookies().forEach(cookie -> {
            HttpCookie copy = new HttpCookie(cookie.getName(), cookie.getValue());
            copy.setPath("/");
            copy.setVersion(0);
            cookies.getCookieStore().add(URI.create(at), copy);
        });
    }

    /** The value of a cookie; empty when there is none. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** Sends a value as JSON, or nothing for an empty text, with the token that the page has. */
    public Answer ask(String method, String path, Object body) {
        return ask(method, path, body, cookie("XSRF-TOKEN"));
    }

    /** The same with another token. */
    public Answer ask(String method, String path, Object body, String token) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(at + path))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body.equals("")
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
        if (!asWhom.isEmpty()) {
            request.header("Bold-Wedge-As", asWhom);
        }
        if (!token.isEmpty()) {
            request.header("X-XSRF-TOKEN", token);
        }
        try {
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(answer.statusCode(), answer.body());
        } catch (java.io.IOException | InterruptedException gone) {
            throw new IllegalStateException(gone);
        }
    }

    /** From here on each request says whose page it comes from. */
    public Visitor as(String name) {
        asWhom = URLEncoder.encode(name, StandardCharsets.UTF_8);
        return this;
    }

    /** Signs in, which must succeed. */
    public Visitor signedIn(String name, String passphrase) {
        Answer in = ask("POST", "/api/people/sign-in", Map.of("name", name, "passphrase", passphrase));
        if (in.status() != 200) {
            throw new IllegalStateException(in.text());
        }
        return this;
    }

    /** By which name the program knows this visitor. */
    public String name() {
        return ask("GET", "/api/people/me", "").json().path("name").asString();
    }

    /** An answer as it comes to whoever can unpack it. */
    public HttpResponse<byte[]> packed(String path) throws java.io.IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(at + path))
                .header("Accept-Encoding", "gzip")
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofByteArray());
    }
}
