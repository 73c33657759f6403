package boldwedge.core.boring.tell;

import static boldwedge.core.measure.Amount.grams;
import static boldwedge.core.measure.Amount.hertz;
import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.newtonsPerMm;
import static boldwedge.core.measure.Amount.number;

import boldwedge.core.boring.ask.BoreField;
import boldwedge.core.boring.ask.BoreReader;
import boldwedge.core.boring.model.BarHeld;
import boldwedge.core.boring.model.BoreCut;
import boldwedge.core.boring.model.BoreJob;
import boldwedge.core.cutting.CuttingForce;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Step;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.Stability;
import boldwedge.core.stock.Span;
import boldwedge.core.stock.StockCatalogue;
import boldwedge.core.wedge.ToolSignature;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** Whether the bar sings, and what a machinist would try against it, in that order, each with its computed gain. */
final class ChatterFindings {
    /** Deeper than this no bar here cuts, mm. */
    private static final double DEEPEST_MM = 10;

    private final BoreCut cut;
    private final BoreJob job;
    private final Say say;

    ChatterFindings(BoreCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        return List.of(chatter(), rule());
    }

    private Finding chatter() {
        Stability mode = cut.mode();
        boolean measured = job.damping().isPresent();
        double least = surely(cut);
        double most =
                measured ? least : quietTo(cut, job.barMaterial().damping().high());
        double depth = job.depthMm();
        Verdict verdict =
                most < depth ? Verdict.WRONG : least < depth * (measured ? 1.5 : 1) ? Verdict.DOUBTFUL : Verdict.FINE;
        String speed = say.rpm(cut.cutting().rpm());
        String words = least >= DEEPEST_MM
                ? "No depth that this bit can take makes the bar sing at " + speed + "."
                : switch (verdict) {
                    case WRONG ->
                        String.format(
                                Locale.ROOT,
                                "It will chatter: at %s it sings from a depth of %s on; you take %s.",
                                speed,
                                say.length(most),
                                say.length(depth));
                    case DOUBTFUL ->
                        String.format(
                                Locale.ROOT,
                                "It may chatter: at %s it sings from a depth of %s or more on, as it is damped; you take %s.",
                                speed,
                                say.length(least),
                                say.length(depth));
                    default ->
                        String.format(
                                Locale.ROOT,
                                "No chatter: at %s it is quiet down to a depth of %s; you take %s.",
                                speed,
                                say.length(least),
                                say.length(depth));
                };
        double margin = least >= DEEPEST_MM ? 3 : (verdict == Verdict.WRONG ? most : least) / depth - 1;
        Span damping = job.barMaterial().damping();
        double ratio = CuttingForce.pushRatio(job.work(), cut.cutting().normalRake());
        Finding.Builder finding = Finding.at(Station.REACH, "chatter")
                .says(verdict, words)
                .margin(margin / 2)
                .step(Working.of(
                                "First mode, by elements, holder and bit with it",
                                "k = (2 · π · f)² · m",
                                newtonsPerMm(mode.stiffnessNPerMm()))
                        .with("f", job.ringHz().isPresent() ? hertz(mode.hz()).measured() : hertz(mode.hz()))
                        .with(
                                "m",
                                "what swings",
                                grams(1e6 * mode.stiffnessNPerMm() / Math.pow(2 * Math.PI * mode.hz(), 2)))
                        .told(say))
                .note(
                        measured
                                ? "Damping " + say.number(mode.damping() * 100, 2) + " %, measured."
                                : "Damping " + say.number(mode.damping() * 100, 2) + " %, assumed; it sings from "
                                        + depthOrNone(least) + " to " + depthOrNone(most) + " deep over "
                                        + say.number(damping.low() * 100, 1) + " to "
                                        + say.number(damping.high() * 100, 1) + " %.")
                .step(Working.of("Limit at any speed", "2 · k · ζ · (1 + ζ)", newtonsPerMm(mode.absoluteLimit()))
                        .with("k", newtonsPerMm(mode.stiffnessNPerMm()))
                        .with(
                                "ζ",
                                "damping",
                                measured
                                        ? number(mode.damping()).measured()
                                        : number(mode.damping()).assumed())
                        .meaning(", at "
                                + (Double.isInfinite(cut.limitDepthMm()) ? "no depth" : say.length(cut.limitDepthMm())))
                        .told(say))
                .steps(limitHere(mode))
                .step(Working.of(
                                "This cut: growth of the push with the depth",
                                "g · p",
                                newtonsPerMm(cut.directionalNPerMm()))
                        .with(
                                "g",
                                "growth of the cutting force, turned into the radius",
                                newtonsPerMm(ratio > 0 ? cut.directionalNPerMm() / ratio : 0))
                        .with("p", "push over cutting force", number(Math.max(0, ratio)))
                        .told(say))
                .source(
                        "Regenerative chatter of one mode: Tlusty; Altintas, Manufacturing Automation, ch. 4. Process damping at low speed left out: slow cuts stand a little more")
                .caution("It tells what was reckoned: a mode of the work, a loose gib or a worn spindle is not in it.");
        if (verdict != Verdict.FINE) {
            remedies(finding);
        }
        return finding.build();
    }

    private String depthOrNone(double mm) {
        return mm >= DEEPEST_MM ? "no depth" : say.length(mm);
    }

    /** The limit on the lobe of this speed; nothing where no depth sings on it. */
    private List<Step> limitHere(Stability mode) {
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
                        .with("q", "waves a turn", number(lobe.perTurn()))
                        .told(say));
    }

    /** Depth down to which a cut is quiet at its speed, with the damping measured or the least that is usual, mm. */
    private static double surely(BoreCut cut) {
        return quietTo(
                cut,
                cut.job().damping().orElse(cut.job().barMaterial().damping().low()));
    }

    private static double quietTo(BoreCut cut, double damping) {
        Stability mode = new Stability(cut.mode().hz(), cut.mode().stiffnessNPerMm(), damping);
        return Math.min(
                DEEPEST_MM,
                BoreCut.depthAt(
                        cut.job(),
                        cut.cutting().profile(),
                        cut.cutting().normalRake(),
                        cut.cutting().feedMm(),
                        mode.limitAt(cut.cutting().rpm())));
    }

    private void remedies(Finding.Builder finding) {
        if (job.held() != BarHeld.CENTRES && job.overhangMm() > job.holeDepthMm() + 4) {
            double shorter = Math.ceil(job.holeDepthMm() + 2);
            offer(finding, "Reach ", BoreField.OVERHANG, say.typed(shorter), cut.with(job.barMm(), shorter));
        }
        ToolSignature s = cut.signature();
        if (s.noseRadiusMm() > 0.15) {
            double nose = Math.max(0.1, s.noseRadiusMm() / 2);
            offer(
                    finding,
                    "Nose ",
                    BoreField.NOSE_RADIUS,
                    say.typed(nose),
                    signed(s, nose, s.sideRake(), s.sideCuttingEdge()));
        }
        if (s.sideCuttingEdge() > Math.toRadians(1)) {
            offer(finding, "Lead ", BoreField.SIDE_EDGE, "0°", signed(s, s.noseRadiusMm(), s.sideRake(), 0));
        }
        double most = cut.advice().sideRake().span().high();
        if (s.sideRake() < most - Math.toRadians(2)) {
            offer(
                    finding,
                    "Rake ",
                    BoreField.SIDE_RAKE,
                    Written.degrees(most),
                    signed(s, s.noseRadiusMm(), most, s.sideCuttingEdge()));
        }
        OptionalDouble slower = job.lathe().speeds().atOrBelow(cut.cutting().rpm() * 0.97);
        if (slower.isPresent()) {
            offer(
                    finding,
                    "Run at ",
                    BoreField.SPEED,
                    Math.round(slower.getAsDouble()) + " rpm",
                    cut.running(job.feedMm(), slower));
        }
        double thicker = BoreReader.usualBar(job.startMm());
        if (thicker > job.barMm() * 1.04 && !job.necked()) {
            offer(finding, "Bar of ", BoreField.BAR_DIAMETER, say.typed(thicker), cut.with(thicker, job.overhangMm()));
        }
        if (job.barMaterial().id().equals("steel") && job.ringHz().isEmpty()) {
            offer(
                    finding,
                    "A bar of ",
                    BoreField.BAR_MATERIAL,
                    "heavy-metal",
                    BoreCut.of(
                            job.withBarMaterial(StockCatalogue.shipped()
                                    .barMaterial("heavy-metal")
                                    .orElseThrow()),
                            s));
        }
        double quiet = surely(cut);
        if (quiet > 0.01 && quiet < job.depthMm()) {
            String less = say.typed(0.8 * quiet);
            finding.mend("Depth " + less, BoreField.DEPTH.id(), less);
        }
    }

    private BoreCut signed(ToolSignature s, double nose, double sideRake, double lead) {
        return BoreCut.of(
                job,
                new ToolSignature(
                        s.backRake(), sideRake, s.endRelief(), s.sideRelief(), s.endCuttingEdge(), lead, nose));
    }

    /** Offers a remedy when it raises the limit, and says to what. */
    private void offer(Finding.Builder finding, String words, BoreField field, String text, BoreCut then) {
        double before = surely(cut);
        double after = surely(then);
        if (after > before * 1.03) {
            finding.mend(
                    words + text.replace('-', ' ') + ": "
                            + (after >= DEEPEST_MM
                                    ? "quiet at any depth"
                                    : say.number(after / before, 1) + " times the depth"),
                    field.id(),
                    text);
        }
    }

    private Finding rule() {
        double ratio = cut.slenderness();
        double rule = job.barMaterial().ruleOfThumb();
        return Finding.at(Station.REACH, "rule-of-thumb")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "It stands out %s times its diameter; the shops' rule for %s is %s.",
                                say.number(ratio, 1),
                                job.barMaterial()
                                        .name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .split(",")[0],
                                say.number(rule, 0)))
                .margin(rule / ratio - 1)
                .step(Working.of("Overhang over diameter", "L / D", number(ratio))
                        .with("L", mm(job.overhangMm()))
                        .with("D", mm(job.overhangMm() / ratio))
                        .told(say))
                .source("Rule of thumb of the trade; the limit above is reckoned for this cut")
                .build();
    }
}
