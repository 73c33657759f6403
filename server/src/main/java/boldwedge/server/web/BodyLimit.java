package boldwedge.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies larger than any shop's records, before they are read; and pages of other sites that try to write here. */
@Component
class BodyLimit extends OncePerRequestFilter {
    private static final long MOST_BYTES = 20L * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            refuse(response, 413, "That is more than 20 MB, which no shop's records are. Nothing was taken in.");
            return;
        }
        String origin = request.getHeader("Origin");
        if (origin != null && !origin.matches("https?://(127\\.0\\.0\\.1|localhost|\\[::1])(:\\d+)?")) {
            refuse(response, 403, "This program answers only its own page.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static void refuse(HttpServletResponse response, int status, String sentence) throws IOException {
        response.setStatus(status);
        response.setContentType("application/json");
        byte[] body =
                ("{\"sentence\":\"" + sentence + "\",\"fields\":{},\"id\":\"\"}").getBytes(StandardCharsets.UTF_8);
        response.getOutputStream().write(body);
    }
}
