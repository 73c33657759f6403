package boldwedge.core.family;

import boldwedge.core.language.measure.Table;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What the shop calls things that the lists call otherwise; {@code stock/shop-words.tsv}. */
final class ShopWords {
    private static final Map<String, String> MEANT = read();

    private ShopWords() {}

    /** The choice that a shop's word means in a field. */
    static Optional<String> meant(String field, String words) {
        return Optional.ofNullable(MEANT.get(field + " " + words.toLowerCase(Locale.ROOT)));
    }

    /** Whether a word that looks like a number names something, such as a steel. */
    static boolean isNumbered(String word) {
        return MEANT.containsKey("material " + word) || MEANT.containsKey("steel " + word);
    }

    /** Whether words with a number among them name one thing together: "class 30", "17-4 ph". */
    static boolean isNamed(String words) {
        return words.matches(".*\\d.*") && isNumbered(words.toLowerCase(Locale.ROOT));
    }

    private static Map<String, String> read() {
        Map<String, String> meant = new HashMap<>();
        Table.read("stock/shop-words.tsv")
                .rows()
                .forEach(row -> meant.put(row.text("field") + " " + row.text("words"), row.text("choice")));
        return meant;
    }
}
