package boldwedge.server.web;

import java.util.Map;

/**
 * What is answered when something cannot be done.
 *
 * @param sentence what happened, what was kept, what to do
 * @param fields sentences by field, where they belong to one
 * @param id of the log entry when the program itself is at fault; else empty
 */
public record Problem(String sentence, Map<String, String> fields, String id) {}
