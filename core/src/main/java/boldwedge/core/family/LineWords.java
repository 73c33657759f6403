package boldwedge.core.family;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The words of a line, and which of them have been taken for something. */
final class LineWords {
    /** Words that say nothing by themselves. */
    private static final Set<String> NOISE = Set.of(
            "in of the a an on and with to from at by for dia diameter ø is some it x × down hole finish shaft bar plate tube bush disc ring pin stud nut pitch cut bit rod aisi sae"
                    .split(" "));

    /** Words that may pick something and, where they pick nothing, add nothing: a steel to be hardened is annealed. */
    private static final Set<String> ADDS_NOTHING = Set.of(
            "annealed",
            "hardened",
            "cap",
            "fresh",
            "new",
            "shcs",
            "end",
            "dowel",
            "single",
            "point",
            "punch",
            "block",
            "4-jaw",
            "blade",
            "tool",
            "behind",
            "four-jaw");

    /** Words that name a whole class, and so no choice of it by themselves: "parting blade", "for a 6204 bearing". */
    private static final Set<String> VAGUE = Set.of("tool", "bearing", "blade", "bit", "screw", "hardened");

    /** Words that belong to the number before them, in whatever family: where one of them is not known the number is none of another kind. */
    private static final Set<String> BEHIND = Set.of(
            "deep", "long", "o-ring", "oring", "wide", "thick", "high", "off", "rpm", "holes", "pitch", "starts",
            "start", "teeth", "passes", "pcs", "pieces", "degrees");

    private final List<String> words;
    private final boolean[] taken;
    /** Whether a comma stands behind a word. */
    private final boolean[] ends;

    LineWords(String line) {
        words = ShopLine.words(line);
        taken = new boolean[words.size()];
        ends = new boolean[words.size()];
        for (int at = line.indexOf(','); at >= 0; at = line.indexOf(',', at + 1)) {
            List<String> before = ShopLine.words(line.substring(0, at));
            int n = before.size();
            if (n > 0 && n <= words.size() && words.subList(0, n).equals(before)) {
                ends[n - 1] = true;
            }
        }
    }

    /** Whether something else begins behind a word: "2 deep, 1/4 bit". */
    boolean ends(int i) {
        return ends[i];
    }

    /** Whether a word says nothing by itself. */
    static boolean isNoise(String word) {
        return NOISE.contains(word);
    }

    /** Whether a word names a class of things, and no one of it. */
    static boolean isVague(String word) {
        return VAGUE.contains(word);
    }

    /** Whether a word belongs to the number before it, in whatever family. */
    static boolean standsBehind(String word) {
        return BEHIND.contains(word);
    }

    /** What nothing was understood of, as typed. */
    List<String> left() {
        List<String> left = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            if (!taken[i] && !NOISE.contains(low(i)) && !ADDS_NOTHING.contains(low(i))) {
                left.add(words.get(i));
            }
        }
        return left;
    }

    int size() {
        return words.size();
    }

    String get(int i) {
        return words.get(i);
    }

    List<String> all() {
        return words;
    }

    List<String> subList(int from, int to) {
        return words.subList(from, to);
    }

    /** The same in small letters. */
    String low(int i) {
        return words.get(i).toLowerCase(Locale.ROOT);
    }

    /** Whether it has not been taken for anything yet. */
    boolean isOpen(int i) {
        return !taken[i];
    }

    boolean isNumber(int i) {
        return ShopLine.NUMBER.matcher(words.get(i)).matches();
    }

    /** Takes the words from one up to another. */
    void use(int from, int to) {
        Arrays.fill(taken, from, to, true);
    }

    /** Takes so many words, and gives them as they were typed. */
    String take(int at, int run) {
        use(at, at + run);
        return String.join(" ", words.subList(at, at + run));
    }

    /** Whether so many words are open. */
    boolean areOpen(int at, int run) {
        for (int i = at; i < at + run; i++) {
            if (taken[i]) {
                return false;
            }
        }
        return true;
    }

    /** Whether so many words are open and none is a number, but for those that name something. */
    boolean free(int at, int run) {
        for (int i = at; i < at + run; i++) {
            if (taken[i] || (isNumber(i) && !ShopWords.isNumbered(low(i)))) {
                return false;
            }
        }
        return true;
    }

    /** Where these open words stand one after the other; below 0 where they do not. */
    int find(List<String> parts) {
        return find(parts, 0);
    }

    /** The same from a word on. */
    int find(List<String> parts, int from) {
        for (int at = from; at + parts.size() <= words.size(); at++) {
            boolean same = true;
            for (int i = 0; i < parts.size() && same; i++) {
                same = !taken[at + i] && low(at + i).equals(parts.get(i));
            }
            if (same) {
                return at;
            }
        }
        return -1;
    }

    /** The same; with "*" between them, where the first stand that the others follow somewhere. */
    int findWithin(List<String> parts) {
        int gap = parts.indexOf("*");
        if (gap < 0) {
            return find(parts);
        }
        int first = find(parts.subList(0, gap));
        int then = find(parts.subList(gap + 1, parts.size()));
        return first >= 0 && then > first ? first : -1;
    }

    /** Where one of these marks ends that stands here, with or without "the" within it; here where none does. */
    int behind(int from, List<String> marks) {
        for (String mark : marks) {
            int at = from;
            boolean stands = true;
            for (String word : mark.split(" ")) {
                at += at > from && at < words.size() && low(at).equals("the") ? 1 : 0;
                stands &= at < words.size() && !taken[at] && low(at).equals(word);
                at++;
            }
            if (stands) {
                return at;
            }
        }
        return from;
    }
}
