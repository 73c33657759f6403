package boldwedge.server.web;

import java.util.Map;

/** A request that cannot be done, with the sentence that says why and, where known, beside which field it belongs. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why, which decides the status. */
    public enum Kind {
        /** What was sent cannot be used. */
        WRONG(400),
        /** It is not there. */
        MISSING(404),
        /** Somebody else saved in between. */
        CONFLICT(409);

        private final int status;

        Kind(int status) {
            this.status = status;
        }

        int status() {
            return status;
        }
    }

    private final Kind kind;
    private final transient Map<String, String> fields;

    private Refusal(Kind kind, String sentence, Map<String, String> fields) {
        super(sentence);
        this.kind = kind;
        this.fields = Map.copyOf(fields);
    }

    public static Refusal wrong(String sentence) {
        return new Refusal(Kind.WRONG, sentence, Map.of());
    }

    /** What is wrong by field, with a sentence for the whole. */
    public static Refusal wrong(String sentence, Map<String, String> fields) {
        return new Refusal(Kind.WRONG, sentence, fields);
    }

    public static Refusal missing(String sentence) {
        return new Refusal(Kind.MISSING, sentence, Map.of());
    }

    public static Refusal conflict(String sentence) {
        return new Refusal(Kind.CONFLICT, sentence, Map.of());
    }

    Kind kind() {
        return kind;
    }

    Map<String, String> fields() {
        return fields;
    }

    String sentence() {
        String message = getMessage();
        return message == null ? "" : message;
    }
}
