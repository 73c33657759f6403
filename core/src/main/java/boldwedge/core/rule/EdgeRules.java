package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.Shaving;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.planning.Entry;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is asked of every single-point edge: speed, finish, smallest chip, power, force; and what the machine has. */
public final class EdgeRules {
    /** From this share of the push on, the edge's own part is worth a line. */
    private static final double OWN_SHARE = 0.3;
    /** Stronger than this the edge builds up for sure. */
    private static final double TEARS = 0.7;

    /** Over the range by more than this it will not do; under it by more than the other it is told to be slow. */
    private static final double FAR_OVER = 0.15;

    private static final double FAR_UNDER = -0.35;

    /** Power wanted in hand. */
    private static final double POWER_IN_HAND = 0.25;

    /** A nose for a finish, f² / 31.2 r for Ra (the arc's mean deviation). */
    private static final double RA_OF_AN_ARC = 31.2;

    private static final double LARGEST_NOSE_OFFERED_MM = 2;

    private final EdgeCut cut;
    private final EdgeCut.Situation at;
    private final Fields fields;
    private final UnitFormat say;

    /** The family's fields for what a mend types. */
    public record Fields(Entry speed, Entry feed, Entry depth, Optional<Entry> nose) {}

    public EdgeRules(EdgeCut cut, Fields fields, UnitFormat say) {
        this.cut = cut;
        this.at = cut.at();
        this.fields = fields;
        this.say = say;
    }

    /** The speed against the range for work and tool. */
    public Finding speed() {
        Span range = at.work().surfaceSpeed(at.tool());
        SpeedChoice choice = cut.speedChoice();
        double v = cut.surfaceSpeed();
        double over = v / range.high() - 1;
        double under = v / range.low() - 1;
        Verdict verdict =
                over > FAR_OVER ? Verdict.WRONG : over > 1e-9 || under < FAR_UNDER ? Verdict.DOUBTFUL : Verdict.FINE;
        if (under < FAR_UNDER && cut.rpm() > 0.99 * at.lathe().speeds().fastest()) {
            // The machine has no more: it cuts, only slower than it might.
            verdict = Verdict.TOLD;
        }
        String words = Written.words(
                "%s is %s at %s; the range for %s is %s to %s.",
                say.rpm(cut.rpm()),
                say.surfaceSpeed(v),
                say.length(at.diameterMm()),
                at.tool().name().toLowerCase(Locale.ROOT).replace("hss", "HSS"),
                say.surfaceSpeed(range.low()),
                say.surfaceSpeed(range.high()));
        Amount diameter = mm(at.diameterMm());
        Finding.Builder finding = Finding.at(Station.REACH, "speed", say)
                .says(verdict, over > 1e-9 ? "Too fast: " + words : under < FAR_UNDER ? "Slow: " + words : words)
                .margin(SpeedMargin.of(v, range, FAR_UNDER))
                .step(Working.of("Speed a chart asks for", "n = v / (π · d)", rpm(choice.wantedRpm()))
                        .with("v", metresPerMinute(range.chosen()).fromTable())
                        .with("d", diameter)
                        .meaning("; the next one down that " + at.lathe().name() + " has is " + say.rpm(choice.rpm())))
                .step(Working.of("Surface speed", "v = π · d · n", metresPerMinute(v))
                        .with("d", diameter)
                        .with("n", origin(rpm(cut.rpm()), at.typedRpm())))
                .source(at.work().source() + "; tool life by Taylor, v·Tⁿ = C, n = "
                        + at.tool().taylorExponent());
        if (choice.higherRpm().isPresent() && at.typedRpm().isEmpty()) {
            double higher = choice.higherRpm().getAsDouble();
            finding.step(Working.of("The next one up would cost", "(n1 / n2)^(1 / e)", number(choice.higherLifeShare()))
                    .with("n1", rpm(choice.rpm()))
                    .with("n2", rpm(higher))
                    .with(
                            "e",
                            "Taylor's exponent",
                            number(at.tool().taylorExponent()).fromTable())
                    .meaning(" of the edge's life is left"));
        }
        if (verdict != Verdict.FINE && Math.abs(choice.rpm() - cut.rpm()) > 0.5) {
            finding.mend("Run at " + say.rpm(choice.rpm()), fields.speed(), Math.round(choice.rpm()) + " rpm");
        }
        if (over > 1e-9) {
            double offered = Math.min(cut.rpm(), choice.rpm());
            double then = SpeedChoice.surfaceSpeed(offered, at.diameterMm());
            if (then > range.high()) {
                SlowestSpeed.help(finding, at.lathe(), offered, then, at.work(), at.tool(), say);
            }
            finding.caution("Blue chips on a high-speed steel bit mean that the tip is being drawn soft.");
        }
        return finding.build();
    }

    private static Amount origin(Amount amount, OptionalDouble typed) {
        return typed.isPresent() ? amount.typed() : amount.chosen();
    }

    /** A typed speed or feed that this machine does not have. */
    public List<Finding> offLists() {
        List<Finding> findings = new ArrayList<>();
        Lathe lathe = at.lathe();
        if (at.typedRpm().isPresent() && !lathe.speeds().has(cut.rpm())) {
            double offered =
                    lathe.speeds().atOrBelow(cut.rpm()).orElse(lathe.speeds().slowest());
            findings.add(Finding.at(Station.REACH, "speed-not-there", say)
                    .says(
                            Verdict.WRONG,
                            "%s has no %s; the nearest it has is %s.",
                            lathe.name(),
                            say.rpm(cut.rpm()),
                            say.rpm(offered))
                    .margin(-0.3)
                    .source("The machine's card")
                    .mend("Run at " + say.rpm(offered), fields.speed(), Written.places(offered, 1) + " rpm")
                    .build());
        }
        List<Double> feeds = lathe.feedsMm();
        if (at.typedFeedMm().isPresent()
                && !feeds.isEmpty()
                && feeds.stream()
                        .noneMatch(feed -> say.feed(feed).equals(say.feed(cut.feedMm()))
                                || Math.abs(feed - cut.feedMm()) <= 0.02 * feed)) {
            double nearest = feeds.stream()
                    .min((a, b) -> Double.compare(Math.abs(a - cut.feedMm()), Math.abs(b - cut.feedMm())))
                    .orElseThrow();
            findings.add(Finding.at(Station.REACH, "feed-not-there", say)
                    .says(
                            Verdict.DOUBTFUL,
                            "%s has no feed of %s; the nearest it has is %s.",
                            lathe.name(),
                            say.feed(cut.feedMm()),
                            say.feed(nearest))
                    .margin(-0.1)
                    .source("The machine's card")
                    .mend("Feed " + say.feed(nearest), fields.feed(), say.feed(nearest))
                    .build());
        }
        return findings;
    }

    /** What feed and nose leave, against what is wanted. */
    public Finding finish() {
        return finish(0);
    }

    /**
     * The same of round work outside, where a shear tool could follow.
     *
     * @param workRadiusMm radius of the finished work, mm; 0 where none could
     */
    public Finding finish(double workRadiusMm) {
        if (cut.finish().dragged()) {
            return Finding.at(Station.REACH, "finish", say)
                    .says(
                            Verdict.WRONG,
                            "The trailing edge drags on the finished surface: what finish it leaves cannot be told.")
                    .margin(-1)
                    .source("Geometry of the marks")
                    .build();
        }
        double likely = cut.likelyRaMm();
        boolean tears = cut.buildsUp() > TEARS;
        double margin = at.raMm() / (tears ? cut.tornRaMm() : likely) - 1;
        Amount feed = origin(mmPerRev(cut.feedMm()), at.typedFeedMm());
        Finding.Builder finding = Finding.at(Station.REACH, "finish", say)
                .says(
                        at.raMm() / likely - 1 < -0.3
                                ? Verdict.WRONG
                                : margin < -1e-6 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Feed %s with a nose of %s leaves about %s%s; %s is wanted.",
                        say.feed(cut.feedMm()),
                        say.length(cut.profile().noseRadiusMm()),
                        say.ra(likely),
                        tears
                                ? ", and torn where metal builds up on the edge, as at this speed it does, about "
                                        + say.ra(cut.tornRaMm())
                                : "",
                        say.ra(at.raMm()))
                .margin(margin)
                .step(peak());
        Finish finish = cut.finish();
        if (Double.isFinite(finish.simpleRtMm())) {
            finding.step(Working.of("The usual rule", "f² / (8 · r)", profile(finish.simpleRtMm()))
                    .with("f", feed)
                    .with("r", mm(cut.profile().noseRadiusMm()))
                    .meaning(", off by " + say.share(finish.simpleRuleError())));
        }
        finding.step(Working.of("On paper, over one feed", "Ra = 2 · V / f", ra(finish.raMm()))
                        .with("V", "the mark below its mean line", mm2(finish.valleyMm2()))
                        .with("f", feed))
                .step(Working.of("As usually measured, 1.1 to 2.2 times", "Ra · m", ra(likely))
                        .with("Ra", "on paper", ra(finish.raMm()))
                        .with("m", number(Finish.USUAL_OVER_THEORY).fromTable()))
                .source(
                        "Exact geometry of the marks; surplus after Boothroyd & Knight, Fundamentals of Machining, ch. 5");
        if (margin < 0 && tears) {
            faster().ifPresent(rpm -> finding.mend("Run at " + say.rpm(rpm), fields.speed(), say.rpm(rpm)));
        }
        if (margin < 0) {
            if (cut.feedChoice().feedMm() < cut.feedMm() * 0.99) {
                String finer = say.feed(cut.feedChoice().feedMm());
                finding.mend("Feed " + finer, fields.feed(), finer);
            }
            double nose =
                    Math.ceil(10 * cut.feedMm() * cut.feedMm() / (RA_OF_AN_ARC * at.raMm() / Finish.USUAL_OVER_THEORY))
                            / 10;
            if (nose <= LARGEST_NOSE_OFFERED_MM && nose > cut.profile().noseRadiusMm() * 1.01) {
                fields.nose().ifPresent(field -> finding.mend("Nose " + say.length(nose), field, say.length(nose)));
            }
            Shaving.insteadRaMm(cut, workRadiusMm)
                    .ifPresent(ra -> finding.mend(Fix.opening(
                            "Turn it as it is, then shave it with a shear tool: about " + say.ra(ra)
                                    + " where this leaves " + say.ra(tears ? cut.tornRaMm() : likely),
                            Map.of("operation", "shear", "finishBefore", say.ra(tears ? cut.tornRaMm() : likely)))));
        }
        return finding.build();
    }

    /** The machine's fastest speed within the range, when that is faster than now. */
    private OptionalDouble faster() {
        double high = at.work().surfaceSpeed(at.tool()).high() * 1000 / (Math.PI * at.diameterMm());
        OptionalDouble best = at.lathe().speeds().atOrBelow(high);
        return best.isPresent() && best.getAsDouble() > 1.03 * cut.rpm() ? best : OptionalDouble.empty();
    }

    /** Peak to valley: where the leading side of one mark meets the trailing side of the next. */
    private Working peak() {
        EdgeProfile.Outline edge = cut.profile().outline();
        double ahead = cut.finish().aheadMm();
        Amount peak = profile(cut.finish().rtMm());
        String what = "Peak to valley, where one mark meets the next";
        if (Double.isInfinite(edge.leadSlope()) && cut.finish().rtMm() > edge.leadHeight()) {
            // Up a square leading edge the place says nothing of the height: it is told from the trailing side.
            return Working.of(what, "Rt = h' + (f − u − u') · tan(κ')", peak)
                    .with("f", "feed", mm(cut.feedMm()))
                    .with("u", "ahead of the nose", mm(ahead))
                    .with("u'", "end of the arc behind", mm(edge.trailJoint()))
                    .with("h'", mm(edge.trailHeight()))
                    .with("κ'", rad(Math.atan(edge.trailSlope())));
        }
        if (ahead <= edge.leadJoint()) {
            return Working.of(what, "Rt = r − √(r² − u²)", peak)
                    .with("r", mm(edge.r()))
                    .with("u", "ahead of the nose", mm(ahead));
        }
        return Working.of(what, "Rt = hj + (u − uj) · tan(κ)", peak)
                .with("u", "ahead of the nose", mm(ahead))
                .with("uj", "end of the arc", mm(edge.leadJoint()))
                .with("hj", mm(edge.leadHeight()))
                .with("κ", rad(Math.atan(edge.leadSlope())));
    }

    /** The chip against what the edge can shave. */
    public Finding smallestChip() {
        Span least = cut.smallestChipMm();
        double mean = cut.force().meanChipMm();
        double smaller = Math.min(mean, at.depthMm());
        double margin = smaller / least.high() - 1;
        Verdict verdict = smaller < least.low() ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "smallest-chip", say)
                .says(
                        verdict,
                        verdict == Verdict.FINE
                                ? "The chip is %s thick on average; this edge shaves down to about %s."
                                : "It may rub rather than cut: the chip is %s thick on average, and this edge shaves down to about %s.",
                        say.length(mean),
                        say.length(least.chosen()))
                .margin(margin < 0 ? margin : margin / 4)
                .step(Working.of("Mean chip", "h = A / b", mm(mean))
                        .with("A", "area of the chip", mm2(cut.force().chipAreaMm2()))
                        .with("b", "engaged edge", mm(cut.force().edgeMm())))
                .step(Working.of("Smallest chip", "s · r", mm(least.chosen()))
                        .with(
                                "s",
                                "share of the radius",
                                number(at.tool().minimumChipShare().chosen()).fromTable())
                        .with(
                                "r",
                                "the edge's own",
                                mm(at.tool().edgeRadiusMm().chosen()).assumed())
                        .meaning("; " + say.length(least.low()) + " stoned, " + say.length(least.high()) + " worn"))
                .source("Boothroyd & Knight ch. 2 (ploughing), edge radii of "
                        + at.tool().name());
        if (verdict.isDoubt()) {
            thicker(finding, mean, least.high());
        }
        return finding.build();
    }

    /** A thicker chip: by the feed, as the chip grows with it, and by the depth where that is thinner still. */
    private void thicker(Finding.Builder finding, double meanMm, double wantedMm) {
        if (meanMm < wantedMm) {
            double wanted = 1.05 * cut.feedMm() * wantedMm / meanMm;
            double feed = at.lathe().feedsMm().stream()
                    .filter(has -> has >= wanted)
                    .findFirst()
                    .orElse(wanted);
            finding.mend("Feed " + say.feed(feed), fields.feed(), say.feed(feed));
        }
        if (at.depthMm() < wantedMm) {
            finding.mend("Depth " + say.length(2 * wantedMm), fields.depth(), say.length(2 * wantedMm));
        }
    }

    /** The power that the cut takes against what there is. */
    public Finding power() {
        double watts = cut.powerWatt();
        double has = at.availableWatt();
        double margin = has / Math.max(watts, 1e-9) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power", say)
                .says(
                        Verdict.of(margin, POWER_IN_HAND),
                        "It takes %s at the edge; %s has %s at the spindle.",
                        say.power(watts),
                        at.lathe().name(),
                        say.power(has))
                .margin(margin)
                .step(Working.of("Power", "P = Fc · v", watts(watts))
                        .with("Fc", newtons(cut.force().cuttingN()))
                        .with("v", metresPerMinute(cut.surfaceSpeed())))
                .step(atTheSpindle(at.lathe()))
                .source("Definition of power; force by Kienzle, ± "
                        + say.share(at.work().spread()));
        if (margin < POWER_IN_HAND) {
            double depth = Math.max(0.05, at.depthMm() * Math.min(1, (margin + 1) * 0.75));
            if (depth < at.depthMm() * 0.99) {
                finding.mend("Depth " + say.length(depth), fields.depth(), say.length(depth));
            }
            // The force stays; at fewer turns it takes less power.
            at.lathe()
                    .speeds()
                    .atOrBelow(cut.rpm() * (margin + 1) / (1 + POWER_IN_HAND))
                    .ifPresent(slower -> finding.mend(
                            "Run at " + say.rpm(slower), fields.speed(), Written.places(slower, 1) + " rpm"));
        }
        return finding.build();
    }

    /** How the power at the spindle comes about. */
    public static Working atTheSpindle(Lathe lathe) {
        return Working.of("At the spindle", "M · η", watts(lathe.spindleWatt()))
                .with("M", "the motor's", watts(lathe.motorWatt()).fromCard())
                .with(
                        "η",
                        "what the drive lets through",
                        number(lathe.efficiency()).fromCard());
    }

    /** The forces on the tool. */
    public Finding forces(String after) {
        CuttingForce force = cut.force();
        WorkMaterial work = at.work();
        double factor = CuttingForce.rakeFactor(work, cut.normalRake());
        Amount rake = rad(cut.normalRake());
        Finding.Builder finding = Finding.at(Station.REACH, "forces", say)
                .says(
                        Verdict.TOLD,
                        "Down on the tool %s, against the feed %s, pushing apart %s%s.",
                        say.force(force.cuttingN()),
                        say.force(force.feedN()),
                        say.force(force.pushN()),
                        after)
                .step(kienzle(
                        work,
                        newtons(force.cuttingN()),
                        factor,
                        force.edgeMm(),
                        force.evenChipMm(work, cut.at().press(), factor),
                        cut.at().press()))
                .step(rakeFactor(work, rake, factor))
                .step(pushRatio(work, rake))
                .source(work.source() + "; Merchant's force circle");
        double own = force.pushN()
                - CuttingForce.of(work, cut.profile(), cut.normalRake(), at.depthMm(), cut.feedMm())
                        .pushN();
        if (own > OWN_SHARE * Math.abs(force.pushN())) {
            finding.note(
                    "Of the push " + say.force(own)
                            + " is the edge's own: however light the cut, it stays. A stoned bit has least of it, a honed insert most.");
        }
        if (force.meanChipMm() < CuttingForce.THIN_CHIP_MM && force.meanChipMm() > 0) {
            finding.note("Kienzle's law is tabled for chips over " + say.length(CuttingForce.THIN_CHIP_MM)
                    + "; this one is " + say.length(force.meanChipMm())
                    + " on average, and the real force likely higher.");
        }
        return finding.build();
    }

    /** Kienzle's law over an edge. */
    public static Working kienzle(
            WorkMaterial work, Amount force, double factor, double edgeMm, double chipMm, EdgePress press) {
        boolean pressed = press.alongNPerMm() > 0;
        Working working = Working.of(
                        "Cutting force", "Fc = kc · K · b · h · (h / 1 mm)^(−mc)" + (pressed ? " + e · b" : ""), force)
                .with(
                        "kc",
                        "kc1.1 of " + work.name().toLowerCase(Locale.ROOT),
                        mpa(work.kc11MPa()).fromTable())
                .with("mc", number(work.mc()).fromTable())
                .with("K", "for the rake", number(factor))
                .with("b", "engaged edge", mm(edgeMm))
                .with("h", "chip, evened out over the edge", mm(chipMm));
        return pressed
                ? working.with(
                        "e", "the edge's own", newtonsPerMm(press.alongNPerMm()).fromTable())
                : working;
    }

    /** The rake's share in Kienzle's law. */
    public static Working rakeFactor(WorkMaterial work, Amount rake, double factor) {
        return Working.of("For the rake", "K = min(1.6; max(0.5; 1 − 0.015 · (γ − γ0) / 1°))", number(factor))
                .with("γ", "square to the edge, in use", rake)
                .with("γ0", "of the table", rad(work.referenceRakeRad()).fromTable());
    }

    /** Push over cutting force. */
    public static Working pushRatio(WorkMaterial work, Amount rake) {
        double friction = CuttingForce.frictionAngle(work, rake.value());
        boolean held = friction - rake.value() < -0.5 || friction - rake.value() > 1.2;
        return Working.of(
                        "Push over cutting force",
                        held ? "tan(min(1.2; max(−0.5; β − γ)))" : "tan(β − γ)",
                        number(CuttingForce.pushRatio(work, rake.value())))
                .with("β", "friction on the rake face", rad(friction))
                .with("γ", rake);
    }
}
