package boldwedge.server.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** The secret by which a browser is known again. It lets nobody in; it only spares the queue of strangers. */
@Component
class DeviceCookie {
    private static final String NAME = "bold-wedge-device";

    /** The longest that browsers keep one. */
    private static final Duration KEPT = Duration.ofDays(400);

    /** What the browser sent; empty when it is not known yet. */
    static String secret(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? ""
                : Arrays.stream(cookies)
                        .filter(cookie -> cookie.getName().equals(NAME))
                        .map(Cookie::getValue)
                        .findFirst()
                        .orElse("");
    }

    /** The browser's secret, which it keeps for as long again; a new one when it has none of ours. */
    String kept(HttpServletRequest request, HttpServletResponse response) {
        String sent = secret(request);
        String secret = Codes.isSecret(sent) ? sent : Codes.secret();
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(NAME, secret)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .path("/api/people")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        return secret;
    }
}
