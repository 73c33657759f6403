package boldwedge.core.family;

import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.language.measure.ThreadText;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line as it is said in the shop, in words: numbers with their units, fractions whole, fits apart from their sizes. */
final class ShopLine {
    static final Pattern NUMBER = Pattern.compile("(Ra )?[#±+-]?[.,]?\\d.*");
    private static final Set<String> UNITS = Set.of(
            "mm", "in", "inch", "inches", "\"", "thou", "tenths", "µm", "um", "µin", "uin", "mm/rev", "ipr", "cm", "°",
            "hrc", "rc", "°c", "°f", "deg", "ft", "foot", "feet");
    /** What stands behind a size in inches, and never behind "in" as a word by itself. */
    private static final Set<String> BEHIND_INCHES = Set.of(
            "to from long deep over dia diameter out bore wide thick bar free across round shaft plate square rod section off at between with and for blind through ra"
                    .split(" "));
    /** "In 3 passes": no inches. */
    private static final Set<String> GOES = Set.of("passes", "cuts", "goes", "steps", "plunges", "settings");
    /** What something can be in. */
    private static final Set<String> WITHIN =
            Set.of("bore", "hole", "hub", "shaft", "square", "shank", "block", "piece");

    private static final Set<String> BEFORE_A_SIZE = Set.of("in", "a", "an", "on");

    /** A thread's call is no length: "1/4-20 in brass". */
    private static final Pattern THREAD = Pattern.compile("(#\\d+|\\d+/\\d+|\\d+)-\\d+");

    private static final Pattern NUMBER_WITH_FIT = Pattern.compile("([.,]?\\d[\\d.,/-]*)([A-Za-z]{1,2}\\d{1,2})");
    /** "80lg", "50off": a number with its mark behind it. */
    private static final Pattern NUMBER_WITH_MARK =
            Pattern.compile("([.,]?\\d[\\d.,/-]*)(lg|long|deep|dp|off|dia|wide|thk|thick|out)");

    /** "40x100": two numbers; a thread says so itself, "M8x1.25", and its diameter stands behind its name in "Tr 20x4". */
    private static final Pattern TWO_NUMBERS = Pattern.compile("([.,]?\\d[\\d.,/-]*)[x×]([.,]?\\d[\\d.,/-]*)");

    private static final Pattern DIAMETER_BY_PITCH = Pattern.compile(
            "([\\d.]+)(?:\\s*mm)?\\s*(?:dia|diameter|od)\\s*[x×]\\s*([\\d.]+)(?:\\s*mm)?\\s*pitch",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TRAPEZOIDAL = Pattern.compile("\\btrapezoidal\\s+(?=\\d)", Pattern.CASE_INSENSITIVE);
    private static final Pattern WHITWORTH =
            Pattern.compile("\\bwhitworth\\s+(\\d[\\d/.-]*)(?:\\s*x\\s*\\d+(?:\\s*tpi)?)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern THREE_NUMBERS =
            Pattern.compile("([\\d.]+)\\s*[x×]\\s*([\\d.]+)\\s*[x×]\\s*([\\d.]+)", Pattern.CASE_INSENSITIVE);
    /** A comma ends a size: "2 in, brass". */
    private static final Pattern SIZE_THEN_COMMA =
            Pattern.compile("(?:(?<=\\d)|(?<=\\d ))in(?=,)", Pattern.CASE_INSENSITIVE);

    private static final Pattern SOCKET_HEAD = Pattern.compile(
            "\\b(?:shcs|(?:socket )?cap (?:screw|head)(?: screw)?|allen (?:screw|bolt|head)|socket screw)\\b",
            Pattern.CASE_INSENSITIVE);
    /** Cords by ISO 3601-1, mm and inches: a ring's section is said beside its name. */
    private static final String CORDS =
            "(1\\.78|1\\.8|2\\.62|2\\.65|3\\.53|3\\.55|5\\.3|5\\.33|6\\.99|0?\\.0?70|0?\\.103|0?\\.139|0?\\.210?|0?\\.275)";

    private static final Pattern CORD_THEN_RING = Pattern.compile(
            "(?<![\\d./])(?:" + CORDS + "(?: ?mm)?|(\\d(?:\\.\\d+)? ?mm)) (?=o-?ring)", Pattern.CASE_INSENSITIVE);
    private static final Pattern RING_THEN_CORD =
            Pattern.compile("(o-?ring(?: groove)?) " + CORDS + "(?![\\d./])", Pattern.CASE_INSENSITIVE);

    private static final Pattern RETAINING_RING =
            Pattern.compile("\\b(?:retaining|snap) ring\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern RING_IN_A_BORE = Pattern.compile(
            "\\b(o-?ring|circlip|(?:retaining|snap) ring)(?: groove)?((?: [\\d.]+ section)?)(?: (?:in|for))?(?: an?)? (\\d[\\d./-]*(?: ?mm| ?in)?) bore\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern RELIEF_OF_A_THREAD = Pattern.compile(
            "\\b(?:relief|undercut)\\b[^,]*?\\b(M\\d+(?:\\.\\d+)?(?:\\s*[x×]\\s*[\\d.]+)?)(?= thread|[, ]|$)(?: thread)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FROM_LIMIT_TO_LIMIT =
            Pattern.compile("(?<![\\w./+-])(\\d*\\.\\d{2,})\\s*[-–/]\\s*(\\d*\\.\\d{2,})(?![\\w/])");

    /** Two limits of one size lie no farther apart than this share of it. */
    private static final double LIMITS_NEAR = 0.03;

    private static final Pattern LIMITS_APART = Pattern.compile("(\\+[.,]?\\d[\\d.,]*)\\s*,?\\s+(-[.,]?\\d[\\d.,]*)");
    private static final List<String> NUMBERS = List.of("two", "three", "four", "five", "six");
    private static final Pattern COUNTED = Pattern.compile(
            "\\b(two|three|four|five|six) (keyways|holes|pieces|off|flutes|starts|passes|bars|seats|grooves)\\b",
            Pattern.CASE_INSENSITIVE);

    /** How words are written short. */
    private static final Map<String, String> SHORT = Map.of(
            "lg", "long", "dp", "deep", "thk", "thick", "thru", "through", "o/d", "od", "i/d", "bore", "id", "bore",
            "degree", "°", "degrees", "°");

    private static final Pattern FRACTION = Pattern.compile("(\\d+-)?\\d+/\\d+");
    private static final Set<String> INCHES = Set.of("in", "inch", "inches", "\"", "thou", "ft", "foot", "feet");
    private static final Set<String> MILLIMETRES = Set.of("mm", "cm");

    /** "1/2 13 tpi", "5/8 acme 8 tpi": a thread's call said in pieces. */
    private static final Pattern TURNS = Pattern.compile(
            "(?i)(?<![\\w/.-])(\\d[\\d/.-]*)\\s+(?:x\\s+)?(acme\\s+)?(\\d+(?:\\.\\d+)?)\\s*tpi\\b(\\s+acme)?");

    /** "20 tpi 1/2": the same the other way round. */
    private static final Pattern TURNS_FIRST =
            Pattern.compile("(?i)(?<![\\w/.-])(\\d+(?:\\.\\d+)?)\\s*tpi\\s+(\\d[\\d/.-]*)(?:\\s*(?:inch|in|\"))?");

    private ShopLine() {}

    private static String turnsJoined(String line) {
        return TURNS_FIRST.matcher(TURNS.matcher(line).replaceAll("$1-$3 $2$4")).replaceAll("$2-$1");
    }

    /** Its words. */
    static List<String> words(String line) {
        return joined(named(split(turnsJoined(line))));
    }

    /** Whether a number is one of inches by how it is written: its unit, or a fraction. */
    static boolean isInches(String word) {
        return NUMBER.matcher(word).matches() && (FRACTION.matcher(word).matches() || INCHES.contains(unit(word)));
    }

    /** Whether it is one of millimetres by its unit. */
    static boolean isMillimetres(String word) {
        return NUMBER.matcher(word).matches() && MILLIMETRES.contains(unit(word));
    }

    /** Whether it says nothing of its unit. */
    static boolean isBare(String word) {
        return word.matches("[±+-]?[\\d.,]+");
    }

    private static String unit(String word) {
        return word.replaceFirst("^[±+-]?[\\d.,/\\s-]+", "").toLowerCase(Locale.ROOT);
    }

    /** "30 dia x 2 pitch" is 30 x 2; "two keyways" are 2; limits one after the other are one text. */
    private static String said(String line) {
        String said = line.strip().replace("→", " to ");
        said = DIAMETER_BY_PITCH.matcher(said).replaceAll("$1 x $2");
        said = TRAPEZOIDAL.matcher(said).replaceAll("Tr ");
        said = WHITWORTH.matcher(said).replaceAll("$1 BSW");
        said = SIZE_THEN_COMMA.matcher(said).replaceAll("inch");
        said = SOCKET_HEAD.matcher(said).replaceAll("socket head");
        said = CORD_THEN_RING
                .matcher(said)
                .replaceAll(found -> (found.group(1) == null ? found.group(2) : found.group(1)) + " section ");
        said = RING_THEN_CORD.matcher(said).replaceAll("$1 $2 section");
        said = RING_IN_A_BORE.matcher(said).replaceAll("$1 groove in a bore,$2, $3 across");
        said = RETAINING_RING.matcher(said).replaceAll("circlip");
        said = RELIEF_OF_A_THREAD
                .matcher(said)
                .replaceAll(found -> Matcher.quoteReplacement(relief(found.group(), found.group(1))));
        said = FROM_LIMIT_TO_LIMIT
                .matcher(said)
                .replaceAll(found -> Matcher.quoteReplacement(limits(found.group(), found.group(1), found.group(2))));
        said = THREE_NUMBERS.matcher(said).replaceAll("$1 x $2 x $3");
        said = LIMITS_APART.matcher(said).replaceAll("$1/$2");
        Matcher counted = COUNTED.matcher(said);
        return counted.replaceAll(
                found -> (NUMBERS.indexOf(found.group(1).toLowerCase(Locale.ROOT)) + 2) + " " + found.group(2));
    }

    /** A relief is asked for by what it lies behind: "relief groove for M20". */
    private static String relief(String whole, String thread) {
        return ThreadText.parse(thread, UnitSystem.METRIC) instanceof Parsed.Good<ThreadCall>(ThreadCall call)
                ? whole.replace(
                        thread,
                        Written.places(call.majorMm(), 2) + " mm shaft, " + Written.places(call.pitchMm(), 3)
                                + " mm pitch")
                : whole;
    }

    /** ".9995-.9990": the limit that is said first is the size, the other one how far it may be off. */
    private static String limits(String whole, String first, String second) {
        double nominal = inch(first);
        double off = inch(second) - nominal;
        if (nominal <= 0 || off == 0 || Math.abs(off) > LIMITS_NEAR * nominal) {
            return whole;
        }
        int places = Math.max(first.length() - first.indexOf('.'), second.length() - second.indexOf('.')) - 1;
        String far = Written.places(Math.abs(off), places);
        return first + (off < 0 ? " +0/-" : " +") + far + (off < 0 ? "" : "/-0");
    }

    private static double inch(String number) {
        return TypedCut.mm(number, UnitSystem.METRIC);
    }

    private static List<String> split(String line) {
        List<String> parts = new ArrayList<>();
        for (String part : said(line).split("\\s+|,\\s+|;")) {
            String word = part.replaceAll("^[,;(]+|[,;:)]+$", "");
            if (word.endsWith(".") && word.length() > 1) {
                word = word.substring(0, word.length() - 1);
            }
            word = word.replaceFirst("^[øØ⌀](?=[.\\d])", "");
            Matcher two = TWO_NUMBERS.matcher(word);
            Matcher marked = NUMBER_WITH_MARK.matcher(word);
            if (two.matches() && (parts.isEmpty() || !parts.getLast().equalsIgnoreCase("tr"))) {
                parts.add(two.group(1));
                parts.add("x");
                word = two.group(2);
            } else if (marked.matches()) {
                parts.add(marked.group(1));
                word = marked.group(2);
            }
            var both = NUMBER_WITH_FIT.matcher(word);
            if (both.matches()
                    && !ShopWords.isNumbered(word.toLowerCase(Locale.ROOT))
                    && !UNITS.contains(both.group(2).toLowerCase(Locale.ROOT))) {
                parts.add(both.group(1));
                parts.add(both.group(2));
            } else if (!word.isEmpty()) {
                parts.add(SHORT.getOrDefault(word.toLowerCase(Locale.ROOT), word));
            }
        }
        return parts;
    }

    /** "1/2 in deep" is half an inch; "50 in brass" is not fifty inches, nor "6 in 22 bore" six. */
    private static boolean isUnit(List<String> parts, int at) {
        if (THREAD.matcher(parts.get(at - 1)).matches()) {
            return false;
        }
        boolean number =
                at + 1 < parts.size() && NUMBER.matcher(parts.get(at + 1)).matches();
        int behind =
                at + 2 < parts.size() && UNITS.contains(parts.get(at + 2).toLowerCase(Locale.ROOT)) ? at + 3 : at + 2;
        boolean inSomething = number
                && behind < parts.size()
                && WITHIN.contains(parts.get(behind).toLowerCase(Locale.ROOT));
        if (inSomething && (behind > at + 2 || !parts.get(at - 1).contains("/"))) {
            return false;
        }
        // "in 2.190 in shaft": what stands behind the word before the number is no unit again.
        if (at >= 2
                && at + 1 < parts.size()
                && WITHIN.contains(parts.get(at + 1).toLowerCase(Locale.ROOT))
                && BEFORE_A_SIZE.contains(parts.get(at - 2).toLowerCase(Locale.ROOT))) {
            return true;
        }
        if (at + 2 < parts.size() && GOES.contains(parts.get(at + 2).toLowerCase(Locale.ROOT))) {
            return false;
        }
        return !parts.get(at).equalsIgnoreCase("in")
                || parts.get(at - 1).contains("/")
                // So only inches are written.
                || parts.get(at - 1).matches("0?\\.\\d+")
                || at + 1 == parts.size()
                || (NUMBER.matcher(parts.get(at + 1)).matches()
                        && !ShopWords.isNumbered(parts.get(at + 1).toLowerCase(Locale.ROOT)))
                || BEHIND_INCHES.contains(parts.get(at + 1).toLowerCase(Locale.ROOT));
    }

    /** A name of two words with a number in it is one: its number is no size. */
    private static List<String> named(List<String> parts) {
        List<String> named = new ArrayList<>();
        for (String part : parts) {
            String both = named.isEmpty() ? "" : named.getLast() + " " + part;
            if (ShopWords.isNamed(both)) {
                named.set(named.size() - 1, both);
            } else {
                named.add(part);
            }
        }
        return named;
    }

    /** Numbers with the unit behind them, and 1 3/8 as one. */
    private static List<String> joined(List<String> parts) {
        List<String> joined = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            String part = parts.get(i);
            String before = joined.isEmpty() ? "" : joined.getLast();
            boolean number = NUMBER.matcher(before).matches() && !before.contains(" ");
            if (number && part.matches("\\d+/\\d+") && before.matches("\\d{1,2}")) {
                joined.set(joined.size() - 1, before + "-" + part);
            } else if (number
                    && UNITS.contains(part.toLowerCase(Locale.ROOT))
                    && before.matches(".*[\\d.]")
                    && isUnit(parts, i)) {
                joined.set(joined.size() - 1, before + " " + part);
            } else if (before.equalsIgnoreCase("ra") && NUMBER.matcher(part).matches()) {
                joined.set(joined.size() - 1, "Ra " + part);
            } else {
                joined.add(part);
            }
        }
        return joined;
    }
}
