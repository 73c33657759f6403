package boldwedge.server.web;

import java.util.Map;

/** A request that cannot be done, with the sentence that says why and, where known, beside which field it belongs. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why, which decides the status. */
    public enum Kind {
        /** What was sent cannot be used. */
        WRONG(400),
        /** Nobody has signed in. */
        UNKNOWN(401),
        /** Who has signed in may not do this. */
        FORBIDDEN(403),
        /** It is not there. */
        MISSING(404),
        /** What was sent did not come to its end in time. */
        SLOW(408),
        /** Somebody else saved in between, or something like it is already there. */
        CONFLICT(409),
        /** It is larger than what is taken. */
        LARGE(413),
        /** Tried too often. */
        OFTEN(429),
        /** It can be done, but not just now. */
        BUSY(503);

        private final int status;

        Kind(int status) {
            this.status = status;
        }

        int status() {
            return status;
        }
    }

    private final Kind kind;
    private final String code;
    private final transient Map<String, String> fields;

    /**
     * A refusal.
     *
     * @param kind decides the status
     * @param code stays the same for ever, whatever the sentence says
     * @param sentence what happened, what was kept, what to do
     * @param fields sentences by field
     */
    public Refusal(Kind kind, String code, String sentence, Map<String, String> fields) {
        super(sentence);
        this.kind = kind;
        this.code = code;
        this.fields = Map.copyOf(fields);
    }

    /** What was sent cannot be used. */
    public static Refusal wrong(String code, String sentence) {
        return new Refusal(Kind.WRONG, code, sentence, Map.of());
    }

    /** What is wrong by field, with a sentence for the whole. */
    public static Refusal wrong(String code, String sentence, Map<String, String> fields) {
        return new Refusal(Kind.WRONG, code, sentence, fields);
    }

    /** It is not there. */
    public static Refusal missing(String code, String sentence) {
        return new Refusal(Kind.MISSING, code, sentence, Map.of());
    }

    /** Somebody was there before. */
    public static Refusal conflict(String code, String sentence) {
        return new Refusal(Kind.CONFLICT, code, sentence, Map.of());
    }

    /** Not just now. */
    public static Refusal busy(String code, String sentence) {
        return new Refusal(Kind.BUSY, code, sentence, Map.of());
    }

    /** The status of the answer. */
    public int status() {
        return kind.status();
    }

    /** The same in the form that is answered. */
    public Problem problem() {
        return new Problem(code, sentence(), fields, "");
    }

    /** The kind of refusal, for ever the same. */
    public String code() {
        return code;
    }

    /** Sentences by field. */
    public Map<String, String> fields() {
        return fields;
    }

    /** What happened, what was kept, what to do. */
    public String sentence() {
        String message = getMessage();
        return message == null ? "" : message;
    }
}
