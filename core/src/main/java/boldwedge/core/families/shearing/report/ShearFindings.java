package boldwedge.core.families.shearing.report;

import static boldwedge.core.families.shearing.entry.ShearField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.families.shearing.model.ShearJob.Surface;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.Shaving;
import boldwedge.core.mechanics.wedge.ShearEdge;
import java.util.List;

/** What is found of the work and the tool: whether it suits, the pass before, the edge and its stretches. */
final class ShearFindings {
    private static final double HALF = 0.5;
    /** So many passes are enough; what wants more was turned too rough. */
    private static final int MOST_PASSES = 2;

    private static final Span SLOPES = new Span(10, 20, 30);
    private static final Span FRONTS = new Span(5, 7, 10);
    private static final double LEAST_CLEARANCE_RAD = Math.toRadians(2);

    private final ShearCut cut;
    private final ShearJob job;
    private final ShearEdge edge;
    private final UnitFormat say;

    ShearFindings(ShearCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.edge = job.edge();
        this.say = say;
    }

    List<Finding> all() {
        return List.of(suits(), before(), clears(), angles(), stretches());
    }

    private Finding suits() {
        Finding.Builder finding = Finding.at(Station.CUT, "shear-suits", say)
                .source("Custom of the trade; hardness from the material’s row");
        if (job.surface() != Surface.SOUND) {
            boolean skin = job.surface() == Surface.SKIN;
            return finding.says(
                            Verdict.WRONG,
                            skin
                                    ? "Hard skin breaks so keen an edge: turn it clean first, under the skin."
                                    : "An interrupted surface chips so keen an edge at every gap: no shear tool.")
                    .margin(-1)
                    .does(skin ? "Turn under the skin first" : "A finishing bit with a stoned nose, or grind it")
                    .build();
        }
        if (!Shaving.isSoftEnough(job.work())) {
            return finding.says(
                            Verdict.DOUBTFUL,
                            "%s is hard for so thin an edge: it dulls within a pass.",
                            job.work().fullName())
                    .margin(Shaving.HARDEST_HB / job.work().brinell() - 1)
                    .does("A larger nose and a finer feed, or grind it")
                    .build();
        }
        if (Shaving.hardensUnderIt(job.work())) {
            return finding.says(
                            Verdict.DOUBTFUL,
                            "%s hardens where an edge has gone over it: a cut so thin runs in that skin and rubs.",
                            job.work().fullName())
                    .margin(-HALF)
                    .does("A keen finishing bit, a tenth of a millimetre deep or more, and no stop in the cut")
                    .build();
        }
        return Shaving.suits(job.work())
                ? finding.says(
                                Verdict.FINE,
                                "%s tears under common bits; a slanting edge shaves it.",
                                job.work().fullName())
                        .margin(HALF)
                        .build()
                : finding.says(
                                Verdict.TOLD,
                                "%s hardly tears: a finishing bit with a larger nose does as well.",
                                job.work().fullName())
                        .build();
    }

    private Finding before() {
        double needs = cut.needsMm();
        int passes = cut.passes();
        boolean rough = passes > MOST_PASSES;
        double finer = (MOST_PASSES * cut.depthMm() - job.outOfTrueMm() - ShearCut.BELOW_MM) / ShearCut.RT_OF_RA;
        boolean typedShallow = job.depthMm().isPresent() && cut.depthMm() < ShearCut.DEPTHS_MM.chosen();
        String words = rough
                ? Written.words(
                        "Its marks and what it is out of true want %s off each side: %d passes. Turn it finer first.",
                        say.length(needs), passes)
                : Written.words(
                        "Turn it to %s before, and shave it in %s: that takes its marks and what it is out of true.",
                        say.length(cut.beforeMm()), passes == 1 ? "one pass" : passes + " passes");
        Finding.Builder finding = Finding.at(Station.CUT, "shear-before", say)
                .says(rough ? Verdict.DOUBTFUL : Verdict.FINE, words)
                .margin(rough ? (double) MOST_PASSES / passes - 1 : HALF)
                .step(Working.of("Off each side", "m · Ra + t + b", mm(needs))
                        .with("m", "marks over Ra", number(ShearCut.RT_OF_RA).assumed())
                        .with("Ra", "of the pass before", ra(job.beforeRaMm()).typed())
                        .with("t", "out of true", mm(job.outOfTrueMm()).typed())
                        .with(
                                "b",
                                "below the deepest mark",
                                mm(ShearCut.BELOW_MM).assumed()))
                .step(Working.of("Turned before to", "d + 2 · n · a", mm(cut.beforeMm()))
                        .with("d", "finished", mm(job.finishedMm()).typed())
                        .with("n", "passes", number(passes))
                        .with("a", "depth of a pass", mm(cut.depthMm())))
                .note("It mends neither size nor form: the pass before decides both.")
                .source("Marks of turning; custom of the trade");
        if (rough && typedShallow) {
            finding.mend(
                    "Depth " + say.length(ShearCut.DEPTHS_MM.chosen()),
                    DEPTH,
                    Written.exact(Quantity.LENGTH, ShearCut.DEPTHS_MM.chosen()));
        }
        if (rough && finer > 0) {
            finding.mend("Turn it to " + say.ra(finer) + " first", BEFORE, say.ra(finer));
        }
        return finding.build();
    }

    private Finding clears() {
        double clearance = edge.clearanceRad();
        double margin = clearance / LEAST_CLEARANCE_RAD - 1;
        return Finding.at(Station.EDGE, "shear-clears", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The front clears the work by only %s: it rubs the finish off."
                                : "It touches %s under centre as a tangent and clears the work there by %s.",
                        margin < 0 ? say.angle(clearance) : say.length(-edge.touchMm()),
                        say.angle(clearance))
                .margin(margin)
                .step(Working.of("Touch, against centre", "−R · sin(atan(tan(θ) · tan(β)))", mm(edge.touchMm()))
                        .with("R", mm(edge.workRadiusMm()))
                        .with("θ", "side slope", rad(edge.slopeRad()))
                        .with("β", "front", rad(edge.frontRad())))
                .step(Working.of(
                                "Inclination",
                                "acos(tan(θ) / √(1 + tan(θ)² + (tan(θ) · tan(β))²))",
                                rad(edge.inclinationRad()))
                        .with("θ", rad(edge.slopeRad()))
                        .with("β", rad(edge.frontRad())))
                .step(Working.of(
                                "Rake that the chip meets",
                                "asin(sin(λ)² + cos(λ)² · sin(γ))",
                                rad(edge.effectiveRakeRad()))
                        .with("λ", "inclination", rad(edge.inclinationRad()))
                        .with("γ", "square to the edge", rad(edge.normalRakeRad())))
                .note(
                        "A front that is tilted only downwards lies flat on the work behind the edge: relieve it in plan.")
                .source("Vectors at the touch; Stabler’s rule of chip flow")
                .mendUnless(margin >= 0, "Front clearance " + say.angle(Shaving.USUAL_FRONT_RAD), FRONT, "7°")
                .build();
    }

    private Finding angles() {
        double slope = Math.toDegrees(edge.slopeRad());
        double front = Math.toDegrees(edge.frontRad());
        Habit slopes = Habit.of(slope, SLOPES);
        Habit fronts = Habit.of(front, FRONTS);
        Finding.Builder finding = Finding.at(Station.EDGE, "shear-angles", say)
                .school("Flatter", "10° to 20°: stronger, lasts longer in steel.", slope <= SLOPES.chosen())
                .school("Steeper", "20° to 30°: keener, for copper, soft aluminium, plastics.", slope > SLOPES.chosen())
                .note("Try both on one bar, half and half, and type what each left under Prove.")
                .source("Custom of the trade");
        if (slopes.within() && fronts.high()) {
            return finding.says(
                            Verdict.DOUBTFUL,
                            "A front relieved by %s leaves little behind the edge; %s is usual.",
                            say.angle(edge.frontRad()),
                            degrees(FRONTS))
                    .margin(fronts.margin())
                    .mend("Front clearance 7°", FRONT, "7°")
                    .build();
        }
        if (!slopes.within()) {
            return finding.says(
                            Verdict.DOUBTFUL,
                            slopes.high()
                                    ? "A slope of %s leaves the edge thin; %s is usual."
                                    : "A slope of only %s hardly slices; %s is usual.",
                            say.angle(edge.slopeRad()),
                            degrees(SLOPES))
                    .margin(slopes.margin())
                    .mend("Slope 20°", SLOPE, "20°")
                    .build();
        }
        return finding.says(
                        Verdict.FINE,
                        "Slope %s, within the usual %s: the edge slants so much that it slices.",
                        say.angle(edge.slopeRad()),
                        degrees(SLOPES))
                .margin(HALF)
                .build();
    }

    private String degrees(Span span) {
        return say.angle(Math.toRadians(span.low())) + " to " + say.angle(Math.toRadians(span.high()));
    }

    /** Where a value lies against what is usual. */
    private record Habit(boolean high, boolean low, double margin) {
        static Habit of(double value, Span usual) {
            boolean high = value > usual.high() + 1e-9;
            boolean low = value < usual.low() - 1e-9;
            double out = high ? usual.high() / value - 1 : value / usual.low() - 1;
            return new Habit(high, low, high || low ? out : HALF);
        }

        boolean within() {
            return !high && !low;
        }
    }

    private Finding stretches() {
        boolean none = cut.fresh() == 0;
        boolean dull = cut.dull();
        int others = cut.fresh() - (dull ? 0 : 1);
        String left = others <= 0
                ? "no fresh stretch is left beside it"
                : Written.words("fresh ones left: %s above, %s below", cut.freshAbove(), cut.freshBelow());
        Finding.Builder finding = Finding.at(Station.EDGE, "stretches", say)
                .says(
                        none || dull ? Verdict.DOUBTFUL : Verdict.FINE,
                        none
                                ? "All %s stretches of the edge are used up: grind the front."
                                : dull
                                        ? "Stretch %s is used up; %s."
                                        : "It cuts with stretch %s of %s, %s; the bit’s top %s.",
                        none ? cut.stretches() : cut.stretch(),
                        dull ? left : cut.stretches(),
                        left,
                        ShearScenes.against(cut.topMm(), say))
                .margin(none ? -1 : dull ? -HALF : (double) others / cut.stretches())
                .step(Working.of("Edge of a stretch", "2 · √(2 · a · R) · p + s", mm(cut.stretchMm()))
                        .with("a", "depth", mm(cut.depthMm()))
                        .with("R", mm(edge.workRadiusMm()))
                        .with("p", "edge for a tangent of one", number(edge.perTangent()))
                        .with("s", "in hand", mm(ShearCut.MARGIN_MM).assumed()))
                .step(Working.of("Top of the bit over centre", "y + h · (k − 0.5) / n", mm(cut.topMm()))
                        .with("y", "touch", mm(edge.touchMm()))
                        .with("h", "bit", mm(job.bit().heightMm()).fromTable())
                        .with("k", "stretch", number(cut.stretch()))
                        .with("n", "stretches", number(cut.stretches())))
                .note("Dull? Another stretch first, by moving the bit up or down; then the wheel.")
                .note("Ground on the front, " + say.length(ShearCut.regrindMm()) + " a time, it lasts " + cut.regrinds()
                        + " regrinds.")
                .source("Geometry of the touch");
        if (none) {
            finding.mend("Grind the front: every stretch is fresh", USED, "none");
        } else if (dull) {
            finding.mend("Take a fresh stretch", STRETCH, "");
        }
        return finding.build();
    }
}
