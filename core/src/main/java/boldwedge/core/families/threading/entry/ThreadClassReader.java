package boldwedge.core.families.threading.entry;

import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.mechanics.thread.AcmeThreadLimits;
import boldwedge.core.mechanics.thread.IsoThreadLimits;
import boldwedge.core.mechanics.thread.IsoThreadLimits.ThreadClass;
import boldwedge.core.mechanics.thread.PipeThreadLimits;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.mechanics.thread.TrapezoidalThreadLimits;
import boldwedge.core.mechanics.thread.UnifiedThreadLimits;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** Reads the class of a thread as its standard names it: the one that was said, or the usual one; and its limits. */
final class ThreadClassReader {
    /** Length of engagement of special threads, in pitches (ASME B1.1). */
    private static final double NINE_PITCHES = 9;

    /** Finer metric threads have no allowance, mm (ISO 965-1: 6h up to M1.4). */
    private static final double NO_ALLOWANCE_UNDER_MM = 0.35;

    private final ThreadCall call;
    private final ThreadSize size;
    private final boolean inside;
    private final String said;

    private ThreadClassReader(ThreadCall call, ThreadSize size, boolean inside, String said) {
        this.call = call;
        this.size = size;
        this.inside = inside;
        this.said = said;
    }

    /**
     * What was read.
     *
     * @param name the class as it is called; empty where the form has one alone, or none in the program
     * @param limits its limits; empty where there are none, or it is wrong
     * @param wrong what is wrong with it, in words; empty where it is well
     */
    record Read(String name, Optional<ThreadLimits> limits, String wrong) {}

    /**
     * Reads it.
     *
     * @param said what was typed, or said with the thread; empty: the usual one
     */
    static Read of(ThreadCall call, ThreadSize size, boolean inside, String said) {
        ThreadClassReader reader = new ThreadClassReader(call, size, inside, said);
        return switch (call.series()) {
            case METRIC -> reader.metric();
            case UNIFIED, UNIFIED_SPECIAL -> reader.unified();
            case TRAPEZOIDAL -> reader.trapezoidal();
            case ACME -> reader.acme();
            case PIPE -> reader.pipe();
            case WHITWORTH, BRITISH_ASSOCIATION ->
                new Read(
                        "",
                        Optional.empty(),
                        said.isEmpty()
                                ? ""
                                : "Limits of this form are not in the program: leave the class empty and fit it to its mate.");
        };
    }

    private Read metric() {
        String outside = size.pitchMm() < NO_ALLOWANCE_UNDER_MM ? "6h" : "6g";
        return sided(
                outside,
                "6H",
                text -> ThreadClass.named(text).map(in -> text),
                text -> ThreadClass.named(text).orElseThrow().inside(),
                "is no class of metric threads that I know. Write 6g or 4g6g outside, 6H or 5H inside.",
                text -> IsoThreadLimits.of(size, ThreadClass.named(text).orElseThrow()));
    }

    private Read unified() {
        double engaged = call.series() == ThreadCall.Series.UNIFIED ? size.majorMm() : NINE_PITCHES * size.pitchMm();
        return sided(
                "2A",
                "2B",
                UnifiedThreadLimits::named,
                UnifiedThreadLimits::inside,
                "is no class of unified threads. Write 1A, 2A or 3A outside, 1B, 2B or 3B inside.",
                text -> UnifiedThreadLimits.of(size, text, engaged));
    }

    private Read trapezoidal() {
        return sided(
                "7e",
                "7H",
                TrapezoidalThreadLimits::named,
                TrapezoidalThreadLimits::inside,
                "is no class of trapezoidal threads that I know. Write 7e or 8e outside, 7H or 8H inside.",
                text -> TrapezoidalThreadLimits.of(size, text));
    }

    private Read acme() {
        return sided(
                "2G",
                "2G",
                AcmeThreadLimits::named,
                text -> inside,
                "is no class of Acme threads. Write 2G, 3G or 4G.",
                text -> AcmeThreadLimits.of(size, text, inside));
    }

    private Read pipe() {
        if (inside) {
            return new Read(
                    said,
                    said.isEmpty() ? Optional.of(PipeThreadLimits.inside(size)) : Optional.empty(),
                    said.isEmpty() ? "" : "Inside pipe threads have one class: leave it empty.");
        }
        return sided(
                "A",
                "",
                PipeThreadLimits::named,
                text -> false,
                "is no class of pipe threads. Write A or B.",
                text -> PipeThreadLimits.outside(size, text));
    }

    /** A class that belongs to one side: known by its name, and on the side that the thread is on. */
    private Read sided(
            String outsideUsual,
            String insideUsual,
            Function<String, Optional<String>> named,
            Predicate<String> isInside,
            String unknown,
            Function<String, ThreadLimits> limits) {
        String usual = inside ? insideUsual : outsideUsual;
        String text = said.isEmpty() ? usual : said;
        Optional<String> in = named.apply(text);
        if (in.isEmpty()) {
            return new Read(text, Optional.empty(), "“" + text + "” " + unknown);
        }
        String name = in.get();
        return isInside.test(name) == inside
                ? new Read(name, Optional.of(limits.apply(name)), "")
                : new Read(
                        name,
                        Optional.empty(),
                        name + " is a class of " + (inside ? "outside" : "inside") + " threads; this one is "
                                + (inside ? "inside: " : "outside: ") + usual + " is usual.");
    }
}
