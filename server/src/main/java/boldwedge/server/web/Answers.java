package boldwedge.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Problems written straight into an answer, where no controller has been reached. */
public final class Answers {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Answers() {}

    /** Answers with a refusal. */
    public static void write(HttpServletResponse response, Refusal refusal) throws IOException {
        write(response, refusal.status(), refusal.problem());
    }

    /** Answers with what is said for a status. */
    public static void write(HttpServletResponse response, int status) throws IOException {
        write(response, status, Sentences.of(status));
    }

    static void write(HttpServletResponse response, int status, Problem problem) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.getOutputStream().write(JSON.writeValueAsBytes(problem));
    }
}
