package boldwedge.core.families.hardening.report;

import static boldwedge.core.families.hardening.entry.HeatField.*;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.hardening.entry.HeatReader;
import boldwedge.core.families.hardening.model.HeatJob;
import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatJob.Wrap;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.heat.Tempering;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges what came out of the furnace: hardness, file, cracks and bend; causes ranked by what each would do here. */
public final class HeatTrial {
    private static final Limits HRC = new Limits(Quantity.HARDNESS, 5, 70);
    private static final Limits BEND = new Limits(Quantity.LENGTH, 0, 50);
    private static final Limits WAITED = new Limits(Quantity.TIME, 0, 10_000);
    /** Couples and controllers of small furnaces read within about this, K. */
    private static final double COUPLE_K = 15;

    private static final double TESTER_HRC = 1.5;
    /** A wait before the temper that is long enough to crack glass-hard steel, minutes. */
    private static final double LONG_WAIT_MIN = 60;

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** How a file takes it. */
    public enum File implements Worded {
        SKATES,
        SKIN_ONLY,
        BITES
    }

    /** What it looks like. */
    public enum Look implements Worded {
        WHOLE,
        CRACKED,
        SCALED
    }

    private HeatTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new HeatTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<HeatLoad> read = HeatReader.cut(request.plan());
        OptionalDouble hrc = reader.value("hardness", "Hardness", HRC);
        OptionalDouble bend = reader.value("bend", "Bent by", BEND);
        OptionalDouble waited = reader.value("waited", "Waited before the temper", WAITED);
        File file = reader.choice("file", "A file", File.values());
        Look look = reader.choice("look", "It is", Look.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The load itself is not complete yet: mend it at the earlier stations first.");
        }
        if (hrc.isEmpty() && file == File.SKATES && look == Look.WHOLE && bend.isEmpty()) {
            return reader.stopped("Type the hardness, or what a file and the eye say.");
        }
        return judged(read.cut().get(), hrc, bend, waited, file, look);
    }

    private TrialAnswer judged(
            HeatLoad load, OptionalDouble hrc, OptionalDouble bend, OptionalDouble waited, File file, Look look) {
        Span likely = load.hrc();
        List<Compared> rows = new ArrayList<>();
        hrc.ifPresent(value -> rows.add(new Compared(
                "Hardness",
                say.number(likely.low(), 0) + " to " + say.number(likely.high(), 0) + " HRC",
                say.number(value, 1) + " HRC",
                value >= likely.low() - TESTER_HRC && value <= likely.high() + TESTER_HRC)));
        bend.ifPresent(value -> rows.add(new Compared(
                "Bent by",
                "up to about " + say.length(2 * load.bendMm()),
                say.length(value),
                value <= 3 * load.bendMm())));
        Ranked ranked = CauseRule.ranked(
                List.of(this::hardness, this::file, this::look, this::bend),
                load,
                new Seen(hrc, bend, waited, file, look),
                say);
        boolean soft = hrc.isPresent() ? hrc.getAsDouble() < load.wantedHrc() - 2 : file == File.BITES;
        boolean hard = hrc.isPresent() && hrc.getAsDouble() > load.wantedHrc() + 2.5;
        boolean bent = bend.isPresent() && bend.getAsDouble() > load.leaveMm() / 2;
        boolean good = !soft && !hard && !bent && look != Look.CRACKED && file != File.SKIN_ONLY;
        String verdict = look == Look.CRACKED
                ? "Cracked: scrap. Find why before the next."
                : (soft
                                ? hrc.isPresent()
                                        ? "Soft by " + say.number(load.wantedHrc() - hrc.getAsDouble(), 0) + " HRC"
                                        : "Soft"
                                : hard
                                        ? "Harder than wanted by " + say.number(hrc.getAsDouble() - load.wantedHrc(), 0)
                                                + " HRC"
                                        : "As hard as wanted")
                        + (file == File.SKIN_ONLY ? ", under a soft skin" : "")
                        + (bent ? "; bent more than grinding takes off" : "")
                        + ".";
        Optional<Remedy> next = good ? Optional.empty() : ranked.remedy().or(() -> softer(hard));
        return reader.judged(
                rows,
                ranked.causes(),
                verdict,
                good,
                next,
                "Nothing that was computed explains it: a spark test tells whether it is this steel.",
                Optional.of(HeatScenes.curve(load, say, hrc)));
    }

    private String celsius(double value) {
        return say.amount(Amount.of(Quantity.TEMPERATURE, value));
    }

    /** What was seen of a load: hardness in HRC, bend in mm, minutes it waited for its temper, a file on it, its look. */
    private record Seen(OptionalDouble hrc, OptionalDouble bend, OptionalDouble waited, File file, Look look) {}

    private void file(HeatLoad load, Seen seen, Causes found) {
        HeatJob job = load.job();
        ToolSteel steel = job.steel();
        if (seen.hrc().isEmpty() && seen.file() == File.BITES) {
            tooCold(load, 0.7, "Soft all through: " + celsius(steel.hardenC().low()) + " at the least, soaked.", found);
            slowQuench(load, load.slow() ? 0.9 : 0.5, "From furnace to bath in a second or two, and moving.", found);
            wrongSteel(0.45, found);
        }
        if (seen.file() == File.SKIN_ONLY) {
            skin(
                    load,
                    "Its skin lost its carbon",
                    job.wrap() == Wrap.BARE ? 0.95 : 0.8,
                    say.length(steel.skinMm() * job.wrap().skinShare()) + " a side was likely, "
                            + job.wrap().words() + ": grind it off.",
                    found);
        }
    }

    private void look(HeatLoad load, Seen seen, Causes found) {
        if (seen.look() != Look.CRACKED) {
            return;
        }
        HeatJob job = load.job();
        ToolSteel steel = job.steel();
        found.name(
                        "corner",
                        job.shape() == Shape.PLAIN
                                ? "A mark or corner nobody saw"
                                : "It cracked from its "
                                        + (job.shape() == Shape.STEPPED
                                                ? "sharp step"
                                                : job.shape() == Shape.DRILLED ? "hole" : "roots"),
                        job.shape() == Shape.PLAIN ? 0.3 : 0.85)
                .says("Stress gathers there: a radius, wire and clay in holes.")
                .then(
                        job.shape() == Shape.PLAIN
                                ? Fix.atTheMachine("Look for the mark where it began")
                                : new Fix("Round its corners", SHAPE, "plain"),
                        "A radius as large as fits takes most of the stress.");
        found.name(
                        "too-hot",
                        "It was too hot",
                        load.treatment().hardenC() > steel.hardenC().high() ? 0.9 : 0.4)
                .says("Coarse, glittering grain in the break tells; its range ends at "
                        + celsius(steel.hardenC().high()) + ".")
                .then(heat(steel), "Fine grain bears the quench.");
        found.name(
                        "late-temper",
                        "It waited too long for its temper",
                        seen.waited().isPresent() ? seen.waited().getAsDouble() > LONG_WAIT_MIN ? 0.92 : 0.1 : 0.5)
                .says(
                        seen.waited().isPresent()
                                ? say.time(seen.waited().getAsDouble()) + " between quench and temper."
                                : "Glass-hard steel cracks by itself within hours.")
                .then(
                        Fix.atTheMachine("Furnace for the temper hot before the quench"),
                        "From the bath straight into it, hand-warm.");
        found.name("fast-bath", "The bath was too fast for it", load.treatment().quench() == Quench.WATER ? 0.7 : 0.2)
                .says("It was quenched in " + load.treatment().quench().words() + ".")
                .then(
                        Fix.atTheMachine("A slower bath: warm oil, or an air-hardening steel"),
                        "Less stress from skin to core.");
    }

    private void bend(HeatLoad load, Seen seen, Causes found) {
        seen.bend().ifPresent(value -> {
            if (value > load.bendMm()) {
                found.name(
                                "flat-quench",
                                "It went into the bath sideways, or one side was hotter",
                                Math.min(0.9, 0.4 + 0.2 * value / Math.max(load.bendMm(), 1e-3)))
                        .says(say.length(value) + " where " + say.length(load.bendMm())
                                + " was likely: long things go in upright.")
                        .then(
                                Fix.atTheMachine("Straighten it warm in the temper, clamped against the bend"),
                                "Half of the bend often goes at the heat of the temper; cold it breaks.");
            }
        });
    }

    private static void wrongSteel(double fit, Causes found) {
        found.name("wrong-steel", "It is not this steel", fit)
                .says("A spark test beside a known piece tells; so does a file before hardening.")
                .then(Fix.atTheMachine("Spark it beside a known piece"), "Then it is known what it can become.");
    }

    private void hardness(HeatLoad load, Seen seen, Causes found) {
        if (seen.hrc().isEmpty()) {
            return;
        }
        double measured = seen.hrc().getAsDouble();
        File file = seen.file();
        Span likely = load.hrc();
        double off = measured - likely.chosen();
        if (Math.abs(off) <= 2 + TESTER_HRC) {
            return;
        }
        ToolSteel steel = load.job().steel();
        OptionalDouble hour = Tempering.celsiusFor(steel, measured);
        if (off < 0) {
            hour.ifPresent(at -> {
                double really = Tempering.equivalent(at, 60, load.treatment().temperMin());
                double over = really - load.treatment().temperC();
                found.name(
                                "tempered-too-hot",
                                "It was tempered too hot",
                                Math.max(0.15, Math.exp(-over * over / (2 * Math.pow(3 * COUPLE_K, 2)))))
                        .says("At " + celsius(really) + " instead of "
                                + celsius(load.treatment().temperC()) + " it would be as soft.")
                        .by(Working.of("Too hot by", "t − T", number(over))
                                .with("t", "that leaves this hardness, degrees Celsius", number(really))
                                .with("T", "meant", number(load.treatment().temperC()))
                                .meaning(" K"))
                        .then(
                                Fix.atTheMachine("Check the furnace with a second couple, then harden it again"),
                                "It must be hardened anew: soft from the temper it does not come back. Then "
                                        + say.number(likely.chosen(), 0) + " HRC at a true "
                                        + celsius(load.treatment().temperC()) + ".");
            });
            boolean cold = load.treatment().hardenC() < steel.hardenC().low() + COUPLE_K;
            tooCold(
                    load,
                    cold ? 0.85 : Math.min(0.7, -off / 20),
                    "Within " + celsius(steel.hardenC().low()) + " to "
                            + celsius(steel.hardenC().high()) + " and soaked it comes to " + asQuenched(steel)
                            + " HRC before the temper.",
                    found);
            boolean shallow = load.slow() || !load.treatment().through();
            boolean hotBath = load.bathed() && load.job().bathC() + load.riseK() > load.hottestC();
            slowQuench(
                    load,
                    shallow ? 0.9 : hotBath ? 0.75 : Math.min(0.6, -off / 25),
                    load.treatment().through()
                            ? "From furnace to bath in a second or two, moving; the bath large enough."
                            : "Its section of " + say.length(load.treatment().sectionMm())
                                    + " is more than hardens through.",
                    found);
            if (file != File.BITES) {
                skin(
                        load,
                        "The tester stood on a soft skin",
                        load.job().wrap() == Wrap.BARE || file == File.SKIN_ONLY ? 0.9 : 0.45,
                        "Grind "
                                + say.length(Math.max(
                                        0.05, steel.skinMm() * load.job().wrap().skinShare()))
                                + " off and test again.",
                        found);
            }
            wrongSteel(Math.min(0.5, -off / 30), found);
        } else {
            found.name("tempered-too-cool", "It was tempered too cool, or too short", 0.9)
                    .says("Temper it again: it can always be made softer.")
                    .then(
                            Fix.atTheMachine("Temper again at "
                                    + celsius(load.treatment().temperC() + COUPLE_K)),
                            "Each " + say.number(COUPLE_K, 0) + " K takes about a point.");
        }
    }

    /** What is too hard, and nothing is known to explain it. */
    private Optional<Remedy> softer(boolean hard) {
        return hard
                ? Optional.of(new Remedy(
                        Fix.atTheMachine("Temper it again, hotter by " + say.number(COUPLE_K, 0) + " K"),
                        "It can always be made softer."))
                : Optional.empty();
    }

    private Fix heat(ToolSteel steel) {
        String at = celsius(steel.hardenC().chosen());
        return new Fix("Heat to " + at, HEAT, at);
    }

    private String asQuenched(ToolSteel steel) {
        return say.number(steel.asQuenched().chosen(), 0);
    }

    private void tooCold(HeatLoad load, double fit, String sign, Causes found) {
        ToolSteel steel = load.job().steel();
        found.name("too-cold", "It was not hot enough, or not long enough", fit)
                .says(sign)
                .then(
                        heat(steel),
                        "Hardened again with its full soak it should come to " + asQuenched(steel) + " HRC, "
                                + say.number(load.hrc().chosen(), 0) + " after the temper.");
    }

    private void slowQuench(HeatLoad load, double fit, String sign, Causes found) {
        ToolSteel steel = load.job().steel();
        Causes.Named slow =
                found.name("slow-quench", "It cooled too slowly", fit).says(sign);
        if (load.slow()) {
            slow.then(
                    new Fix("Quench as the steel asks", QUENCH, "own"),
                    "In " + steel.quench().words() + " it comes to " + asQuenched(steel) + " HRC.");
        } else {
            slow.then(
                    Fix.atTheMachine("Again, quicker into a larger, moving bath"),
                    "It should then come to " + asQuenched(steel) + " HRC before the temper.");
        }
    }

    private void skin(HeatLoad load, String title, double fit, String sign, Causes found) {
        found.name("skin", title, fit)
                .says(sign)
                .then(
                        Fix.atTheMachine("Grind the skin off a spot and test again"),
                        "Under it it should be " + say.number(load.hrc().chosen(), 0)
                                + " HRC: nothing is lost but a little size.");
    }
}
