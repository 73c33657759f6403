package boldwedge.core.boring;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.Stability;
import boldwedge.core.stock.Span;
import boldwedge.core.wedge.ToolSignature;
import java.util.List;
import java.util.OptionalDouble;

/** Whether the bar sings, and what a machinist would try against it, in that order, each with its computed gain. */
final class ChatterFindings {
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
        double limit = Math.min(cut.limitHereMm(), 10);
        double margin = Double.isInfinite(cut.limitHereMm()) ? 3 : limit / job.depthMm() - 1;
        Verdict verdict = margin < 0 ? Verdict.WRONG : margin < 0.5 ? Verdict.DOUBTFUL : Verdict.FINE;
        Span damping = job.barMaterial().damping();
        boolean measured = job.damping().isPresent();
        String words = Double.isInfinite(cut.limitHereMm())
                ? "No depth that this bit can take makes the bar sing at " + say.rpm(cut.rpm()) + "."
                : String.format(
                        "%s at %s it sings from a depth of %s on; you take %s.",
                        margin < 0 ? "It will chatter:" : "No chatter:",
                        say.rpm(cut.rpm()),
                        say.length(limit),
                        say.length(job.depthMm()));
        Finding.Builder finding = Finding.at(Station.REACH, "chatter")
                .says(verdict, words)
                .margin(margin / 2)
                .step(
                        "First mode",
                        "beam by elements, holder and bit with it",
                        (job.ringHz().isPresent() ? "measured " : "") + Written.places(mode.hz(), 0) + " Hz",
                        Written.places(mode.stiffnessNPerMm() / 1000, 2) + " N/µm")
                .step(
                        "Damping",
                        "ratio ζ",
                        measured
                                ? "measured"
                                : "assumed; " + Written.places(damping.low() * 100, 1) + " to "
                                        + Written.places(damping.high() * 100, 1) + " % is usual",
                        Written.places(mode.damping() * 100, 2) + " %")
                .step(
                        "Limit at any speed",
                        "D = 2kζ(1 + ζ)",
                        "",
                        Written.places(mode.absoluteLimit(), 0) + " N/mm, at "
                                + (Double.isInfinite(cut.limitDepthMm()) ? "no depth" : say.length(cut.limitDepthMm())))
                .step(
                        "Limit at " + say.rpm(cut.rpm()),
                        "D = k(r² − 1) / (1 − cos ωT)",
                        Written.places(mode.hz() * 60 / cut.rpm(), 1) + " waves a turn",
                        Written.places(mode.limitAt(cut.rpm()), 0) + " N/mm")
                .step(
                        "This cut",
                        "D = Σ (1 − mc) kc1.1 h^(−mc) Kγ tan(β − γn) cos²φ ds",
                        "depth " + say.length(job.depthMm()) + ", feed " + say.feed(cut.feedMm()),
                        Written.places(cut.directionalNPerMm(), 0) + " N/mm")
                .source(
                        "Regenerative chatter of one mode: Tlusty; Altintas, Manufacturing Automation, ch. 4. Process damping at low speed left out: slow cuts stand a little more")
                .caution("It tells what was reckoned: a mode of the work, a loose gib or a worn spindle is not in it.");
        if (verdict != Verdict.FINE) {
            remedies(finding);
        }
        return finding.build();
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
        OptionalDouble slower = job.lathe().speeds().atOrBelow(cut.rpm() * 0.97);
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
        if (job.barMaterial().id().startsWith("steel")) {
            finding.mend("A bar of heavy metal", BoreField.BAR_MATERIAL.id(), "heavy-metal");
        }
        if (Double.isFinite(cut.limitHereMm()) && cut.limitHereMm() > 0.01) {
            String less = say.typed(0.6 * cut.limitHereMm());
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
        double before = cut.limitHereMm();
        double after = then.limitHereMm();
        if (after > before * 1.03) {
            finding.mend(
                    words + text + ": "
                            + (Double.isInfinite(after) ? "no limit" : "from " + say.length(Math.min(after, 10)))
                            + " on",
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
                                "It stands out %s times its diameter; the shops' rule for %s is %s.",
                                say.number(ratio, 1),
                                job.barMaterial()
                                        .name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .split(",")[0],
                                say.number(rule, 0)))
                .margin(rule / ratio - 1)
                .step(
                        "Overhang over diameter",
                        "L / D",
                        say.length(job.overhangMm()) + " / " + say.length(job.barMm()),
                        say.number(ratio, 2))
                .source("Rule of thumb of the trade; the limit above is reckoned for this cut")
                .build();
    }
}
