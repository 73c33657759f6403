package boldwedge.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.stereotype.Component;

/**
 * The cookie of a session: HttpOnly, never sent from another site's page, and over TLS bound to this very host and path (RFC 6265bis,
 * {@code __Host-}). Without TLS browsers refuse that prefix.
 */
@Component("cookieSerializer")
class SessionCookie extends DefaultCookieSerializer {
    private static final Pattern SESSION = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    SessionCookie(
            @Value("${server.ssl.key-store:}") String keyStore,
            @Value("${server.ssl.certificate:}") String certificate) {
        boolean tls = !keyStore.isEmpty() || !certificate.isEmpty();
        setCookieName(tls ? "__Host-bold-wedge" : "bold-wedge");
        setCookiePath("/");
        setUseHttpOnlyCookie(true);
        setSameSite("Strict");
        if (tls) {
            setUseSecureCookie(true);
        }
    }

    /** What is no session's id is none of ours: a made-up one, with signs that no database takes, gets nowhere. */
    @Override
    public List<String> readCookieValues(HttpServletRequest request) {
        return super.readCookieValues(request).stream()
                .filter(id -> SESSION.matcher(id).matches())
                .toList();
    }
}
