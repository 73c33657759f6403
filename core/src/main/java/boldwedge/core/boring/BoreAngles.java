package boldwedge.core.boring;

import boldwedge.core.finding.School;
import boldwedge.core.hole.BoreFit;
import boldwedge.core.stock.Span;
import boldwedge.core.wedge.AngleAdvice;
import boldwedge.core.wedge.AngleAdvice.Advised;
import boldwedge.core.wedge.Operation;
import boldwedge.core.wedge.ToolSignature;
import java.util.List;

/** Angles for a boring bit as it stands in the bar: rakes as outside, clearance by the bore, little lead, a small nose. */
final class BoreAngles {
    private static final double DEG = Math.PI / 180;
    private static final String PRACTICE =
            "US Army TC 9-524, ch. 7 (boring tools); the choice within the range is ours, by the reason given";

    private BoreAngles() {}

    static AngleAdvice advice(BoreJob job, double slenderness) {
        AngleAdvice outside = AngleAdvice.on(
                job.work(),
                job.bit(),
                new AngleAdvice.Circumstances(
                        Operation.TURN,
                        job.raMm() * 1000,
                        slenderness,
                        job.depthMm(),
                        job.lathe().motorWatt()));
        return new AngleAdvice(
                outside.backRake(),
                outside.sideRake(),
                relief(job, outside.endRelief()),
                outside.sideRelief(),
                endEdge(),
                lead(job),
                nose(job, slenderness));
    }

    /** The clearance that lets the heel pass the starting hole, if that is more than outside work would take. */
    private static Advised relief(BoreJob job, Advised outside) {
        double needed = BoreFit.clearanceForHeel(job.flankMm(), job.startMm() / 2, 0) + 2 * DEG;
        double usual = outside.span().chosen();
        double chosen = Math.ceil(Math.max(usual, Math.min(needed, 30 * DEG)) / DEG * 2 - 1e-9) / 2 * DEG;
        boolean byBore = needed > usual;
        return new Advised(
                new Span(
                        Math.min(outside.span().low(), chosen),
                        chosen,
                        Math.max(outside.span().high(), chosen + 4 * DEG)),
                byBore
                        ? "The bore curves round under the point: the heel of a flank this deep clears it from ½ asin(a/R) on, and two degrees over."
                        : "The bore is wide enough that outside work's clearance does.",
                PRACTICE + "; circle geometry",
                List.of(
                        new School("One clearance", "Quick to grind; the edge is thinner the smaller the hole", true),
                        new School(
                                "Two clearances",
                                "A narrow land keeps metal under the edge, a steeper flank below it passes the bore",
                                false)));
    }

    private static Advised endEdge() {
        return new Advised(
                span(5, 12, 25), "The trailing edge must leave the wall as the bar springs.", PRACTICE, List.of());
    }

    private static Advised lead(BoreJob job) {
        List<School> schools = List.of(
                new School(
                        "Square or past it",
                        "The push goes along the bar, where it is stiff; the bottom comes out square",
                        true),
                new School(
                        "A lead", "Enters gently and lasts longer; pushes the bar aside, and it sings sooner", false));
        return job.bottom() == Bottom.BLIND_FACED
                ? new Advised(
                        span(-10, -5, -2), "Past square, so that the point alone faces the bottom.", PRACTICE, schools)
                : new Advised(span(-5, 0, 15), "None: a bar is stiff along itself and weak across.", PRACTICE, schools);
    }

    private static Advised nose(BoreJob job, double slenderness) {
        double chosen = slenderness > 4 ? 0.2 : job.raMm() < 0.0009 ? 0.4 : 0.3;
        chosen = Math.min(chosen, 0.1 * job.bit().widthMm());
        return new Advised(
                new Span(0, chosen, Math.max(0.8, chosen)),
                slenderness > 4
                        ? "Small, because the bar is long: a nose deeper than the cut pushes the bar aside."
                        : "Small: it keeps the push low; the feed makes the finish.",
                PRACTICE,
                List.of(
                        new School(
                                "A sharp point",
                                "Least push and least chatter; fine feeds, and it wears into a small radius of its own",
                                chosen < 0.15),
                        new School(
                                "A small radius",
                                "Better finish at the same feed and a longer life; pushes the bar more",
                                chosen >= 0.15)));
    }

    private static Span span(double low, double chosen, double high) {
        return new Span(low * DEG, chosen * DEG, high * DEG);
    }

    static ToolSignature over(ToolSignature advised, ToolSignature typed) {
        return new ToolSignature(
                either(typed.backRake(), advised.backRake()),
                either(typed.sideRake(), advised.sideRake()),
                either(typed.endRelief(), advised.endRelief()),
                either(typed.sideRelief(), advised.sideRelief()),
                either(typed.endCuttingEdge(), advised.endCuttingEdge()),
                either(typed.sideCuttingEdge(), advised.sideCuttingEdge()),
                either(typed.noseRadiusMm(), advised.noseRadiusMm()));
    }

    private static double either(double typed, double advised) {
        return Double.isNaN(typed) ? advised : typed;
    }
}
