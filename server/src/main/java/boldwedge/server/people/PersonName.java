package boldwedge.server.people;

import boldwedge.server.web.Refusal;
import java.text.Normalizer;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Names of people, as they are kept and as they look: two that look alike are one. */
final class PersonName {
    /** Marks that are at home in every script. */
    private static final Set<Character.UnicodeScript> ANY =
            EnumSet.of(Character.UnicodeScript.COMMON, Character.UnicodeScript.INHERITED);

    /** Scripts that are written together. */
    private static final Set<Character.UnicodeScript> JAPANESE =
            EnumSet.of(Character.UnicodeScript.HAN, Character.UnicodeScript.HIRAGANA, Character.UnicodeScript.KATAKANA);

    /** Letters of other scripts, and figures, that look like a Latin one (after Unicode's UTS 39, confusables, lower case). */
    private static final Map<Integer, String> LOOKS_LIKE = Map.ofEntries(
            like('а', "a"),
            like('в', "b"),
            like('е', "e"),
            like('к', "k"),
            like('м', "m"),
            like('н', "h"),
            like('о', "o"),
            like('р', "p"),
            like('с', "c"),
            like('т', "t"),
            like('у', "y"),
            like('х', "x"),
            like('і', "i"),
            like('ј', "j"),
            like('ѕ', "s"),
            like('ԁ', "d"),
            like('ԛ', "q"),
            like('ԝ', "w"),
            like('һ', "h"),
            like('ӏ', "i"),
            like('α', "a"),
            like('β', "b"),
            like('ε', "e"),
            like('η', "n"),
            like('ι', "i"),
            like('κ', "k"),
            like('ν', "v"),
            like('ο', "o"),
            like('ρ', "p"),
            like('τ', "t"),
            like('υ', "u"),
            like('χ', "x"),
            like('ı', "i"),
            like('ɑ', "a"),
            like('0', "o"),
            like('1', "i"),
            like('l', "i"),
            like('|', "i"));

    private PersonName() {}

    private static Map.Entry<Integer, String> like(char letter, String latin) {
        return Map.entry((int) letter, latin);
    }

    /** The name as it is kept: composed, with single blanks. Refuses what cannot be seen and letters of several scripts. */
    static String kept(String typed) {
        String name = Normalizer.normalize(typed, Normalizer.Form.NFKC).strip().replaceAll("\\s+", " ");
        Set<Character.UnicodeScript> scripts = EnumSet.noneOf(Character.UnicodeScript.class);
        name.codePoints().forEach(letter -> {
            switch (Character.getType(letter)) {
                case Character.CONTROL,
                        Character.FORMAT,
                        Character.PRIVATE_USE,
                        Character.SURROGATE,
                        Character.UNASSIGNED,
                        Character.LINE_SEPARATOR,
                        Character.PARAGRAPH_SEPARATOR ->
                    throw wrong("A name holds only what can be seen; there is a mark in it that cannot.");
                default -> {
                    if (!ANY.contains(Character.UnicodeScript.of(letter))) {
                        scripts.add(Character.UnicodeScript.of(letter));
                    }
                }
            }
        });
        if (scripts.size() > 1 && !JAPANESE.containsAll(scripts)) {
            throw wrong("A name is written in one script: letters of two can look alike.");
        }
        if (name.codePoints().noneMatch(Character::isLetterOrDigit)) {
            throw wrong("Type a name.");
        }
        return name;
    }

    private static Refusal wrong(String sentence) {
        return Refusal.wrong("unusable", sentence, Map.of("name", sentence));
    }

    /** The name as it looks at a glance: without accents, capitals and the differences between letters that look alike. */
    static String looks(String name) {
        StringBuilder looks = new StringBuilder();
        Normalizer.normalize(name, Normalizer.Form.NFKD)
                .toLowerCase(Locale.ROOT)
                .codePoints()
                .filter(letter -> Character.isLetterOrDigit(letter) || letter == '|')
                .forEach(letter -> looks.append(LOOKS_LIKE.getOrDefault(letter, Character.toString(letter))));
        return looks.toString();
    }
}
