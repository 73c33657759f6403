package boldwedge.server.web;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

    /** What is there of a list that was sent; nothing where there is none. */
    public static <T> List<T> present(@Nullable List<@Nullable T> all) {
        return all == null ? List.of() : all.stream().filter(Objects::nonNull).toList();
    }

    /** Whether nothing is missing of what a file brought. */
    public static boolean there(@Nullable Object... parts) {
        return Arrays.stream(parts).allMatch(Objects::nonNull);
    }
}
