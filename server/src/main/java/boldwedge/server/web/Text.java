package boldwedge.server.web;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Texts that come in over HTTP, checked for size. */
public final class Text {
    private Text() {}

    /** A text that must be there. */
    public static String required(@Nullable String text, String field, int most, String missing) {
        String stripped = text == null ? "" : text.strip();
        if (stripped.isEmpty()) {
            throw Refusal.wrong(missing, Map.of(field, missing));
        }
        return optional(stripped, field, most);
    }

    /** A text that may be empty. */
    public static String optional(@Nullable String text, String field, int most) {
        String stripped = text == null ? "" : text.strip();
        if (stripped.length() > most) {
            String sentence = "At most " + most + " characters fit here; this has " + stripped.length() + ".";
            throw Refusal.wrong(sentence, Map.of(field, sentence));
        }
        return stripped;
    }

    /** Texts by name, without the missing ones. */
    public static Map<String, String> map(@Nullable Map<String, @Nullable String> texts) {
        Map<String, String> clean = new HashMap<>();
        if (texts != null) {
            if (texts.size() > 100) {
                throw Refusal.wrong("That is more fields than there are.");
            }
            texts.forEach((name, text) -> {
                if (text != null && !text.isBlank()) {
                    clean.put(name, optional(text, name, 2000));
                }
            });
        }
        return clean;
    }
}
