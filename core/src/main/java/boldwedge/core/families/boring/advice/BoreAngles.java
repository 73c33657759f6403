package boldwedge.core.families.boring.advice;

import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.language.finding.Alternative;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.advice.AngleAdvice;
import boldwedge.core.mechanics.advice.AngleAdvice.Advised;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.TypedSignature;
import java.util.List;

/** Angles for a boring bit as it stands in the bar: rakes as outside, clearance by the bore, little lead, a small nose. */
public final class BoreAngles {
    /** A pocket tilted more leaves too little metal under the insert. */
    private static final double MOST_TILT = Math.toRadians(12);

    private static final double DEG = Math.PI / 180;
    private static final String PRACTICE =
            "US Army TC 9-524, ch. 7 (boring tools); the choice within the range is ours, by the reason given";

    private BoreAngles() {}

    public static AngleAdvice advice(BoreJob job, double slenderness) {
        AngleAdvice outside = AngleAdvice.on(
                job.work(),
                job.bit(),
                new AngleAdvice.Circumstances(
                        Operation.TURN,
                        job.raMm() * 1000,
                        slenderness,
                        job.depthMm(),
                        job.lathe().motorWatt(),
                        job.units()));
        if (job.insert().isPresent()) {
            return insert(job, job.insert().get(), slenderness);
        }
        return new AngleAdvice(
                outside.backRake(),
                outside.sideRake(),
                relief(job, outside.endRelief()),
                outside.sideRelief(),
                endEdge(),
                lead(job),
                nose(job, slenderness));
    }

    /** An insert brings its angles; its pocket can be tilted, which gains clearance and costs rake. */
    private static AngleAdvice insert(BoreJob job, Insert insert, double slenderness) {
        double needed = BoreFit.clearanceForHeel(job.flankMm(), job.startMm() / 2, 0) + 2 * DEG;
        double tilt = Math.ceil(Math.clamp(needed - insert.clearanceRad(), 0, MOST_TILT) / DEG - 1e-9) * DEG;
        double lead = insertLead(insert);
        String shape = "Given by the insert's corner of " + Written.degrees(insert.pointRad()) + ".";
        Advised nose = nose(job, slenderness);
        double corner = insert.nearestNose(nose.chosen());
        return new AngleAdvice(
                fixed(insert, insert.rakeRad() - tilt, "The chip groove's rake less the tilt of the pocket."),
                fixed(insert, insert.rakeRad(), "The chip groove's rake."),
                new Advised(
                        new Span(
                                insert.clearanceRad(), insert.clearanceRad() + tilt, insert.clearanceRad() + MOST_TILT),
                        tilt > 0
                                ? "The insert's own clearance and a pocket tilted by " + Written.degrees(tilt)
                                        + ", so that its heel passes the bore."
                                : "The insert's own: the bore is wide enough for it untilted.",
                        insert.source(),
                        List.of()),
                fixed(insert, insert.clearanceRad(), "The insert's own."),
                fixed(insert, trailing(insert, lead), shape),
                new Advised(
                        new Span(insert.pointRad() - 88 * DEG, lead, 15 * DEG),
                        "A little past square, so that the corner alone meets a shoulder.",
                        insert.source(),
                        List.of()),
                new Advised(
                        new Span(
                                insert.nosesMm().getFirst(),
                                corner,
                                insert.nosesMm().getLast()),
                        nose.reason(),
                        insert.source(),
                        nose.schools()));
    }

    /** Lead at which an insert is usually seated: past square by what its corner allows, at most 5°. */
    public static double insertLead(Insert insert) {
        return -Math.min(5 * DEG, Math.max(0, 85 * DEG - insert.pointRad()));
    }

    /** The trailing angle that an insert's corner leaves: 90° + lead − corner. */
    public static double trailing(Insert insert, double lead) {
        return Math.PI / 2 + lead - insert.pointRad();
    }

    private static Advised fixed(Insert insert, double value, String why) {
        return new Advised(new Span(value, value, value), why, insert.source(), List.of());
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
                        new Alternative(
                                "One clearance", "Quick to grind; the edge is thinner the smaller the hole", true),
                        new Alternative(
                                "Two clearances",
                                "A narrow land keeps metal under the edge, a steeper flank below it passes the bore",
                                false)));
    }

    private static Advised endEdge() {
        return new Advised(
                span(5, 12, 25), "The trailing edge must leave the wall as the bar springs.", PRACTICE, List.of());
    }

    private static Advised lead(BoreJob job) {
        List<Alternative> schools = List.of(
                new Alternative(
                        "Square or past it",
                        "The push goes along the bar, where it is stiff; the bottom comes out square",
                        true),
                new Alternative(
                        "A lead", "Enters gently and lasts longer; pushes the bar aside, and it sings sooner", false));
        return job.bottom() == Bottom.BLIND_FACED
                ? new Advised(
                        span(-10, -5, -2), "Past square, so that the point alone faces the bottom.", PRACTICE, schools)
                : new Advised(span(-5, 0, 15), "None: a bar is stiff along itself and weak across.", PRACTICE, schools);
    }

    private static Advised nose(BoreJob job, double slenderness) {
        double chosen = slenderness > 4 ? 0.2 : job.raMm() < 0.0009 ? 0.4 : 0.3;
        chosen = job.units().nose(Math.min(chosen, 0.1 * job.bit().widthMm()));
        return new Advised(
                new Span(0, chosen, Math.max(0.8, chosen)),
                slenderness > 4
                        ? "Small, because the bar is long: a nose deeper than the cut pushes the bar aside."
                        : "Small: it keeps the push low; the feed makes the finish.",
                PRACTICE,
                List.of(
                        new Alternative(
                                "A sharp point",
                                "Least push and least chatter; fine feeds, and it wears into a small radius of its own",
                                chosen < 0.15),
                        new Alternative(
                                "A small radius",
                                "Better finish at the same feed and a longer life; pushes the bar more",
                                chosen >= 0.15)));
    }

    private static Span span(double low, double chosen, double high) {
        return new Span(low * DEG, chosen * DEG, high * DEG);
    }

    /** The advice with what was typed over it, for a job: an insert's trailing angle follows its lead, its rake the tilt of its pocket. */
    public static ToolSignature over(BoreJob job, ToolSignature advised, TypedSignature typed) {
        ToolSignature s = typed.over(advised);
        if (job.insert().isEmpty()) {
            return s;
        }
        Insert insert = job.insert().get();
        double tilt = s.endRelief() - insert.clearanceRad();
        return new ToolSignature(
                typed.backRake().orElse(insert.rakeRad() - tilt),
                s.sideRake(),
                s.endRelief(),
                s.sideRelief(),
                trailing(insert, s.sideCuttingEdge()),
                s.sideCuttingEdge(),
                s.noseRadiusMm());
    }
}
