package boldwedge.core.families.drilling.report;

import static boldwedge.core.families.drilling.entry.DrillField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.mechanics.hole.DrilledSizes;
import java.util.Map;
import java.util.Optional;

/** Which drill is taken, and what its hole will really be. */
final class DrilledHoleFindings {
    /** With less of a thread the screw strips; with a little more it holds in a hole as long as it is wide. */
    private static final double HARDLY_A_THREAD = 0.38;

    private static final double SHALLOW_THREAD = 0.46;

    private final DrillCut cut;
    private final DrillJob job;
    private final UnitFormat say;

    DrilledHoleFindings(DrillCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    private static final String OVER_SOURCE =
            "Average oversize of some 2800 drilled holes, as tabled in engineering handbooks (MCTI); shares for grinding and start are ours";
    /** A drill that is off by more than this, and by this share, makes another hole than the one wanted (ours). */
    private static final double ANOTHER_MM = 0.25;

    private static final double ANOTHER = 0.04;
    /** Smaller holes than this are not bored. */
    private static final double LEAST_BORED_MM = 6;

    private static final double SMALL_CHANCE = 0.05;
    /** Nearer than this a drill is the size itself. */
    private static final double SAME_MM = 5e-4;

    private static final double LARGE_CHANCE = 0.25;

    /** Of the least that is to be left, as a share: under this it is not a matter of taste. */
    private static final double MUCH_LESS = 0.8;
    /** Of a rod's play that must be left. */
    private static final double ROD_ENOUGH = 0.2;

    /** The drill in use as the shop calls it. */
    static String drill(DrillCut cut, UnitFormat say) {
        return cut.job()
                .set()
                .ofSize(cut.drill().diameterMm())
                .map(drill -> say.drill(drill))
                .orElseGet(() -> say.length(cut.drill().diameterMm()));
    }

    Finding choice() {
        double target = cut.targetMm();
        double d = cut.drill().diameterMm();
        boolean has = job.set().ofSize(d).isPresent();
        Optional<Drill> below = job.set().atMost(d - 1e-3);
        Optional<Drill> above = job.set().above(d);
        double off = another(d);
        double wanted = wantedMm();
        double borne = Math.max(ANOTHER_MM, ANOTHER * wanted);
        boolean another = has && off > borne;
        boolean aside = has && !another && off > borne / 2;
        Finding.Builder finding = Finding.at(Station.CUT, "drill-choice", say)
                .says(
                        another ? Verdict.WRONG : has && !aside ? Verdict.FINE : Verdict.DOUBTFUL,
                        another
                                ? "No drill of the shop makes " + say.length(wanted) + ": the nearest is "
                                        + drill(cut, say) + "."
                                : has
                                        ? "Take " + drill(cut, say) + why()
                                                + (aside
                                                        ? " Look whether a hole " + say.length(off) + " off will do."
                                                        : "")
                                        : "The shop has no drill of " + say.length(d) + "; the nearest it has is "
                                                + say.drill(job.set().nearest(d)) + ".")
                .margin(another || aside ? borne / (another ? off : 2 * off) - 1 : has ? 1 : -0.1)
                .step(sizing())
                .source(
                        job.purpose().screwed()
                                ? job.screw().orElseThrow().source()
                                : "The shop’s drills: ISO 235 and ASME B94.11M");
        below.ifPresent(drill -> finding.note("Next below: " + say.drill(drill) + ", "
                + say.signed(drill.diameterMm() - target) + " from what is wanted."));
        above.ifPresent(drill -> finding.note("Next above: " + say.drill(drill) + ", "
                + say.signed(drill.diameterMm() - target) + " from what is wanted."));
        if (another || aside) {
            otherwise(finding);
        }
        if (!has) {
            Drill nearest = job.set().nearest(d);
            finding.mend("Take " + say.drill(nearest), DRILL, exact(nearest));
        }
        return finding.build();
    }

    /** The hole itself that is wanted, mm; of what is finished otherwise, what it is drilled for. */
    private double wantedMm() {
        return job.purpose() == Purpose.HOLE ? job.sizeMm() : cut.targetMm();
    }

    /** By how much a drill makes another hole than the one that is wanted, mm; what is reamed or bored after it may be drilled smaller. */
    private double another(double d) {
        return switch (job.purpose()) {
            case HOLE -> Math.abs(d - job.sizeMm());
            case ROD, CLEAR, TAP -> Math.max(0, cut.targetMm() - d);
            case REAM, BORE -> 0;
        };
    }

    /** A hole that no drill here makes: drilled smaller and bored; or with a drill that is got for it. */
    private void otherwise(Finding.Builder finding) {
        job.set()
                .atMost(wantedMm())
                .filter(drill -> drill.diameterMm() >= LEAST_BORED_MM)
                .ifPresent(drill -> finding.mend(Fix.opening(
                        "Drill " + say.drill(drill) + " and bore it to " + say.length(wantedMm()),
                        Map.of(
                                "operation",
                                "bore",
                                "boreStart",
                                Written.exact(Quantity.LENGTH, drill.diameterMm()),
                                "boreFinished",
                                Written.exact(Quantity.LENGTH, wantedMm()),
                                "boreDepth",
                                Written.exact(Quantity.LENGTH, job.depthMm())))));
        finding.does("Get a drill of " + say.length(wantedMm()) + ", or grind one down to it");
    }

    private String why() {
        return switch (job.purpose()) {
            case HOLE ->
                Math.abs(cut.drill().diameterMm() - job.sizeMm()) < SAME_MM
                        ? "."
                        : ", the nearest to " + say.length(job.sizeMm()) + " that the shop has.";
            case TAP -> " for " + job.screw().orElseThrow().name() + ".";
            case ROD -> ", the next one in which a rod of " + say.length(job.sizeMm()) + " slides.";
            case CLEAR -> ": " + job.screw().orElseThrow().name() + " passes with room.";
            case REAM ->
                " and leave " + say.length(job.sizeMm() - cut.drill().diameterMm()) + " to ream to "
                        + say.length(job.sizeMm()) + ".";
            case BORE ->
                " and leave " + say.length(job.sizeMm() - cut.drill().diameterMm()) + " to bore to "
                        + say.length(job.sizeMm()) + ".";
        };
    }

    private static String exact(Drill drill) {
        return drill.series() == Drill.Series.METRIC
                ? drill.name()
                : Written.exact(Quantity.LENGTH, drill.diameterMm());
    }

    private Working sizing() {
        return (switch (job.purpose()) {
            case HOLE ->
                Working.of("Drilled for", "D", mm(cut.targetMm()))
                        .with("D", "the hole wanted", mm(job.sizeMm()).typed());
            case TAP ->
                job.engagement().isPresent()
                        ? Working.of("Drilled for", "D − e · 1.299 · P", mm(cut.targetMm()))
                                .with("D", mm(job.sizeMm()).fromTable())
                                .with(
                                        "e",
                                        "depth of thread wanted",
                                        number(job.engagement().getAsDouble()).typed())
                                .with(
                                        "P",
                                        mm(job.screw().orElseThrow().pitchMm()).fromTable())
                        : Working.of("Drilled for", "D − P", mm(cut.targetMm()))
                                .with("D", mm(job.sizeMm()).fromTable())
                                .with(
                                        "P",
                                        mm(job.screw().orElseThrow().pitchMm()).fromTable());
            case CLEAR ->
                Working.of("Drilled for", "C", mm(cut.targetMm()))
                        .with(
                                "C",
                                "hole that the screw passes",
                                mm(job.sizeMm()).fromTable());
            case ROD ->
                Working.of("Drilled for", "D + p", mm(cut.targetMm()))
                        .with("D", "the rod", mm(job.sizeMm()).typed())
                        .with("p", "play", mm(DrillCut.ROD_PLAY_MM).chosen());
            case REAM, BORE ->
                Working.of("Drilled for", "D − s", mm(cut.targetMm()))
                        .with("D", mm(job.sizeMm()).typed())
                        .with(
                                "s",
                                "stock to leave",
                                mm(job.sizeMm() - cut.targetMm()).chosen());
        });
    }

    /** What the hole will really be, and what that means for what it is for. */
    Finding made() {
        CutsOver over = cut.over();
        double d = cut.drill().diameterMm();
        String likely = drill(cut, say) + " will probably make " + say.length(d + over.lowMm()) + " to "
                + say.length(d + over.highMm());
        Finding.Builder finding = Finding.at(Station.CUT, "hole-made", say)
                .step(Working.of("Likely hole", "d + o · g · t", mm(cut.likelyMm()))
                        .with("d", mm(d))
                        .with("o", "usual oversize", mm(usual()).fromTable())
                        .with(
                                "g",
                                "for grinding and start",
                                number(cut.untaughtOver().medianMm() / usual()).assumed())
                        .with(
                                "t",
                                "from the shop’s holes",
                                job.taught().trials() > 0
                                        ? number(over.medianMm()
                                                        / cut.untaughtOver().medianMm())
                                                .measured()
                                        : number(1).assumed()))
                .source(OVER_SOURCE);
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            finding.note(job.taught().trials() + (job.taught().trials() == 1 ? " hole" : " holes")
                    + " measured in the shop are in this. Before them it said " + say.length(d + before.lowMm())
                    + " to "
                    + say.length(d + before.highMm()) + ".");
        } else {
            finding.note(
                    "Two holes in three lie within this. Measure yours under Prove and it narrows to your drills.");
        }
        return switch (job.purpose()) {
            case HOLE -> finding.says(Verdict.TOLD, likely + ".").build();
            case ROD -> {
                double play = d + over.lowMm() - job.sizeMm() - cut.wanderMm().chosen();
                yield finding.says(
                                Verdict.of(play / DrillCut.ROD_PLAY_MM, ROD_ENOUGH),
                                likely + "; with what it wanders a rod of " + say.length(job.sizeMm()) + " has "
                                        + say.length(Math.max(0, play)) + " to slide.")
                        .margin(play / DrillCut.ROD_PLAY_MM)
                        .mendUnless(
                                play >= ROD_ENOUGH * DrillCut.ROD_PLAY_MM
                                        || rodDrill().isEmpty(),
                                "Take " + rodDrill().map(say::drill).orElse(""),
                                DRILL,
                                rodDrill().map(DrilledHoleFindings::exact).orElse(""))
                        .doesWhen(
                                play < 0 && rodDrill().isEmpty(),
                                "Bore it, or take a drill of another set: none here is larger")
                        .build();
            }
            case CLEAR -> {
                double room = (d + over.lowMm()) / job.screw().orElseThrow().threadMm() - 1;
                yield finding.says(
                                Verdict.of(room, 0.01),
                                likely + "; " + job.screw().orElseThrow().name() + " is "
                                        + say.length(job.screw().orElseThrow().threadMm()) + ".")
                        .margin(room)
                        .mendUnless(
                                room >= 0.01 || clearDrill().isEmpty(),
                                "Take " + clearDrill().map(say::drill).orElse(""),
                                DRILL,
                                clearDrill().map(DrilledHoleFindings::exact).orElse(""))
                        .doesWhen(room < 0 && clearDrill().isEmpty(), "A drill of another set: none here is so large")
                        .build();
            }
            case TAP -> tapped(finding, likely);
            case REAM, BORE -> left(finding, likely);
        };
    }

    /** The drill in whose hole the rod slides for all that it wanders. */
    private Optional<Drill> rodDrill() {
        double needed = job.sizeMm()
                + DrillCut.ROD_PLAY_MM
                + cut.wanderMm().chosen()
                - cut.over().lowMm();
        return job.set().above(Math.max(needed, cut.drill().diameterMm()));
    }

    /** The drill that makes the hole that the screw passes. */
    private Optional<Drill> clearDrill() {
        return job.set()
                .above(Math.max(cut.targetMm() - cut.over().lowMm(), cut.drill().diameterMm()));
    }

    private double usual() {
        return DrilledSizes.over(cut.drill().diameterMm()).chosen();
    }

    private Finding tapped(Finding.Builder finding, String likely) {
        double likelyShare = cut.engagement(cut.likelyMm());
        double whole = cut.engagement(cut.drill().diameterMm());
        Verdict verdict = likelyShare < HARDLY_A_THREAD || whole > DrillCut.TO_THE_MINOR + 1e-3
                ? Verdict.WRONG
                : likelyShare < SHALLOW_THREAD || whole > DrillCut.MOST_THREAD ? Verdict.DOUBTFUL : Verdict.FINE;
        double pitch = job.screw().orElseThrow().pitchMm();
        finding.says(
                        verdict,
                        likely + ": " + say.share(likelyShare) + " of a whole thread, " + say.share(whole)
                                + " were it exactly its size.")
                .margin(
                        verdict == Verdict.WRONG
                                ? -0.2
                                : Math.min(likelyShare - SHALLOW_THREAD, DrillCut.MOST_THREAD - whole))
                .step(Working.of("Depth of thread", "(D − h) / (1.299 · P)", number(likelyShare))
                        .with("D", mm(job.screw().orElseThrow().threadMm()).fromTable())
                        .with("h", mm(cut.likelyMm()))
                        .with("P", mm(pitch).fromTable()))
                .note(
                        "More than about 75 % hardly adds strength, and doubles the torque on the tap; in tough or hard stuff 60 to 65 % spares taps.");
        if (verdict != Verdict.FINE) {
            Drill drill = job.set().nearest(cut.tappingMm());
            finding.mendUnless(
                    Math.abs(drill.diameterMm() - cut.drill().diameterMm()) < 5e-4,
                    "Take " + say.drill(drill),
                    DRILL,
                    exact(drill));
        }
        return finding.build();
    }

    private Finding left(Finding.Builder finding, String likely) {
        double chance = cut.chanceTooLittle();
        Span left = cut.leftMm();
        boolean ream = job.purpose() == Purpose.REAM;
        // The least is a rule of thumb: a little less is to be watched, much less will not do.
        double muchTooLittle = cut.chanceOfLessThan(MUCH_LESS * cut.leastLeftMm());
        Verdict verdict =
                muchTooLittle > LARGE_CHANCE ? Verdict.WRONG : chance > SMALL_CHANCE ? Verdict.DOUBTFUL : Verdict.FINE;
        finding.says(
                        verdict,
                        likely + ", so " + say.length(Math.max(0, left.low())) + " to "
                                + say.length(Math.max(0, left.high()))
                                + " is left to " + (ream ? "ream" : "bore") + ". Chance that less than "
                                + say.length(cut.leastLeftMm()) + " is left: " + say.chance(chance) + ".")
                .margin((LARGE_CHANCE - chance) / 2)
                .note(
                        ream
                                ? "With too little left a reamer rubs instead of cutting, and the drill’s marks stay."
                                : "A bar needs enough to get under the drilled skin and to true the hole up.");
        if (verdict != Verdict.FINE) {
            double smaller = cut.drill().diameterMm() - 1e-3;
            double leaves = job.sizeMm() - cut.leastLeftMm() - cut.over().highMm();
            job.set()
                    .atMost(Math.min(smaller, leaves))
                    .or(() -> job.set().atMost(smaller))
                    .ifPresentOrElse(
                            drill -> finding.mend("Take " + say.drill(drill), DRILL, exact(drill)),
                            () -> finding.does("A drill of another set: none here is smaller"));
        }
        finding.doesWhen(
                verdict == Verdict.WRONG && !ream,
                "Drill and ream it: so small a hole leaves a bar nothing to stand on");
        return finding.build();
    }
}
