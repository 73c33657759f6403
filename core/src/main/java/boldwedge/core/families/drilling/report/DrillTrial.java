package boldwedge.core.families.drilling.report;

import static boldwedge.core.families.drilling.entry.DrillField.*;
import static boldwedge.core.language.measure.Amount.mm;

import boldwedge.core.families.drilling.entry.DrillReader;
import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.families.drilling.model.DrillJob.Start;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a drilled hole by its diameter at the mouth and at its end. */
public final class DrillTrial {
    /** Less of a thread than this does not serve. */
    private static final double LEAST_TAPPED = 0.42;

    private static final Limits HOLE = new Limits(Quantity.LENGTH, 0.2, 100);
    private static final double ROD_SLIDES_MM = 0.05;
    private static final double GAUGE_MM = 0.005;
    /** A mouth that is larger by this share of the drill was wiped out by the start. */
    private static final double BELL_SHARE = 0.005;

    private final TrialReader reader;
    private final TrialRequest request;
    private final UnitFormat say;

    /** Sides that a trial may show. */
    public enum Look implements Worded {
        CLEAN,
        TORN,
        RINGS
    }

    private DrillTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new DrillTrial(request).judge();
    }

    /** What holes are about: these drills on this machine in this material. */
    public static Optional<Lessons.About> about(PlanRequest request) {
        return DrillReader.cut(request)
                .cut()
                .map(cut -> Lessons.About.of(
                        request.text(LATHE),
                        Lessons.Subject.of(
                                Calibration.Of.DRILLED,
                                request.text(LATHE),
                                cut.job().set().name(),
                                cut.job().work().id())));
    }

    /** What a kept hole teaches: how far over its drill it was reckoned and how far it came out. */
    public static Optional<Calibration.Trial> lesson(TrialRequest kept) {
        TrialReader reader = new TrialReader(kept);
        OptionalDouble mouth = reader.value("near", "Hole at the mouth", HOLE);
        OptionalDouble end = reader.value("far", "Hole at its end", HOLE);
        if (mouth.isEmpty() && end.isEmpty()) {
            return Optional.empty();
        }
        double hole = end.orElseGet(mouth::getAsDouble);
        return DrillReader.cut(kept.plan())
                .cut()
                .map(cut -> new Calibration.Trial(
                        cut.untaughtOver().medianMm(), hole - cut.drill().diameterMm()));
    }

    private TrialAnswer judge() {
        Read<DrillCut> read = DrillReader.cut(request.plan());
        OptionalDouble mouth = reader.value("near", "Hole at the mouth", HOLE);
        OptionalDouble end = reader.value("far", "Hole at its end", HOLE);
        Look look = reader.choice("look", "The wall looks", Look.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The hole itself is not complete yet: mend it at the earlier stations first.");
        }
        boolean signsOnly = mouth.isEmpty() && end.isEmpty() && look != Look.CLEAN;
        if (!signsOnly && mouth.isEmpty() && end.isEmpty()) {
            return reader.stopped(
                    "Type the hole's diameter at the mouth, and at its end if the gauge reaches; or how the wall looks.");
        }
        DrillCut cut = read.cut().get();
        if (signsOnly) {
            return bySigns(cut, look);
        }
        double d = cut.drill().diameterMm();
        for (String id : List.of("near", "far")) {
            OptionalDouble value = id.equals("near") ? mouth : end;
            if (value.isPresent() && Math.abs(value.getAsDouble() - d) > 0.25 * d) {
                reader.wrong(id, "That is far from the drill of " + say.length(d) + ". Check the units.");
                return reader.stopped("One reading cannot be right.");
            }
        }
        double hole = end.orElseGet(mouth::getAsDouble);
        double bell = mouth.isPresent() && end.isPresent() ? mouth.getAsDouble() - end.getAsDouble() : 0;
        Ranked ranked =
                CauseRule.ranked(List.of(this::size, this::bell, this::wall), cut, new Seen(hole, bell, look), say);
        return answer(cut, hole, bell, mouth, end, ranked, look);
    }

    /** What the wall alone tells: the hole counts as it was reckoned. */
    private TrialAnswer bySigns(DrillCut cut, Look look) {
        double likely = cut.drill().diameterMm() + cut.over().medianMm();
        Ranked signs = CauseRule.ranked(List.of(this::wall), cut, new Seen(likely, 0, look), say);
        return answer(cut, likely, 0, OptionalDouble.empty(), OptionalDouble.empty(), signs, look)
                .withoutSizes(Measured.SIZES_OPEN + "; the wall is " + look.words() + ".");
    }

    private TrialAnswer answer(
            DrillCut cut,
            double hole,
            double bell,
            OptionalDouble mouth,
            OptionalDouble end,
            Ranked ranked,
            Look look) {
        DrillJob job = cut.job();
        double d = cut.drill().diameterMm();
        CutsOver over = cut.over();
        List<Compared> rows = new ArrayList<>();
        String likely = say.length(d + over.lowMm()) + " to " + say.length(d + over.highMm());
        mouth.ifPresent(
                value -> rows.add(new Compared("At the mouth", likely, say.length(value), inSpread(over, value - d))));
        end.ifPresent(
                value -> rows.add(new Compared("At its end", likely, say.length(value), inSpread(over, value - d))));
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            rows.add(new Compared(
                    "Without the shop’s holes",
                    say.length(d + before.lowMm()) + " to " + say.length(d + before.highMm()),
                    say.length(hole),
                    inSpread(before, hole - d)));
        }
        boolean good = serves(cut, hole);
        boolean straight = Math.abs(bell) <= bellAllowed(cut);
        String verdict = (good ? "It serves" : "It does not serve") + ": " + say.signed(hole - d) + " over its drill"
                + (straight
                        ? ""
                        : bell > 0
                                ? ", wider at the mouth by " + say.length(bell)
                                : ", wider at its end by " + say.length(-bell))
                + (look == Look.CLEAN ? "." : "; the wall is " + look.words() + ".");
        boolean clean = good && straight && look == Look.CLEAN;
        Optional<Remedy> next = clean ? Optional.empty() : ranked.remedy().or(() -> another(cut, hole));
        return reader.judged(
                rows,
                ranked.causes(),
                verdict,
                good,
                next,
                "Nothing that was computed would better it.",
                DrillScenes.proved(cut, say, hole));
    }

    private static boolean inSpread(CutsOver over, double mm) {
        return mm > over.medianMm() * Math.exp(-2 * over.sigma()) - GAUGE_MM
                && mm < over.medianMm() * Math.exp(2 * over.sigma()) + GAUGE_MM;
    }

    private static double bellAllowed(DrillCut cut) {
        return Math.max(0.02, BELL_SHARE * cut.drill().diameterMm());
    }

    /** Whether the hole does what it is for. */
    private static boolean serves(DrillCut cut, double hole) {
        DrillJob job = cut.job();
        return switch (job.purpose()) {
            case HOLE ->
                hole - cut.drill().diameterMm() <= 2 * cut.untaughtOver().highMm();
            case CLEAR -> hole > job.screw().orElseThrow().threadMm();
            case TAP -> cut.engagement(hole) >= LEAST_TAPPED && cut.engagement(hole) <= DrillCut.TO_THE_MINOR;
            case REAM, BORE -> job.sizeMm() - hole >= cut.leastLeftMm();
            case ROD -> hole > job.sizeMm() + ROD_SLIDES_MM;
        };
    }

    /** What was seen of a hole: its diameter and how much wider its mouth is, mm, and its wall. */
    private record Seen(double hole, double bell, Look look) {}

    private void size(DrillCut cut, Seen seen, Causes found) {
        DrillJob job = cut.job();
        double d = cut.drill().diameterMm();
        double over = seen.hole() - d;
        double reckoned = cut.over().medianMm();
        double far = over > 0 ? Math.log(over / reckoned) / cut.over().sigma() : -3;
        // What is seen is asked about before the size.
        double weight = seen.look() == Look.CLEAN ? 1 : Measured.BEHIND_A_SIGN;
        found.name("as-drills-do", "As these drills do", weight * Math.exp(-far * far / 2))
                .says(say.signed(over) + " over the drill, " + say.signed(reckoned) + " was likely.")
                .by(Working.of("Over the drill", "h − d", mm(over))
                        .with("h", mm(seen.hole()).measured())
                        .with("d", mm(d)));
        if (far > 0) {
            found.name(
                            "lips",
                            "Lips of unequal length",
                            (job.ground() == Ground.MACHINE ? 0.8 : 1) * (1 - Math.exp(-far * far / 2)))
                    .says("A lip longer by about " + say.length((over - reckoned) / 2) + " makes up the rest.")
                    .by(Working.of("Longer by", "(o − r) / 2", mm((over - reckoned) / 2))
                            .with("o", mm(over).measured())
                            .with("r", "likely", mm(reckoned)))
                    .then(() -> reground(cut));
            job.set()
                    .ofSize(Math.rint(seen.hole() * 100) / 100 - reckoned)
                    .or(() -> near(job, seen.hole() - reckoned, d))
                    .ifPresent(other -> found.name(
                                    "wrong-drill", "Another drill than was meant", 0.4 * (1 - Math.exp(-far * far / 4)))
                            .says(say.drill(other) + " would make such a hole: look at its shank.")
                            .then(() -> byHand(cut, "Measure the drill across its margins")));
        }
        if (far < -1 && over < 0.5 * reckoned) {
            found.name(
                            "worn-margins",
                            over < 0
                                    ? "The drill is under its size, or the hole shrank as it cooled"
                                    : "The drill is worn at its corners",
                            1 - Math.exp(-far * far / 4))
                    .says("Measure it across the margins at the point.")
                    .then(() -> byHand(cut, "Measure the drill across its margins"));
        }
    }

    private void bell(DrillCut cut, Seen seen, Causes found) {
        double bell = seen.bell();
        DrillJob job = cut.job();
        if (bell > bellAllowed(cut)) {
            found.name("start", "It was pushed about as it started", 0.95)
                    .says(say.length(bell) + " wider at the mouth: "
                            + (job.start() == Start.BARE
                                    ? "nothing held its point."
                                    : (job.lathe().mill() ? "the spindle" : "the tailstock")
                                            + " stands off the axis, or the centre did."))
                    .then(() -> startedTrue(cut));
        }
        if (bell < -bellAllowed(cut)) {
            found.name("packed", "Packed flutes widened it below", 0.8)
                    .says(say.length(-bell) + " wider at its end: chips wound up between drill and wall.")
                    .then(() -> byHand(cut, "Draw it out sooner: every half diameter, with oil"));
        }
    }

    private void wall(DrillCut cut, Seen seen, Causes found) {
        DrillJob job = cut.job();
        if (seen.look() == Look.TORN) {
            found.name("torn", job.work().builtUp() > 0.5 ? "Metal built up on its lips" : "Dull lips", 0.7)
                    .says(job.work().builtUpEdge() + ".")
                    .then(() -> reground(cut));
        }
        if (seen.look() == Look.RINGS) {
            found.name("lips", "One lip cuts more than the other, or its corner is chipped", 0.6)
                    .says("It leaves its own spiral on the wall.")
                    .then(() -> reground(cut));
        }
    }

    private static Optional<Drill> near(DrillJob job, double mm, double used) {
        Drill nearest = job.set().nearest(mm);
        return Math.abs(nearest.diameterMm() - mm) < 0.04 && Math.abs(nearest.diameterMm() - used) > 0.02
                ? Optional.of(nearest)
                : Optional.empty();
    }

    /** Where the drill did as drills do and the hole does not serve: the next size. */
    private Optional<Remedy> another(DrillCut cut, double hole) {
        return serves(cut, hole) ? Optional.empty() : smaller(cut).map(fix -> tried(cut, fix));
    }

    private Remedy tried(DrillCut cut, Fix fix) {
        return new Remedy(fix, expected(cut, fix));
    }

    private Optional<Remedy> byHand(DrillCut cut, String what) {
        return Optional.of(tried(cut, Fix.atTheMachine(what)));
    }

    private Optional<Remedy> startedTrue(DrillCut cut) {
        DrillJob job = cut.job();
        return job.start() == Start.BARE
                ? Optional.of(tried(cut, new Fix("Centre drill first", START, "centred")))
                : byHand(
                        cut,
                        job.lathe().mill() ? "Set the spindle over the hole again" : "Set the tailstock on the axis");
    }

    private Optional<Remedy> reground(DrillCut cut) {
        return cut.job().ground() == Ground.MACHINE
                ? byHand(cut, "Look at the lips against a gauge, and regrind")
                : Optional.of(tried(cut, new Fix("Regrind it, lips alike", GROUND, "machine")));
    }

    private Optional<Fix> smaller(DrillCut cut) {
        DrillJob job = cut.job();
        boolean larger = job.purpose() == Purpose.CLEAR
                || job.purpose() == Purpose.ROD
                || (job.purpose() == Purpose.TAP && cut.engagement(cut.drill().diameterMm()) > DrillCut.TO_THE_MINOR);
        Optional<Drill> other = larger
                ? job.set().above(cut.drill().diameterMm())
                : job.set().atMost(cut.drill().diameterMm() - 1e-3);
        return other.map(drill ->
                new Fix("Take " + say.drill(drill), DRILL, Written.exact(Quantity.LENGTH, drill.diameterMm())));
    }

    private String expected(DrillCut cut, Fix mend) {
        if (mend.field().isEmpty()) {
            return "Then the next hole should come out at about "
                    + say.length(cut.drill().diameterMm() + cut.over().medianMm()) + ", "
                    + say.length(cut.drill().diameterMm() + cut.over().highMm()) + " at the most in five of six.";
        }
        return new Fixer<>(request.plan(), asked -> DrillReader.cut(asked).cut())
                .with(mend)
                .map(then -> "The next hole should come out at "
                        + say.length(then.drill().diameterMm() + then.over().lowMm()) + " to "
                        + say.length(then.drill().diameterMm() + then.over().highMm()) + ".")
                .orElse("");
    }
}
