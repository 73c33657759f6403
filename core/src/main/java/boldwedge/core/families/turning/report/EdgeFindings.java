package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.turning.entry.TurningField;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.advice.AngleAdvice.Advised;
import boldwedge.core.mechanics.wedge.EdgeAngles;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is said of the wedge itself: its angles against the handbook, and how much metal is left behind the edge. */
final class EdgeFindings {
    /** A wedge keener than the handbook's keenest by this share is doubtful. */
    private static final double KEEN = 0.03;
    /** High-speed steel with this much less rake than the range's least ploughs rather than cuts, radians; ours. */
    private static final double FAR_TOO_LITTLE = Math.toRadians(12);
    /** Under this a flank is about to rub, radians. */
    private static final double LEAST_CLEARANCE = Math.toRadians(2.5);

    private final TurningCut cut;
    private final UnitFormat say;

    EdgeFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        angle(findings, BACK_RAKE, cut.advice().backRake(), cut.signature().backRake());
        angle(findings, SIDE_RAKE, cut.advice().sideRake(), cut.signature().sideRake());
        angle(findings, END_RELIEF, cut.advice().endRelief(), cut.signature().endRelief());
        angle(findings, SIDE_RELIEF, cut.advice().sideRelief(), cut.signature().sideRelief());
        angle(findings, END_EDGE, cut.advice().endEdge(), cut.signature().endCuttingEdge());
        angle(findings, SIDE_EDGE, cut.advice().sideEdge(), cut.signature().sideCuttingEdge());
        if (findings.isEmpty()) {
            findings.add(Finding.at(Station.EDGE, "angles-in-range", say)
                    .says(
                            Verdict.FINE,
                            "All six angles lie in the handbook's range for "
                                    + cut.job().work().name() + ".")
                    .margin(1)
                    .source(cut.advice().backRake().source())
                    .note("Back rake, side rake, end relief, side relief, end edge, lead, nose: " + signature() + ".")
                    .build());
        }
        findings.add(wedge());
        findings.add(hollow());
        findings.add(builtUp());
        return findings;
    }

    /** The seven numbers in their customary order. */
    private String signature() {
        ToolSignature s = cut.signature();
        return Stream.of(
                                s.backRake(),
                                s.sideRake(),
                                s.endRelief(),
                                s.sideRelief(),
                                s.endCuttingEdge(),
                                s.sideCuttingEdge())
                        .map(say::angle)
                        .collect(Collectors.joining(", "))
                + ", " + say.length(s.noseRadiusMm());
    }

    private void angle(List<Finding> findings, TurningField field, Advised advised, double value) {
        if (advised.span().holds(value)) {
            return;
        }
        boolean low = value < advised.span().low();
        double limit = low ? advised.span().low() : advised.span().high();
        double width = Math.max(
                Math.toRadians(2), advised.span().high() - advised.span().low());
        String words = Written.words(
                "%s of %s is %s the handbook's %s to %s.",
                field.label(),
                say.angle(value),
                low ? "below" : "above",
                say.angle(advised.span().low()),
                say.angle(advised.span().high()));
        boolean drawsIn = cut.job().work().angleGroup().startsWith("brass")
                && !low
                && field.id().endsWith("Rake");
        boolean ploughs = low
                && field.id().endsWith("Rake")
                && limit - value > FAR_TOO_LITTLE
                && cut.job().tool().family() == ToolMaterial.Family.HSS;
        // The range is a habit; what is computed of the angle is what counts.
        Finding.Builder finding = Finding.at(Station.EDGE, "angle-" + field.id(), say)
                .says(computedHolds() && !drawsIn && !ploughs ? Verdict.TOLD : Verdict.DOUBTFUL, words)
                .margin(-Math.abs(value - limit) / width)
                .step(Working.of("Distance outside the range", "|a − l|", rad(Math.abs(value - limit)))
                        .with("a", rad(value))
                        .with("l", "the range's end", rad(limit).fromTable()))
                .source(advised.source())
                .mend("Use " + say.angle(advised.chosen()), field, Written.degrees(advised.chosen()));
        advised.schools().forEach(school -> finding.school(school.name(), school.reason(), school.inForce()));
        if (ploughs) {
            finding.note("With so little rake the edge ploughs: more push, more heat, a torn surface.");
        }
        if (drawsIn) {
            finding.caution("Rake on brass can draw the tool into the work and throw it out of the chuck.");
        }
        findings.add(finding.build());
    }

    /** Whether wedge and clearances in use, which are what the ranges are for, are as they should be. */
    private boolean computedHolds() {
        ToolSignature use = cut.wedge().signature(cut.used());
        return wedgeMargin() > -KEEN
                && Math.min(use.endRelief(), use.sideRelief()) > LEAST_CLEARANCE
                && cut.wedge().leastNoseClearance(cut.used()) > LEAST_CLEARANCE;
    }

    private double wedgeMargin() {
        return cut.wedge().sideAngles(Frame.IN_HAND).normalWedge() / keenest() - 1;
    }

    private double keenest() {
        return Math.PI / 2
                - cut.advice().sideRelief().span().high()
                - Math.hypot(
                        Math.max(0, cut.advice().sideRake().span().high()),
                        Math.max(0, cut.advice().backRake().span().high()) * 0.3);
    }

    private Finding wedge() {
        EdgeAngles hand = cut.wedge().sideAngles(Frame.IN_HAND);
        double wedge = hand.normalWedge();
        double keenest = keenest();
        double margin = wedgeMargin();
        Verdict verdict = margin < -0.12 ? Verdict.WRONG : margin < -KEEN ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "wedge", say)
                .says(
                        verdict,
                        "The wedge behind the side edge is %s; the keenest the handbook's angles give is about %s.",
                        say.angle(wedge),
                        say.angle(keenest))
                .margin(margin * 4)
                .step(Working.of("Rake square to the edge", "γn = atan(tan(γo) · cos(λs))", rad(hand.normalRake()))
                        .with("γo", rad(hand.orthogonalRake()))
                        .with("λs", rad(hand.inclination())))
                .step(Working.of("Wedge angle", "βn = 90° − αn − γn", rad(wedge))
                        .with("αn", rad(hand.normalClearance()))
                        .with("γn", rad(hand.normalRake())))
                .source("ISO 3002-1:1982, tool angles; ISO 3002-2:1982, conversion; "
                        + cut.advice().sideRake().source());
        if (verdict == Verdict.FINE) {
            return finding.build();
        }
        // What is outside its range is what made it keen.
        boolean raked =
                cut.signature().sideRake() > cut.advice().sideRake().span().high();
        if (raked) {
            lessRake(finding);
        }
        double relief = cut.advice().sideRelief().span().low();
        finding.mendUnless(
                hand(SIDE_RELIEF, relief),
                "Less side relief: " + say.angle(relief),
                SIDE_RELIEF,
                Written.degrees(relief));
        if (!raked) {
            lessRake(finding);
        }
        return finding.build();
    }

    private void lessRake(Finding.Builder finding) {
        double rake = cut.advice().sideRake().chosen();
        finding.mendUnless(
                hand(SIDE_RAKE, rake), "Less side rake: " + say.angle(rake), SIDE_RAKE, Written.degrees(rake));
    }

    /** Whether an angle is this already, or less: less of it would then change nothing. */
    private boolean hand(TurningField field, double wanted) {
        double now = field == SIDE_RAKE
                ? cut.signature().sideRake()
                : cut.signature().sideRelief();
        return now <= wanted + Math.toRadians(0.05);
    }

    private Finding hollow() {
        var pass = cut.grinding().passes().stream()
                .filter(p -> p.surface() == boldwedge.core.mechanics.wedge.Surface.SIDE_FLANK)
                .findFirst()
                .orElseThrow();
        double lean = pass.hollow().leanAtEdge();
        double wedge = cut.wedge().sideAngles(Frame.IN_HAND).normalWedge() - lean;
        Finding.Builder finding = Finding.at(Station.EDGE, "hollow", say)
                .school("Flat grind", "The whole wedge stands behind the edge; the stone touches all of it", lean == 0)
                .school("Hollow grind", "Only the edge and the heel need the stone; touched up in seconds", lean > 0)
                .source("Geometry of a circular arc: sag = R − √(R² − w²/4), lean = asin(w / 2R)");
        if (lean == 0) {
            return finding.says(Verdict.TOLD, "Ground on the flat of a cup wheel: the flanks come out flat.")
                    .build();
        }
        double r = pass.hollow().wheelRadiusMm();
        double w = pass.hollow().heightMm();
        return finding.says(
                        Math.toDegrees(lean) > 6 ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "The wheel hollows the side flank by %s: at the very edge the clearance is %s, not %s.",
                        say.length(pass.hollow().sagMm()),
                        say.angle(pass.atEdgeRad()),
                        say.angle(pass.clearanceRad()))
                .margin(1 - Math.toDegrees(lean) / 6)
                .step(Working.of(
                                "Depth of the hollow",
                                "R − √(R² − w² / 4)",
                                mm(pass.hollow().sagMm()))
                        .with("R", "of the wheel", mm(r))
                        .with("w", "height of the flank", mm(w)))
                .step(Working.of("Lean at the edge", "asin(w / (2 · R))", rad(lean))
                        .with("w", mm(w))
                        .with("R", mm(r)))
                .step(Working.of("Wedge left at the edge", "βn − l", rad(wedge))
                        .with("βn", rad(wedge + lean))
                        .with("l", "the lean", rad(lean)))
                .mend("Grind on a cup wheel", WHEEL_FACE, "cup")
                .build();
    }

    private Finding builtUp() {
        return Finding.at(Station.EDGE, "chip", say)
                .says(
                        Verdict.TOLD,
                        "Chip to expect: " + lowerFirst(cut.job().work().chip()) + ".")
                .note("Built-up edge: " + cut.job().work().builtUpEdge() + ".")
                .note(cut.job().tool().name() + ": " + cut.job().tool().failure() + ".")
                .source(cut.job().work().source())
                .build();
    }

    private static String lowerFirst(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
