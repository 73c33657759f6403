package boldwedge.core.language.measure;

import boldwedge.core.language.measure.ThreadCall.Series;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads threads as shops call them: M12, M36×1.5-6H, 1/2-13 UNC-2A, #10-32, 3/8 BSW, G 1/4, 4 BA, Tr 20×4, 1-5 ACME, or a diameter × a pitch. */
public final class ThreadText {
    private static final double IN = 25.4;
    private static final double FINEST_OF_WHOLE_INCHES = 24;
    private static final double[] ISO_PITCHES = {
        0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.7, 0.75, 0.8, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5,
        6, 8
    };
    private static final Pattern LEFT = Pattern.compile("\\s*[-,]?\\s*\\b(LH|LEFT(\\s*HAND)?)$");
    private static final Pattern STARTS = Pattern.compile("\\s*[-,]?\\s*(\\d+)[- ]*STARTS?$");
    private static final Pattern CLASS = Pattern.compile("\\s*-?\\s*(\\d[EGH](\\d[EGH])?|[123][AB])$");
    private static final Pattern METRIC = Pattern.compile("M\\s*(\\S+?)(\\s*X\\s*([\\d.,]+)(\\s*P\\s*([\\d.,]+))?)?");
    private static final Pattern TRAPEZOIDAL =
            Pattern.compile("TR\\s*([\\d.,]+)\\s*X\\s*([\\d.,]+)(\\s*\\(?P\\s*([\\d.,]+)\\)?)?");
    private static final Pattern BA = Pattern.compile("(\\d+)\\s*BA|BA\\s*(\\d+)");
    private static final Pattern WHITWORTH =
            Pattern.compile("(\\S+?|\\d+ \\d+/\\d+)(\\s*-\\s*([\\d.]+))?\\s*(BSW|BSF|WHITWORTH|W)");
    private static final Pattern PIPE =
            Pattern.compile("(?:G|BSPP?)\\s*(\\S+|\\d+ \\d+/\\d+)|(\\S+|\\d+ \\d+/\\d+)\\s*BSPP?");
    private static final Pattern ACME = Pattern.compile("(\\S+?|\\d+ \\d+/\\d+)\\s*-\\s*([\\d.]+)\\s*ACME");
    private static final Pattern UNIFIED = Pattern.compile(
            "(#\\s*\\d+|[\\d./]+|\\d+[- ]\\d+/\\d+)(\\s*-\\s*([\\d.]+))?\\s*(UNC|UNF|UNEF|UNS|UN|NC|NF|NEF|NS)?");
    private static final Pattern SPECIAL = Pattern.compile("(.+?)\\s*X\\s*(.+)");

    private record Row(String series, String name, double majorMm, double pitchMm) {}

    private static final Map<String, Row> NAMED = Table.read("measure/threads.tsv").rows().stream()
            .map(row -> new Row(row.text("series"), row.text("name"), row.number("major_mm"), row.number("pitch_mm")))
            .collect(Collectors.toMap(
                    row -> row.series() + " " + row.name(), row -> row, (a, b) -> a, LinkedHashMap::new));

    private ThreadText() {}

    /** Reads a thread; what cannot be one is said in words with what would do. */
    public static Parsed<ThreadCall> parse(String text, UnitSystem units) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return Parsed.wrong(Complaint.EMPTY, "a thread", "M12×1.25 or 1/2-13");
        }
        if (typed.length() > 40) {
            return Parsed.wrong(Complaint.TOO_LONG, typed.length());
        }
        String rest = plain(typed);
        boolean left = false;
        int starts = 1;
        String className = "";
        Matcher m = LEFT.matcher(rest);
        if (m.find()) {
            left = true;
            rest = rest.substring(0, m.start()).strip();
        }
        m = STARTS.matcher(rest);
        if (m.find()) {
            starts = Integer.parseInt(m.group(1));
            rest = rest.substring(0, m.start()).strip();
        }
        m = CLASS.matcher(rest);
        if (m.find() && m.start() > 0) {
            className =
                    typed.substring(Math.max(0, typed.toUpperCase(Locale.ROOT).lastIndexOf(m.group(1))));
            className = className.substring(0, m.group(1).length());
            rest = rest.substring(0, m.start()).strip();
        }
        m = LEFT.matcher(rest);
        if (m.find()) {
            left = true;
            rest = rest.substring(0, m.start()).strip();
        }
        Parsed<ThreadCall> read = body(rest, typed, units);
        boolean isLeft = left;
        int howMany = starts;
        String in = className;
        return switch (read) {
            case Parsed.Wrong<ThreadCall> wrong -> wrong;
            case Parsed.Good<ThreadCall>(ThreadCall call) ->
                howMany < 1 || howMany > 12
                        ? Parsed.wrong(Complaint.NO_SUCH_THREAD, typed)
                        : Parsed.good(new ThreadCall(
                                call.series(),
                                call.name(),
                                call.majorMm(),
                                call.pitchMm(),
                                Math.max(call.starts(), howMany),
                                isLeft,
                                in));
        };
    }

    private static Parsed<ThreadCall> body(String said, String typed, UnitSystem units) {
        // The form may be said first: "Acme 3/4-6".
        String rest = said.startsWith("ACME ") ? said.substring(5) + " ACME" : said;
        Matcher m = TRAPEZOIDAL.matcher(rest);
        if (m.matches()) {
            return leads(Series.TRAPEZOIDAL, "Tr ", m.group(1), m.group(2), m.group(4), typed);
        }
        m = METRIC.matcher(rest);
        if (m.matches()) {
            return metric(m, typed);
        }
        m = BA.matcher(rest);
        if (m.matches()) {
            String n = m.group(1) == null ? m.group(2) : m.group(1);
            return named(Series.BRITISH_ASSOCIATION, "BA", n, n + " BA", typed);
        }
        m = ACME.matcher(rest);
        if (m.matches()) {
            return inch(Series.ACME, m.group(1), m.group(2), " ACME", typed);
        }
        m = WHITWORTH.matcher(rest);
        if (m.matches()) {
            String series = m.group(4).equals("BSF") ? "BSF" : "BSW";
            String name = name(m.group(1));
            return m.group(3) == null
                    ? named(Series.WHITWORTH, series, name, name + " " + series, typed)
                    : inch(Series.WHITWORTH, m.group(1), m.group(3), " Whitworth", typed);
        }
        m = PIPE.matcher(rest);
        if (m.matches()) {
            String name = name(m.group(1) == null ? m.group(2) : m.group(1));
            return named(Series.PIPE, "G", name, "G " + name, typed);
        }
        m = UNIFIED.matcher(rest);
        if (m.matches() && (m.group(3) != null || m.group(4) != null)) {
            return unified(m, typed);
        }
        m = SPECIAL.matcher(rest);
        if (m.matches()) {
            return special(m.group(1), m.group(2), typed, units);
        }
        return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
    }

    private static Parsed<ThreadCall> metric(Matcher m, String typed) {
        Optional<Double> major = number(m.group(1));
        if (major.isEmpty()) {
            return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
        }
        Row coarse = NAMED.get("METRIC " + Written.places(major.get(), 3));
        if (m.group(3) == null) {
            return coarse == null
                    ? Parsed.wrong(Complaint.NO_COARSE_PITCH, "M" + Written.places(major.get(), 3))
                    : Parsed.good(call(Series.METRIC, "M" + coarse.name(), coarse.majorMm(), coarse.pitchMm(), 1));
        }
        Parsed<ThreadCall> read = leads(Series.METRIC, "M", m.group(1), m.group(3), m.group(5), typed);
        if (read instanceof Parsed.Good<ThreadCall>(ThreadCall call)) {
            double nearest = ISO_PITCHES[0];
            for (double pitch : ISO_PITCHES) {
                nearest = Math.abs(pitch - call.pitchMm()) < Math.abs(nearest - call.pitchMm()) ? pitch : nearest;
            }
            if (Math.abs(nearest - call.pitchMm()) > 1e-6) {
                return Parsed.wrong(
                        Complaint.PITCH_NOT_STANDARD,
                        "M" + Written.places(major.get(), 3),
                        coarse == null
                                ? Written.places(nearest, 2) + " mm"
                                : Written.places(coarse.pitchMm(), 2) + " mm (coarse), or finer from "
                                        + Written.places(nearest, 2) + " mm",
                        Written.places(call.pitchMm(), 3) + " mm",
                        Written.places(major.get(), 3) + " mm × " + Written.places(call.pitchMm(), 3) + " mm");
            }
        }
        return read;
    }

    /** A diameter and a pitch in millimetres, or a lead and its pitch behind P. */
    private static Parsed<ThreadCall> leads(
            Series series, String prefix, String size, String first, String second, String typed) {
        Optional<Double> major = number(size);
        Optional<Double> lead = number(first);
        Optional<Double> pitch = second == null ? lead : number(second);
        if (major.isEmpty() || lead.isEmpty() || pitch.isEmpty() || pitch.get() <= 0) {
            return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
        }
        double starts = lead.get() / pitch.get();
        if (Math.abs(starts - Math.rint(starts)) > 1e-6 || starts < 1) {
            return Parsed.wrong(
                    Complaint.LEAD_NOT_WHOLE, Written.places(lead.get(), 3), Written.places(pitch.get(), 3));
        }
        String name = prefix + Written.places(major.get(), 3) + "×" + Written.places(lead.get(), 3)
                + (second == null ? "" : " P" + Written.places(pitch.get(), 3));
        return sized(call(series, name, major.get(), pitch.get(), (int) Math.rint(starts)), typed);
    }

    private static Parsed<ThreadCall> unified(Matcher m, String typed) {
        String size = screw(name(m.group(1)), m.group(3));
        String series = m.group(4) == null ? "" : m.group(4).replaceFirst("^N", "UN");
        Optional<Double> major = size.startsWith("#") ? numbered(size) : number(size);
        if (major.isEmpty()) {
            return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
        }
        if (m.group(3) == null) {
            Row row = NAMED.get(series + " " + size);
            return row == null
                    ? Parsed.wrong(Complaint.NO_SUCH_THREAD, typed)
                    : Parsed.good(call(
                            series.equals("UNEF") ? Series.UNIFIED_SPECIAL : Series.UNIFIED,
                            size + "-" + Written.places(IN / row.pitchMm(), 1) + " " + series,
                            row.majorMm(),
                            row.pitchMm(),
                            1));
        }
        Optional<Double> threads = number(m.group(3));
        if (threads.isEmpty() || threads.get() <= 0) {
            return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
        }
        boolean quarter = Math.abs(threads.get() - 4.5) < 1e-9 || Math.abs(threads.get() - 11.5) < 1e-9;
        if (Math.abs(threads.get() - Math.rint(threads.get())) > 1e-9 && !quarter) {
            return Parsed.wrong(
                    Complaint.THREADS_NOT_WHOLE,
                    m.group(3),
                    Written.places(Math.floor(threads.get()), 0),
                    Written.places(Math.ceil(threads.get()), 0),
                    size + " × " + m.group(3) + " tpi");
        }
        String called = "";
        for (String one : new String[] {"UNC", "UNF", "UNEF"}) {
            Row row = NAMED.get(one + " " + size);
            called = row != null && Math.abs(IN / row.pitchMm() - threads.get()) < 1e-6 ? one : called;
        }
        boolean usual = called.equals("UNC") || called.equals("UNF");
        String suffix = called.isEmpty() ? series.isEmpty() ? "UN" : series : called;
        return sized(
                call(
                        usual ? Series.UNIFIED : Series.UNIFIED_SPECIAL,
                        size + "-" + Written.places(threads.get(), 1) + " " + suffix,
                        Math.rint(major.get() * IN * 1e6) / 1e6,
                        IN / threads.get(),
                        1),
                typed);
    }

    private static Parsed<ThreadCall> inch(Series series, String size, String threads, String suffix, String typed) {
        Optional<Double> major = number(size);
        Optional<Double> count = number(threads);
        return major.isEmpty() || count.isEmpty() || count.get() <= 0
                ? Parsed.wrong(Complaint.NO_SUCH_THREAD, typed)
                : sized(
                        call(
                                series,
                                name(size) + "-" + Written.places(count.get(), 2) + suffix,
                                major.get() * IN,
                                IN / count.get(),
                                1),
                        typed);
    }

    private static Parsed<ThreadCall> named(Series series, String table, String name, String called, String typed) {
        Row row = NAMED.get(table + " " + name);
        return row == null
                ? Parsed.wrong(Complaint.NO_SUCH_THREAD, typed)
                : Parsed.good(call(series, called, row.majorMm(), row.pitchMm(), 1));
    }

    /** Any diameter with any pitch, 60°: in millimetres or in inches, each with its unit or the shop's. */
    private static Parsed<ThreadCall> special(String size, String pitch, String typed, UnitSystem units) {
        if (!(MeasureParser.parse(size.toLowerCase(Locale.ROOT), Quantity.LENGTH, units)
                        instanceof Parsed.Good<Reading>(Reading major))
                || !(MeasureParser.parse(pitch.toLowerCase(Locale.ROOT), Quantity.LENGTH, units)
                        instanceof Parsed.Good<Reading>(Reading step))) {
            return Parsed.wrong(Complaint.NO_SUCH_THREAD, typed);
        }
        boolean threads = step.unit() == Unit.THREADS_PER_INCH;
        boolean inches = threads || step.unit().toBase(1) % IN == 0;
        String name = Written.full(Quantity.LENGTH, major.value(), inches ? UnitSystem.INCH : UnitSystem.METRIC) + " × "
                + (threads ? Written.places(IN / step.value(), 2) + " tpi" : Written.millimetres(step.value()));
        return sized(
                call(inches ? Series.UNIFIED_SPECIAL : Series.METRIC, name, major.value(), step.value(), 1), typed);
    }

    /** A pitch that leaves a core of half the diameter at least. */
    private static Parsed<ThreadCall> sized(ThreadCall call, String typed) {
        return call.majorMm() < 0.5 || call.majorMm() > 1000 || call.pitchMm() < 0.08
                ? Parsed.wrong(Complaint.NO_SUCH_THREAD, typed)
                : 1.3 * call.pitchMm() > call.majorMm() / 2
                        ? Parsed.wrong(
                                Complaint.PITCH_TOO_COARSE,
                                Written.millimetres(call.pitchMm()),
                                Written.millimetres(call.majorMm()),
                                Written.millimetres(call.majorMm() / 2.6))
                        : Parsed.good(call);
    }

    private static ThreadCall call(Series series, String name, double majorMm, double pitchMm, int starts) {
        return new ThreadCall(series, name, majorMm, pitchMm, starts, false, "");
    }

    /** Screw number n: 0.060 in + n · 0.013 in (ASME B1.1). */
    private static Optional<Double> numbered(String name) {
        return number(name.substring(1)).map(n -> 0.060 + 0.013 * n);
    }

    /** 1 3/8 and 1-3/8 are one. */
    private static String name(String size) {
        return size.replace("# ", "#").strip().replace(' ', '-');
    }

    /** 10-32 is number ten: no inch size has so fine a thread and so large a number. */
    private static String screw(String size, String threads) {
        boolean number =
                size.matches("\\d|10|12") && threads != null && number(threads).orElse(0.0) >= FINEST_OF_WHOLE_INCHES;
        return number ? "#" + size : size;
    }

    private static Optional<Double> number(String text) {
        String t = text.replace(',', '.').strip();
        Matcher m = Pattern.compile("(?:(\\d+)[- ])?(\\d+)/(\\d+)").matcher(t);
        if (m.matches()) {
            double bottom = Double.parseDouble(m.group(3));
            double whole = m.group(1) == null ? 0 : Double.parseDouble(m.group(1));
            return bottom == 0 ? Optional.empty() : Optional.of(whole + Double.parseDouble(m.group(2)) / bottom);
        }
        return t.matches("\\d*\\.?\\d+|\\d+\\.") ? Optional.of(Double.parseDouble(t)) : Optional.empty();
    }

    private static String plain(String typed) {
        return typed.replace('×', 'X')
                .replace('*', 'X')
                .replace('−', '-')
                .replace('–', '-')
                .replace("½", "1/2")
                .replace("¼", "1/4")
                .replace("¾", "3/4")
                .replace("⅜", "3/8")
                .replace("\"", "")
                .replaceAll("\\s+", " ")
                .toUpperCase(Locale.ROOT);
    }
}
