package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which passphrases are taken: any that is long enough and not among those that are tried first. No kinds of characters are asked
 * for (NIST SP 800-63B, 5.1.1.2; the lengths are of ASVS 4.0.3, 2.1.1 and 2.1.2).
 */
final class PassphraseRule {
    /** Fewest characters. */
    static final int LEAST = 12;

    /** Most characters of a new one. */
    static final int MOST = 128;

    private static final int FEWEST_DIFFERENT = 5;

    /** Rows of keys, and the order of letters and figures, along which a lazy finger runs; each there and back. */
    private static final String ROWS = rows(
            "abcdefghijklmnopqrstuvwxyz",
            "01234567890123456789",
            "qwertyuiop",
            "asdfghjkl",
            "zxcvbnm",
            "qwertzuiop",
            "azertyuiop",
            "qazwsxedcrfvtgbyhnujmikolp",
            "1qaz2wsx3edc4rfv5tgb6yhn7ujm");

    private static final Set<String> COMMON = common();

    private PassphraseRule() {}

    private static String rows(String... rows) {
        StringBuilder all = new StringBuilder();
        for (String row : rows) {
            all.append(row).append(' ').append(new StringBuilder(row).reverse()).append(' ');
        }
        return all.toString();
    }

    private static Set<String> common() {
        try (BufferedReader words = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(PassphraseRule.class.getResourceAsStream("/people/common-passphrases.txt")),
                StandardCharsets.UTF_8))) {
            return words.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(PassphraseRule::core)
                    .collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Refuses a passphrase that is guessed first, with the reason, beside the entry that it was typed into. */
    static void check(String passphrase, String name, String entry) {
        String plain = Normalizer.normalize(passphrase, Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
        String letters = plain.replaceAll("[^\\p{L}\\p{N}]", "");
        if (plain.isBlank()) {
            throw wrong(entry, "Blanks alone are no passphrase: a few words that you will remember.");
        }
        if (plain.codePoints().distinct().count() < FEWEST_DIFFERENT) {
            throw wrong(entry, "That has too few different characters, and is tried first. Take a few words.");
        }
        if (runs(letters)) {
            throw wrong(entry, "That runs along the keys or the alphabet, and is tried first. Take a few words.");
        }
        if (COMMON.contains(core(plain)) || COMMON.contains(letters)) {
            throw wrong(entry, "Many people use that, and it is tried first. Take a few words of your own.");
        }
        String own = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
        if (own.length() > 2 && letters.replace(own, "").replaceAll("\\d", "").length() < FEWEST_DIFFERENT) {
            throw wrong(entry, "That is hardly more than the name. Take a few words of your own.");
        }
    }

    /** What is left of a word when the usual decoration is taken off: figures for letters, figures and marks about it, twice the same. */
    private static String core(String word) {
        String plain = word.toLowerCase(Locale.ROOT)
                .replaceAll("^[^\\p{L}@$]+|[^\\p{L}@$]+$", "")
                .replace('0', 'o')
                .replace('1', 'i')
                .replace('3', 'e')
                .replace('4', 'a')
                .replace('5', 's')
                .replace('7', 't')
                .replace('@', 'a')
                .replace('$', 's')
                .replaceAll("[^\\p{L}]", "");
        return plain.replaceAll("^(.+?)\\1+$", "$1");
    }

    /** Whether nearly all of it is made of runs of four and more along a row. */
    private static boolean runs(String letters) {
        int free = 0;
        int at = 0;
        while (at < letters.length()) {
            int length = 0;
            while (at + length < letters.length() && ROWS.contains(letters.substring(at, at + length + 1))) {
                length++;
            }
            if (length >= 4) {
                at += length;
            } else {
                free++;
                at++;
            }
        }
        return !letters.isEmpty() && free < FEWEST_DIFFERENT;
    }

    private static Refusal wrong(String entry, String sentence) {
        return Refusal.wrong("common-passphrase", sentence, Map.of(entry, sentence));
    }
}
