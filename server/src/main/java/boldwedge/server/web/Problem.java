package boldwedge.server.web;

import java.util.Map;

/**
 * What is answered when something cannot be done.
 *
 * @param code which kind of thing it is, the same for ever: scripts may rely on it; listed in docs/files-and-api.md
 * @param sentence what happened, what was kept, what to do
 * @param fields sentences by field, where they belong to one
 * @param id of the log entry when the program itself is at fault; else empty
 */
public record Problem(String code, String sentence, Map<String, String> fields, String id) {
    /** One that belongs to no field and is no fault of the program's. */
    public static Problem of(String code, String sentence) {
        return new Problem(code, sentence, Map.of(), "");
    }
}
