package boldwedge.server.web;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Texts that came in and were checked ({@link TextRules}), as they are kept. */
public final class Text {
    private Text() {}

    /** The text without white space about it; empty when there is none. */
    public static String stripped(@Nullable String text) {
        return text == null ? "" : text.strip();
    }

    /** Texts by name, without the missing and empty ones. */
    public static Map<String, String> map(@Nullable Map<String, @Nullable String> texts) {
        Map<String, String> clean = new HashMap<>();
        if (texts != null) {
            texts.forEach((name, text) -> {
                if (text != null && !text.isBlank()) {
                    clean.put(name, text.strip());
                }
            });
        }
        return clean;
    }
}
