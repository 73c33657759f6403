package boldwedge.core.families.reaming.report;

import static boldwedge.core.families.reaming.entry.ReamField.*;
import static boldwedge.core.language.measure.Amount.mm;

import boldwedge.core.families.reaming.entry.ReamReader;
import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
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
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a reamed hole: its diameters, its shape, its wall; causes ranked by what this set-up would do; one next change. */
public final class ReamTrial {
    private static final Limits HOLE = new Limits(Quantity.LENGTH, 0.5, 100);
    private static final Limits COUNT = new Limits(Quantity.RATIO, 0, 1_000_000);
    private static final String SO_FAR = "Holes reamed so far";
    /** Fewer holes than this tell nothing of wear. */
    private static final double COUNTED_FROM = 10;

    private static final double GAUGE_MM = 0.002;
    private static final double BELL_MM = 0.004;
    private static final String MOUTH = "Hole at the mouth";
    private static final String BOTTOM = "Hole at the bottom";

    private static final Fix BORED = new Fix("Bore it after the drill", BEFORE, "bored");
    private static final Fix KEEN = Fix.atTheMachine("Stone the edges, oil, out while turning forward");

    private final TrialRequest request;
    private final TrialReader reader;
    private final UnitFormat say;

    /** What the wall looks like. */
    public enum Wall implements Worded {
        CLEAN,
        ROUGH,
        FLATS,
        SCORED,
        DRILL_MARKS
    }

    private ReamTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ReamTrial(request).judge();
    }

    /** A trial teaches what such a reamer cuts over itself; the drilled holes of the shop count for the hole before it. */
    public static Optional<Lessons.About> about(PlanRequest request) {
        return ReamReader.cut(request).cut().map(cut -> {
            String lathe = request.text(LATHE);
            String material = cut.job().work().id();
            Lessons.Subject reamed = Lessons.Subject.of(
                    Calibration.Of.REAMED, lathe, cut.job().kind().name(), material);
            Lessons.Subject drilled = Lessons.Subject.of(
                    Calibration.Of.DRILLED, lathe, cut.job().set().name(), material);
            return new Lessons.About(lathe, reamed, List.of(reamed, drilled, wear(request, cut)));
        });
    }

    /** Wear goes by what the reamer is made of and what it cuts. */
    private static Lessons.Subject wear(PlanRequest request, ReamCut cut) {
        return Lessons.Subject.of(
                Calibration.Of.WEAR,
                request.text(LATHE),
                cut.job().steel().map(ToolSteel::id).orElse("hss"),
                cut.job().work().id());
    }

    /** What a kept hole teaches, measured at the bottom, where no bell hides it; of a reamer that has not worn yet. */
    public static Optional<Calibration.Trial> lesson(TrialRequest kept) {
        TrialReader reader = new TrialReader(kept);
        OptionalDouble bottom = reader.value("far", BOTTOM, HOLE);
        OptionalDouble count = reader.value("soFar", SO_FAR, COUNT);
        return bottom.isEmpty() || count.orElse(0) >= COUNTED_FROM
                ? Optional.empty()
                : ReamReader.cut(kept.plan())
                        .cut()
                        .filter(cut -> cut.job().madeMm().isPresent())
                        .map(cut -> new Calibration.Trial(
                                cut.untaughtOver().medianMm(), bottom.getAsDouble() - cut.reamerMm() + cut.closesMm()));
    }

    /** What counted holes teach of wear: so many holes were to take so much off the reamer, and the hole at the bottom is so much smaller than of a new one. */
    public static Map<Lessons.Subject, Calibration.Lesson> worn(TrialRequest kept) {
        TrialReader reader = new TrialReader(kept);
        OptionalDouble bottom = reader.value("far", BOTTOM, HOLE);
        OptionalDouble count = reader.value("soFar", SO_FAR, COUNT);
        if (bottom.isEmpty() || count.orElse(0) < COUNTED_FROM) {
            return Map.of();
        }
        return ReamReader.cut(kept.plan())
                .cut()
                .filter(cut -> cut.job().madeMm().isPresent())
                .flatMap(cut -> new Calibration.Trial(
                                cut.untaughtWear().medianMm() * count.getAsDouble(),
                                cut.holeMm().chosen() - bottom.getAsDouble())
                        .lesson()
                        .map(lesson -> Map.of(wear(kept.plan(), cut), lesson)))
                .orElse(Map.of());
    }

    private TrialAnswer judge() {
        Read<ReamCut> read = ReamReader.cut(request.plan());
        OptionalDouble mouth = reader.value("near", MOUTH, HOLE);
        OptionalDouble bottom = reader.value("far", BOTTOM, HOLE);
        OptionalDouble count = reader.value("soFar", SO_FAR, COUNT);
        Wall wall = reader.choice("wall", "The wall", Wall.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The hole itself is not complete yet: mend it at the earlier stations first.");
        }
        boolean signsOnly = mouth.isEmpty() && bottom.isEmpty() && wall != Wall.CLEAN;
        if (!signsOnly && (mouth.isEmpty() || bottom.isEmpty())) {
            return reader.stopped("Type the hole's diameter at the mouth and at the bottom; or what its wall tells.");
        }
        ReamCut cut = read.cut().get();
        if (signsOnly) {
            return bySigns(cut, wall);
        }
        double size = cut.job().sizeMm();
        for (String id : List.of("near", "far")) {
            double value = id.equals("near") ? mouth.getAsDouble() : bottom.getAsDouble();
            if (Math.abs(value - size) > 0.1 * size) {
                reader.wrong(id, "That is far from " + say.length(size) + ". Check the units.");
                return reader.stopped("One reading cannot be right.");
            }
        }
        return judged(cut, mouth.getAsDouble(), bottom.getAsDouble(), wall, count);
    }

    /** What the wall alone tells: the hole counts as it was reckoned. */
    private TrialAnswer bySigns(ReamCut cut, Wall wall) {
        double likely = cut.holeMm().chosen();
        return judged(cut, likely + cut.bellMm(), likely, wall, OptionalDouble.empty())
                .withoutSizes(Measured.SIZES_OPEN + "; the wall: " + wall.words() + ".");
    }

    /** Wear so far: what the count was to take off, and what is missing at the bottom. */
    private Compared wornRow(ReamCut cut, double bottom, double holes) {
        Span each = cut.wearPerHoleMm();
        double worn = cut.holeMm().chosen() - bottom;
        return new Compared(
                "Worn so far",
                say.length(each.low() * holes) + " to " + say.length(each.high() * holes),
                say.length(Math.max(0, worn)),
                worn <= each.high() * holes + GAUGE_MM);
    }

    private TrialAnswer judged(ReamCut cut, double mouth, double bottom, Wall wall, OptionalDouble count) {
        ReamJob job = cut.job();
        double bell = mouth - bottom;
        boolean within = inside(job, mouth) && inside(job, bottom);
        Ranked ranked =
                CauseRule.ranked(List.of(this::bell, this::size, this::wall), cut, new Seen(mouth, bottom, wall), say);
        Span likely = cut.holeMm();
        List<Compared> rows = new ArrayList<>();
        String range = say.length(likely.low()) + " to " + say.length(likely.high());
        rows.add(new Compared("At the bottom", range, say.length(bottom), near(cut, bottom)));
        count.ifPresent(holes -> rows.add(wornRow(cut, bottom, holes)));
        rows.add(new Compared(
                "At the mouth",
                say.length(likely.low() + cut.bellMm()) + " to " + say.length(likely.high() + cut.bellMm()),
                say.length(mouth),
                near(cut, mouth - cut.bellMm())));
        rows.add(new Compared(
                "Mouth over bottom",
                say.length(cut.bellMm()),
                say.signed(bell),
                Math.abs(bell - cut.bellMm()) <= BELL_MM));
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            double from = cut.reamerMm() - cut.closesMm();
            rows.add(new Compared(
                    "Without the shop’s holes",
                    say.length(from + before.lowMm()) + " to " + say.length(from + before.highMm()),
                    say.length(bottom),
                    bottom - from > before.medianMm() * Math.exp(-2 * before.sigma()) - GAUGE_MM
                            && bottom - from < before.medianMm() * Math.exp(2 * before.sigma()) + GAUGE_MM));
        }
        String verdict = (within ? "Within its limits" : outside(job, mouth, bottom))
                + (Math.abs(bell) <= BELL_MM
                        ? ", straight"
                        : bell > 0
                                ? ", bell-mouthed by " + say.length(bell)
                                : ", wider at the bottom by " + say.length(-bell))
                + (wall == Wall.CLEAN ? "." : "; the wall: " + wall.words() + ".");
        boolean good = within && wall == Wall.CLEAN && Math.abs(bell) <= Math.max(BELL_MM, 0.5 * job.toleranceMm());
        Optional<Remedy> next = good ? Optional.empty() : ranked.remedy();
        return reader.judged(
                rows,
                ranked.causes(),
                verdict,
                good,
                next,
                "Nothing that was computed would better it: look at each edge under a loupe.",
                Optional.of(ReamScenes.sizes(cut, say, OptionalDouble.of(mouth), OptionalDouble.of(bottom))));
    }

    private static boolean inside(ReamJob job, double hole) {
        return hole >= job.leastMm() - 5e-4 && hole <= job.mostMm() + 5e-4;
    }

    private String outside(ReamJob job, double mouth, double bottom) {
        double most = Math.max(mouth, bottom);
        double least = Math.min(mouth, bottom);
        return most > job.mostMm()
                ? "Too large by " + say.length(most - job.mostMm())
                : "Too small by " + say.length(job.leastMm() - least);
    }

    private static boolean near(ReamCut cut, double hole) {
        CutsOver over = cut.over();
        double o = hole - cut.reamerMm() + cut.closesMm();
        return o > over.medianMm() * Math.exp(-2 * over.sigma()) - GAUGE_MM
                && o < over.medianMm() * Math.exp(2 * over.sigma()) + GAUGE_MM;
    }

    /** What was seen of a hole: its diameters, mm, and its wall. */
    private record Seen(double mouth, double bottom, Wall wall) {}

    private void bell(ReamCut cut, Seen seen, Causes found) {
        double bell = seen.mouth() - seen.bottom();
        double unexplained = bell - cut.bellMm();
        if (unexplained > BELL_MM) {
            found.name(
                            "tailstock",
                            (cut.job().lathe().mill() ? "The spindle" : "The tailstock") + " stands off the axis",
                            1 - Math.exp(-unexplained * unexplained / (2 * BELL_MM * BELL_MM)))
                    .says("By " + say.length(bell / 2) + ": half of what the mouth is larger.")
                    .by(Working.of("Off the axis by", "(m − b) / 2", mm(bell / 2))
                            .with("m", "mouth", mm(seen.mouth()).measured())
                            .with("b", "bottom", mm(seen.bottom()).measured()))
                    .then(() -> Optional.of(onTheAxis(cut, seen)));
        } else if (bell > BELL_MM) {
            found.name(
                            "tailstock",
                            (cut.job().lathe().mill() ? "The spindle" : "The tailstock")
                                    + " stands off the axis, as typed",
                            0.9)
                    .says("Reckoned " + say.length(cut.bellMm()) + ", measured " + say.length(bell) + ".")
                    .then(() -> Optional.of(onTheAxis(cut, seen)));
        }
        if (-bell > BELL_MM) {
            found.name("chips", "Chips packed at the bottom", 0.7)
                    .says(say.length(-bell) + " wider where they gathered.")
                    .then(() -> Optional.of(brushed(cut)));
        }
    }

    private void size(ReamCut cut, Seen seen, Causes found) {
        ReamJob job = cut.job();
        double over = seen.bottom() - cut.reamerMm() + cut.closesMm();
        double reckoned = cut.over().medianMm();
        double far = over > 1e-5 ? Math.log(over / reckoned) / cut.over().sigma() : -3;
        if (far > 1) {
            double strong = 1 - Math.exp(-far * far / 4);
            found.name(
                            "built-up",
                            "Metal built up on its edges",
                            strong * (0.3 + 0.6 * job.work().builtUp()))
                    .says(job.work().builtUpEdge() + ".")
                    .then(() -> Optional.of(slower(cut)));
            found.name("run-out", "It runs out, or one tooth stands proud", strong * 0.6)
                    .says("By some " + say.length((over - reckoned) / 2) + ".")
                    .by(Working.of("One side too far by", "(o − r) / 2", mm((over - reckoned) / 2))
                            .with("o", "over the reamer", mm(over).measured())
                            .with("r", "likely", mm(reckoned)))
                    .then(
                            Fix.atTheMachine("Turn it between centres under an indicator; stone down the proud tooth"),
                            "Without it holes should come out at about "
                                    + say.length(cut.holeMm().chosen()) + ".");
            double much = cut.leftMm().chosen() / ReamCut.stock(job).high();
            found.name("stock", "Too much stock pushed it about", strong * Math.clamp(much - 0.7, 0, 0.8))
                    .says(say.length(cut.leftMm().chosen()) + " was left, "
                            + say.length(ReamCut.stock(job).high()) + " is the most it likes.")
                    .then(() -> left(cut, KEEN));
        }
        if (far < -1.5 || seen.bottom() < job.leastMm() - 5e-4) {
            boolean plastic = job.work().group().equals("O");
            found.name(
                            "worn",
                            job.madeMm().isEmpty()
                                    ? "The reamer is smaller than reckoned: measure it"
                                    : "The reamer is worn under its size",
                            plastic ? 0.3 : 0.6)
                    .says("The hole is " + say.signed(over) + " over the reamer of " + say.length(cut.reamerMm()) + ".")
                    .then(() -> Optional.of(worn(cut, seen.bottom())));
            found.name(
                            "springs-back",
                            plastic ? "The stuff closed behind it" : "The work gave way, or cooled after it",
                            plastic ? 0.9 : 0.4)
                    .says("Thin or warm work comes back by a few hundredths.")
                    .then(() -> Optional.of(worn(cut, seen.bottom())));
        }
    }

    private void wall(ReamCut cut, Seen seen, Causes found) {
        ReamJob job = cut.job();
        switch (seen.wall()) {
            case CLEAN -> {}
            case FLATS ->
                found.name(
                                "lobes",
                                job.unevenDegrees() < 0.5
                                        ? "Even pitch made it sing"
                                        : "It chattered: slack, too much rake, or too fast",
                                0.9)
                        .says(
                                job.unevenDegrees() < 0.5
                                        ? "With even pitch a hole comes out with one lobe more than teeth."
                                        : "Uneven pitch is there already: slower, with more feed, and nothing loose.")
                        .then(() -> Optional.of(quieter(job)));
            case ROUGH ->
                found.name(
                                "torn",
                                cut.leftMm().low() < ReamCut.stock(job).low()
                                        ? "It rubbed: too little was left"
                                        : "Backed out turning, dull, or dry",
                                0.8)
                        .says(
                                cut.leftMm().low() < ReamCut.stock(job).low()
                                        ? "Left " + say.length(cut.leftMm().low()) + " at the least; under "
                                                + say.length(ReamCut.stock(job).low()) + " it does not cut."
                                        : "Feed on while it turns, out while it turns forward, with oil.")
                        .then(() -> left(
                                cut, cut.leftMm().low() < ReamCut.stock(job).low() ? BORED : KEEN));
            case SCORED ->
                found.name("backed-out", "Drawn out with chips behind the lands", 0.85)
                        .says("Chips between land and wall score it along.")
                        .then(() -> Optional.of(brushed(cut)));
            case DRILL_MARKS ->
                found.name("too-little", "Too little was left: the drill cut large", 0.95)
                        .says("Chance of it " + say.chance(cut.chanceRubs()) + " as planned.")
                        .then(() -> left(cut, BORED));
        }
    }

    private Remedy onTheAxis(ReamCut cut, Seen seen) {
        ReamJob job = cut.job();
        String over = say.length((seen.mouth() - seen.bottom()) / 2);
        return job.floating()
                ? new Remedy(
                        Fix.atTheMachine("Set the " + (job.lathe().mill() ? "work " : "tailstock ") + over + " over"),
                        "Mouth and bottom then differ by less than " + say.length(BELL_MM) + ".")
                : new Remedy(
                        new Fix("Floating holder", FLOATING, "floating"),
                        "Then the mouth comes out as the bottom, about " + say.length(seen.bottom()) + ". Or set the "
                                + (job.lathe().mill() ? "work" : "tailstock") + " over by " + over + ".");
    }

    private Remedy slower(ReamCut cut) {
        double slower = cut.job()
                .lathe()
                .speeds()
                .atOrBelow(0.7 * cut.rpm())
                .orElse(cut.job().lathe().speeds().slowest());
        return new Remedy(
                slower < 0.98 * cut.rpm()
                        ? new Fix("Run at " + say.rpm(slower), SPEED, Written.places(slower, 1) + " rpm")
                        : Fix.atTheMachine("More and better oil"),
                "Slower and with plenty of oil less builds up: about "
                        + say.length(cut.holeMm().chosen()) + " should come out.");
    }

    /** What is left for the reamer, as it is best; where it is that already, what the wall asks for. */
    private Optional<Remedy> left(ReamCut cut, Fix leftWell) {
        double chosen =
                ReamCut.of(cut.job().withBeforeMm(OptionalDouble.empty())).beforeMm();
        Fix fix = Math.abs(chosen - cut.beforeMm()) < 5e-4
                ? leftWell
                : new Fix("Before it " + say.length(chosen), BEFORE_SIZE, Written.exact(Quantity.LENGTH, chosen));
        return Optional.of(new Remedy(
                fix,
                new Fixer<>(request.plan(), asked -> ReamReader.cut(asked).cut())
                        .with(fix)
                        .map(then -> "Then " + say.length(then.leftMm().low()) + " to "
                                + say.length(then.leftMm().high()) + " is left, and the chance that it rubs is "
                                + say.chance(then.chanceRubs()) + ".")
                        .orElse("Then it cuts instead of rubbing.")));
    }

    private Remedy brushed(ReamCut cut) {
        return new Remedy(
                Fix.atTheMachine("Brush it clean, oil, and never turn it backwards"),
                "The next hole should come out at about "
                        + say.length(cut.holeMm().chosen()) + ".");
    }

    private static Remedy quieter(ReamJob job) {
        return job.unevenDegrees() < 0.5 && job.kind() == Kind.FLUTED
                ? new Remedy(new Fix("Uneven by 2°", UNEVEN, "2°"), "Then no tooth meets the marks of the one before.")
                : new Remedy(
                        Fix.atTheMachine("Half the speed, more feed"),
                        "A wave needs time to grow: slower and thicker chips damp it.");
    }

    private Remedy worn(ReamCut cut, double bottom) {
        double wants = cut.reamerMm() + (cut.job().leastMm() + 0.5 * cut.job().toleranceMm() - bottom);
        return new Remedy(
                Fix.atTheMachine(
                        "Measure the reamer over two edges; burnish it up or make one of " + say.length(wants)),
                "A reamer of " + say.length(wants)
                        + " cuts this hole to the middle of its limits, if the work does as it did.");
    }
}
