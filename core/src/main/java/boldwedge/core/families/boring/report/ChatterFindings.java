package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.cutting.WaveGrowth;
import boldwedge.core.mechanics.rigidity.Stability;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.TypedSignature;
import java.util.List;
import java.util.OptionalDouble;

/** Whether the bar sings, and what a machinist would try against it, in that order, each with its computed gain. */
final class ChatterFindings {
    /** Deeper than this no bar here cuts, mm. */
    private static final double DEEPEST_MM = WaveGrowth.DEEPEST_MM;

    /** A nose under this is none, mm. */
    private static final double SHARP_MM = 0.02;
    /** A shallower cut than this is not offered: it is a spring pass, mm. */
    private static final double LEAST_DEPTH_MM = 0.05;
    /** As a point is stoned at the least, mm. */
    private static final double STONED_MM = 0.1;
    /** So many times the rule of thumb a bar may stand out before its cut is doubted whatever is reckoned: the rule leaves in hand what a sound set-up does not need. */
    static final double BEYOND_THE_RULE = 1.35;
    /** Between the clamp and the work at full depth, mm. */
    private static final double SPARE_MM = 2;

    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    ChatterFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        Finding chatter = chatter();
        // What makes it quiet is offered once, with its gain.
        return List.of(chatter, rule(chatter.verdict().isDoubt()));
    }

    /** What was heard of this bar in trials, and what was said before. */
    private void heard(Finding.Builder finding) {
        if (job.heard().trials() > 0) {
            BoreCut.Quiet before = cut.untaught().quiet();
            finding.note("Heard in " + job.heard().trials() + (job.heard().trials() == 1 ? " trial" : " trials")
                    + " of this bar"
                    + (Double.isInfinite(before.likelyMm())
                            ? ". Before"
                            : ": it sings at " + say.number(job.heard().factor(), 2)
                                    + " times the depth that was likely. Before")
                    + " them it was quiet for sure down to "
                    + depthOrNone(before.surelyMm())
                    + ", and sang for sure from " + depthOrNone(before.singsMm()) + ".");
        }
    }

    private Finding chatter() {
        if (cut.signature().noseRadiusMm() < SHARP_MM) {
            return sharp();
        }
        Stability mode = cut.mode();
        boolean measured = job.damping().isPresent();
        BoreCut.Quiet quiet = cut.quiet();
        double depth = job.depthMm();
        Verdict verdict =
                quiet.singsMm() < depth ? Verdict.WRONG : quiet.surelyMm() < depth ? Verdict.DOUBTFUL : Verdict.FINE;
        String speed = say.rpm(cut.cutting().rpm());
        String words = quiet.surelyMm() >= DEEPEST_MM
                ? "No depth that this bit can take makes the bar sing at " + speed + "."
                : switch (verdict) {
                    case WRONG ->
                        Written.words(
                                "It sings: at %s even the best damping holds it only down to %s; you take %s.",
                                speed, say.length(quiet.singsMm()), say.length(depth));
                    case DOUBTFUL ->
                        Written.words(
                                "Listen on the first pass: at %s it is quiet for sure down to %s, and %s; you take %s.",
                                speed,
                                say.length(quiet.surelyMm()),
                                quiet.singsMm() >= DEEPEST_MM
                                        ? "no depth is sure to sing"
                                        : "sings for sure from " + say.length(quiet.singsMm()),
                                say.length(depth));
                    default ->
                        Written.words(
                                "Quiet: at %s it does not sing down to %s; you take %s.",
                                speed, say.length(quiet.surelyMm()), say.length(depth));
                };
        double margin = quiet.surelyMm() >= DEEPEST_MM
                ? 3
                : (verdict == Verdict.WRONG ? quiet.singsMm() : quiet.surelyMm()) / depth - 1;
        Span damping = job.barMaterial().damping();
        double ratio = CuttingForce.pushRatio(job.work(), cut.cutting().normalRake());
        Finding.Builder finding =
                Finding.at(Station.REACH, "chatter", say).says(verdict, words).margin(margin < 0 ? margin : margin / 2);
        heard(finding);
        finding.step(Working.of(
                                "First mode, by elements, holder and bit with it",
                                "k = (2 · π · f)² · m",
                                newtonsPerMm(mode.stiffnessNPerMm()))
                        .with("f", job.ringHz().isPresent() ? hertz(mode.hz()).measured() : hertz(mode.hz()))
                        .with(
                                "m",
                                "what swings",
                                grams(1e6 * mode.stiffnessNPerMm() / Math.pow(2 * Math.PI * mode.hz(), 2))))
                .note("At this speed it begins to sing at " + depthOrNone(quiet.surelyMm()) + ", "
                        + depthOrNone(quiet.likelyMm()) + " or " + depthOrNone(quiet.singsMm())
                        + ", as it is damped: the bar "
                        + (measured
                                ? say.number(mode.damping() * 100, 2) + " %, measured"
                                : say.number(damping.low() * 100, 1) + " to " + say.number(damping.high() * 100, 1)
                                        + " %, not measured")
                        + "; the flank as sharp, usual or worn.")
                .step(Working.of(
                                "Limit at any speed, the flank left out",
                                "2 · k · ζ · (1 + ζ)",
                                newtonsPerMm(mode.absoluteLimit()))
                        .with("k", newtonsPerMm(mode.stiffnessNPerMm()))
                        .with(
                                "ζ",
                                "damping",
                                measured
                                        ? number(mode.damping()).measured()
                                        : number(mode.damping()).assumed())
                        .meaning(", at "
                                + (Double.isInfinite(cut.limitDepthMm())
                                        ? "no depth"
                                        : say.length(cut.limitDepthMm()))))
                .step(flank(mode))
                .steps(limitHere(cut.damped()))
                .step(Working.of(
                                "This cut: growth of the push with the depth",
                                "g · p",
                                newtonsPerMm(cut.directionalNPerMm()))
                        .with(
                                "g",
                                "growth of the cutting force, turned into the radius",
                                newtonsPerMm(ratio > 0 ? cut.directionalNPerMm() / ratio : 0))
                        .with("p", "push over cutting force", number(Math.max(0, ratio))))
                .source(
                        "Regenerative chatter of one mode: Tlusty; Altintas, Manufacturing Automation, ch. 4. Damping by the flank: coefficients of Tyler & Schmitz and of Ahmadi & Altintas, a factor of three either way")
                .caution("It tells what was reckoned: a mode of the work, a loose gib or a worn spindle is not in it.");
        if (verdict != Verdict.FINE) {
            ReamedInstead.of(cut).ifPresent(finding::mend);
            finding.mendsLater(this::remedies);
        }
        return finding.build();
    }

    private String depthOrNone(double mm) {
        return mm >= DEEPEST_MM ? "no depth" : say.length(mm);
    }

    /** The limit on the lobe of this speed; nothing where no depth sings on it. */
    private List<Working> limitHere(Stability mode) {
        double rpm = cut.cutting().rpm();
        double limit = mode.limitAt(rpm);
        Stability.Lobe lobe = mode.lobeAt(rpm);
        return Double.isInfinite(limit)
                ? List.of()
                : List.of(Working.of(
                                "Limit at " + say.rpm(rpm),
                                "k · (r² − 1) / (1 − cos(2 · π · r · q))",
                                newtonsPerMm(limit))
                        .with("k", newtonsPerMm(mode.stiffnessNPerMm()))
                        .with("r", "chatter over the mode", number(lobe.ratio()))
                        .with("q", "waves a turn", number(lobe.perTurn())));
    }

    /** What the flank adds to the damping at this depth and speed. */
    private Working flank(Stability mode) {
        return Working.of(
                        "Damping with the flank's",
                        "ζ + C · b / v · 2 · π · f / (2 · k)",
                        number(cut.damped().damping()))
                .with("ζ", "the bar's", number(mode.damping()))
                .with(
                        "C",
                        "flank on a wave",
                        newtonsPerMm(cut.flankNPerMm().chosen()).assumed())
                .with("b", "breadth of flank", mm(cut.flankMm()))
                .with("v", metresPerMinute(cut.cutting().surfaceSpeed()))
                .with("f", hertz(mode.hz()))
                .with("k", newtonsPerMm(mode.stiffnessNPerMm()));
    }

    /** The model needs an arc that feels waves across the axis: what a point without one does is not in it. */
    private Finding sharp() {
        return Finding.at(Station.REACH, "chatter", say)
                .says(
                        Verdict.DOUBTFUL,
                        "Whether a point without a nose sings is not covered here: listen on the first pass.")
                .margin(-0.1)
                .mend("Nose " + say.typed(STONED_MM), NOSE_RADIUS, say.typed(STONED_MM))
                .source("The model of chatter takes the nose's arc")
                .build();
    }

    /** Depth down to which a cut is quiet for sure, mm. */
    private static double surely(BoreCut cut) {
        return Math.min(DEEPEST_MM, cut.quiet().surelyMm());
    }

    /** In the order in which a machinist tries them: what costs nothing, the reach, the edge, another bar. */
    private void remedies(Finding.Builder finding) {
        settings(finding);
        if (job.held() != BarHeld.CENTRES && job.overhangMm() > job.holeDepthMm() + SPARE_MM + 2) {
            double shorter = Math.ceil(job.holeDepthMm() + SPARE_MM);
            offer(finding, "Reach ", OVERHANG, say.typed(shorter), cut.with(job.barMm(), shorter));
        }
        edge(finding);
        double thicker = BoreReader.usualBar(job.startMm());
        if (thicker > job.barMm() * 1.04 && !job.necked()) {
            offer(finding, "Bar of ", BAR_DIAMETER, say.typed(thicker), cut.with(thicker, job.overhangMm()));
        }
        stiffer().forEach(material -> offer(finding, "A bar of ", BAR_MATERIAL, material.id(), of(material)));
    }

    /** Stiffer stuff for the bar; none where it has been rung, which tells of the bar that is there. */
    private List<BarMaterial> stiffer() {
        return job.ringHz().isPresent()
                ? List.of()
                : StockCatalogue.shipped().barMaterials().stream()
                        .filter(other ->
                                other.modulusMPa() > 1.2 * job.barMaterial().modulusMPa())
                        .toList();
    }

    private BoreCut of(BarMaterial material) {
        return BoreCut.of(job.withBarMaterial(material), TypedSignature.all(cut.signature()));
    }

    private void settings(Finding.Builder finding) {
        OptionalDouble slower = job.lathe().speeds().atOrBelow(cut.cutting().rpm() * 0.97);
        if (slower.isPresent()) {
            offer(
                    finding,
                    "Run at ",
                    SPEED,
                    Math.round(slower.getAsDouble()) + " rpm",
                    cut.running(job.feedMm(), slower));
        }
        double wanted = job.raMm() / Finish.USUAL_OVER_THEORY;
        job.lathe().feedsMm().stream()
                .filter(feed -> feed > 1.2 * cut.cutting().feedMm())
                .filter(feed -> Finish.of(cut.cutting().profile(), feed).raMm() <= wanted)
                .findFirst()
                .ifPresent(feed -> offer(
                        finding, "Feed ", FEED, say.feed(feed), cut.running(OptionalDouble.of(feed), job.speedRpm())));
        double less = 0.8 * surely(cut);
        if (less < job.depthMm()
                && less
                        > Math.max(
                                LEAST_DEPTH_MM, cut.cutting().smallestChipMm().high())) {
            finding.mend("Depth " + say.typed(less), DEPTH, say.typed(less));
        }
    }

    private void edge(Finding.Builder finding) {
        ToolSignature s = cut.signature();
        if (s.noseRadiusMm() > 0.15) {
            double nose = Math.max(STONED_MM, s.noseRadiusMm() / 2);
            offer(finding, "Nose ", NOSE_RADIUS, say.typed(nose), signed(s, nose, s.sideRake(), s.sideCuttingEdge()));
        }
        if (s.sideCuttingEdge() > Math.toRadians(1)) {
            offer(finding, "Lead ", SIDE_EDGE, "0°", signed(s, s.noseRadiusMm(), s.sideRake(), 0));
        }
        double most = cut.advice().sideRake().span().high();
        if (s.sideRake() < most - Math.toRadians(2)) {
            offer(
                    finding,
                    "Rake ",
                    SIDE_RAKE,
                    Written.degrees(most),
                    signed(s, s.noseRadiusMm(), most, s.sideCuttingEdge()));
        }
    }

    private BoreCut signed(ToolSignature s, double nose, double sideRake, double lead) {
        return BoreCut.of(
                job,
                TypedSignature.all(new ToolSignature(
                        s.backRake(), sideRake, s.endRelief(), s.sideRelief(), s.endCuttingEdge(), lead, nose)));
    }

    /** Offers a remedy when it raises the depth that decides, and says by how much. */
    private void offer(Finding.Builder finding, String words, BoreField field, String text, BoreCut then) {
        boolean sings = cut.quiet().singsMm() < job.depthMm();
        double before = sings ? Math.min(DEEPEST_MM, cut.quiet().singsMm()) : surely(cut);
        double after = sings ? Math.min(DEEPEST_MM, then.quiet().singsMm()) : surely(then);
        if (after > before * 1.03) {
            finding.mend(
                    words + text.replace('-', ' ') + ": "
                            + (after < DEEPEST_MM
                                    ? say.number(after / before, 1) + " times the depth"
                                    : sings ? "it may stand" : "quiet at any depth"),
                    field,
                    text);
        }
    }

    private Finding rule(boolean mended) {
        double ratio = cut.slenderness();
        double rule = job.barMaterial().ruleOfThumb();
        // What was rung or heard of this bar outranks a rule of thumb.
        boolean known = job.ringHz().isPresent() || job.heard().trials() > 0;
        double margin = BEYOND_THE_RULE * rule / ratio - 1;
        boolean beyond = margin < 0 && !known && job.held() != BarHeld.CENTRES;
        String material =
                job.barMaterial().name().toLowerCase(java.util.Locale.ROOT).split(",")[0];
        Finding.Builder finding = Finding.at(Station.REACH, "rule-of-thumb", say)
                .says(
                        beyond ? Verdict.DOUBTFUL : Verdict.TOLD,
                        beyond
                                ? "It stands out %s times its diameter, where bars of %s seldom stay quiet: the shops' rule is %s."
                                : "It stands out %s times its diameter; the shops' rule for %s is %s.",
                        say.number(ratio, 1),
                        material,
                        say.number(rule, 0))
                .margin(beyond ? margin : rule / ratio - 1)
                .step(Working.of("Overhang over diameter", "L / D", number(ratio))
                        .with("L", mm(job.overhangMm()))
                        .with("D", mm(job.overhangMm() / ratio)))
                .source("Rule of thumb of the trade");
        if (beyond && !mended) {
            ReamedInstead.of(cut).ifPresent(finding::mend);
            reach(finding);
            stiffer().forEach(other -> finding.mend("A bar of " + inWords(other), BAR_MATERIAL, other.id()));
        }
        return finding.build();
    }

    private static String inWords(BarMaterial material) {
        return material.name()
                .toLowerCase(java.util.Locale.ROOT)
                .split("[,(]")[0]
                .strip();
    }

    /** Less reach and a stouter bar, where there are. */
    private void reach(Finding.Builder finding) {
        if (job.overhangMm() > job.holeDepthMm() + SPARE_MM + 2) {
            String shorter = say.typed(Math.ceil(job.holeDepthMm() + SPARE_MM));
            finding.mend("Reach " + shorter, OVERHANG, shorter);
        }
        double thicker = BoreReader.usualBar(job.startMm());
        if (thicker > job.barMm() * 1.04 && !job.necked()) {
            finding.mend("Bar of " + say.typed(thicker), BAR_DIAMETER, say.typed(thicker));
        }
    }
}
