package boldwedge.core.language.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import org.jspecify.annotations.Nullable;

/** Finds the words of constants, each class's once. */
final class WordsFile {
    private static final String NAME = "words.properties";

    private static final ClassValue<List<String>> WORDS = new ClassValue<>() {
        @Override
        protected List<String> computeValue(Class<?> type) {
            Properties all = nearest(type);
            return Arrays.stream(type.getEnumConstants())
                    .map(one -> word(all, type, (Enum<?>) one))
                    .toList();
        }
    };

    private WordsFile() {}

    static String words(Enum<?> constant) {
        return WORDS.get(constant.getDeclaringClass()).get(constant.ordinal());
    }

    /** The key of a constant: its class, after that in which it lies, and its name. */
    static String key(Class<?> type, String constant) {
        return type.getName().substring(type.getPackageName().length() + 1).replace('$', '.') + "." + constant;
    }

    private static String word(Properties all, Class<?> type, Enum<?> constant) {
        String words = all.getProperty(key(type, constant.name()));
        if (words == null) {
            throw new IllegalStateException("No words for " + type.getName() + "." + constant.name() + " in " + NAME);
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
