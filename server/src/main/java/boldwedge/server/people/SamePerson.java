package boldwedge.server.people;

import boldwedge.server.web.Answers;
import boldwedge.server.web.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A page that shows one person's name saves as that person or not at all: in another tab of the same browser somebody else may have
 * signed in since.
 */
@Component
@Order(WhileSignedIn.INSIDE_SECURITY + 1)
class SamePerson extends OncePerRequestFilter {
    /** Whose page it is, percent-encoded UTF-8. */
    static final String AS = "Bold-Wedge-As";

    private final Who who;

    SamePerson(Who who) {
        this.who = who;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String as = request.getHeader(AS);
        String name = who.name();
        if (as != null && !name.isEmpty() && !decoded(as).equals(name)) {
            Answers.write(
                    response,
                    new Refusal(
                            Refusal.Kind.CONFLICT,
                            "another-person",
                            "In this browser " + name
                                    + " has signed in meanwhile. Nothing was changed, and what you typed is kept under your name.",
                            Map.of()));
            return;
        }
        chain.doFilter(request, response);
    }

    private static String decoded(String as) {
        try {
            return URLDecoder.decode(as, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException garbled) {
            return as;
        }
    }
}
