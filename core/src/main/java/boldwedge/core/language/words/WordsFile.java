package boldwedge.core.language.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import org.jspecify.annotations.Nullable;

/** Finds the words of constants, each class's once. */
final class WordsFile {
    private static final String NAME = "words.properties";

    private static final ClassValue<Map<String, String>> WORDS = new ClassValue<>() {
        @Override
        protected Map<String, String> computeValue(Class<?> type) {
            Properties all = nearest(type);
            Map<String, String> words = new HashMap<>();
            for (Object one : type.getEnumConstants()) {
                String name = ((Enum<?>) one).name();
                words.put(name, word(all, type, name));
            }
            return words;
        }
    };

    private WordsFile() {}

    static String words(Enum<?> constant) {
        return Objects.requireNonNull(WORDS.get(constant.getDeclaringClass()).get(constant.name()));
    }

    /** The key of a constant: its class, after that in which it lies, and its name. */
    static String key(Class<?> type, String constant) {
        return type.getName().substring(type.getPackageName().length() + 1).replace('$', '.') + "." + constant;
    }

    private static String word(Properties all, Class<?> type, String constant) {
        String words = all.getProperty(key(type, constant));
        if (words == null) {
            throw new IllegalStateException("No words for " + type.getName() + "." + constant + " in " + NAME);
        }
        return words;
    }

    private static Properties nearest(Class<?> type) {
        for (String at = type.getPackageName(); !at.isEmpty(); at = above(at)) {
            try (InputStream in = open(at)) {
                if (in != null) {
                    Properties read = new Properties();
                    read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
                    return read;
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        throw new IllegalStateException("No " + NAME + " for " + type.getName());
    }

    private static @Nullable InputStream open(String at) {
        return WordsFile.class.getResourceAsStream("/" + at.replace('.', '/') + "/" + NAME);
    }

    private static String above(String at) {
        return at.contains(".") ? at.substring(0, at.lastIndexOf('.')) : "";
    }
}
