package boldwedge.core.turning;

import boldwedge.core.ask.Say;
import boldwedge.core.cutting.CuttingForce;
import boldwedge.core.cutting.Finish;
import boldwedge.core.cutting.SpeedChoice;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.measure.Written;
import boldwedge.core.stock.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** What is said of the cut itself: speed, feed, finish, chip, power and forces. */
final class CuttingFindings {
    private final TurningCut cut;
    private final TurningJob job;
    private final Say say;

    CuttingFindings(TurningCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(speed());
        offLists(findings);
        findings.add(finish());
        findings.add(chipThickness());
        findings.add(power());
        findings.add(forces());
        return findings;
    }

    private Finding speed() {
        Span range = job.work().surfaceSpeed(job.tool());
        SpeedChoice choice = cut.speedChoice();
        double v = cut.surfaceSpeed();
        double over = v / range.high() - 1;
        double under = v / range.low() - 1;
        Verdict verdict = over > 0.15 ? Verdict.WRONG : over > 1e-9 || under < -0.35 ? Verdict.DOUBTFUL : Verdict.FINE;
        String words = String.format(
                Locale.ROOT,
                "%s is %s at %s; the range for %s is %s to %s.",
                say.rpm(cut.rpm()),
                say.surfaceSpeed(v),
                say.length(job.passDiameterMm()),
                job.tool().name().toLowerCase(java.util.Locale.ROOT).replace("hss", "HSS"),
                say.surfaceSpeed(range.low()),
                say.surfaceSpeed(range.high()));
        Finding.Builder finding = Finding.at(Station.REACH, "speed")
                .says(verdict, over > 1e-9 ? "Too fast: " + words : under < -0.35 ? "Slow: " + words : words)
                .margin(over > 0 ? -over : under < 0 ? under / 2 + 0.175 : Math.min(1, -over * 2))
                .step(
                        "Speed a chart asks for",
                        "n = 1000 v / πd",
                        "1000 · " + say.number(range.chosen(), 0) + " m/min / π · "
                                + Written.millimetres(job.passDiameterMm()),
                        say.rpm(choice.wantedRpm()))
                .step(
                        "The next one down that " + job.lathe().name() + " has",
                        "largest speed ≤ n",
                        say.rpm(choice.wantedRpm()),
                        say.rpm(choice.rpm()))
                .step(
                        "Surface speed",
                        "v = πdn / 1000",
                        "π · " + Written.millimetres(job.passDiameterMm()) + " · " + say.rpm(cut.rpm()) + " / 1000",
                        say.surfaceSpeed(v))
                .source(job.work().source() + "; tool life by Taylor, v·Tⁿ = C, n = "
                        + job.tool().taylorExponent());
        if (choice.higherRpm().isPresent() && job.speedRpm().isEmpty()) {
            double higher = choice.higherRpm().getAsDouble();
            finding.step(
                    "The next one up would cost",
                    "life × (v1 / v2)^(1/n)",
                    "(" + say.rpm(choice.rpm()) + " / " + say.rpm(higher) + ")^"
                            + say.number(1 / job.tool().taylorExponent(), 0),
                    say.rpm(higher) + " leaves " + say.share(choice.higherLifeShare()) + " of the edge's life");
        }
        if (verdict != Verdict.FINE && Math.abs(choice.rpm() - cut.rpm()) > 0.5) {
            finding.mend("Run at " + say.rpm(choice.rpm()), TurningField.SPEED.id(), Math.round(choice.rpm()) + " rpm");
        }
        if (over > 1e-9) {
            finding.caution("Blue chips on a high-speed steel bit mean that the tip is being drawn soft.");
        }
        return finding.build();
    }

    /** A typed speed or feed that this lathe does not have. */
    private void offLists(List<Finding> findings) {
        if (job.speedRpm().isPresent() && !job.lathe().speeds().has(cut.rpm())) {
            OptionalDouble lower = job.lathe().speeds().atOrBelow(cut.rpm());
            double offered = lower.orElse(job.lathe().speeds().slowest());
            findings.add(Finding.at(Station.REACH, "speed-not-there")
                    .says(
                            Verdict.WRONG,
                            String.format(
                                    Locale.ROOT,
                                    "%s has no %s; the nearest it has is %s.",
                                    job.lathe().name(),
                                    say.rpm(cut.rpm()),
                                    say.rpm(offered)))
                    .margin(-0.3)
                    .source("The lathe's card")
                    .mend("Run at " + say.rpm(offered), TurningField.SPEED.id(), Written.places(offered, 1) + " rpm")
                    .build());
        }
        List<Double> feeds = job.lathe().feedsMm();
        if (job.feedMm().isPresent()
                && !feeds.isEmpty()
                && feeds.stream().noneMatch(feed -> Math.abs(feed - cut.feedMm()) <= 0.02 * feed)) {
            double nearest = feeds.stream()
                    .min((a, b) -> Double.compare(Math.abs(a - cut.feedMm()), Math.abs(b - cut.feedMm())))
                    .orElseThrow();
            findings.add(Finding.at(Station.REACH, "feed-not-there")
                    .says(
                            Verdict.DOUBTFUL,
                            String.format(
                                    Locale.ROOT,
                                    "%s has no feed of %s; the nearest it has is %s.",
                                    job.lathe().name(),
                                    say.feed(cut.feedMm()),
                                    say.feed(nearest)))
                    .margin(-0.1)
                    .source("The lathe's card")
                    .mend("Feed " + say.feed(nearest), TurningField.FEED.id(), say.feed(nearest))
                    .build());
        }
    }

    private Finding finish() {
        Finish finish = cut.finish();
        double likely = finish.raMm() * Finish.MEASURED_OVER_THEORY[1];
        double margin = job.raMm() / likely - 1;
        boolean fromLathe = job.feedMm().isEmpty();
        Finding.Builder finding = Finding.at(Station.REACH, "finish")
                .says(
                        margin < -0.3 ? Verdict.WRONG : margin < -1e-6 ? Verdict.DOUBTFUL : Verdict.FINE,
                        String.format(
                                Locale.ROOT,
                                "Feed %s with a nose of %s leaves about %s; %s is wanted.",
                                say.feed(cut.feedMm()),
                                say.length(cut.signature().noseRadiusMm()),
                                say.ra(likely),
                                say.ra(job.raMm())))
                .margin(margin)
                .step(
                        "Peak to valley, exact arcs and edges",
                        "where one mark meets the next",
                        "r " + say.length(cut.edge().noseRadiusMm()) + ", κr "
                                + say.angle(cut.edge().leading()) + ", κr' "
                                + say.angle(cut.edge().trailing()),
                        "Rt = " + Written.places(finish.rtMm() * 1000, 2) + " µm")
                .step(
                        "The usual rule",
                        "f² / 8r",
                        say.feed(cut.feedMm()) + "² / 8 · "
                                + say.length(cut.edge().noseRadiusMm()),
                        Double.isFinite(finish.simpleRtMm())
                                ? Written.places(finish.simpleRtMm() * 1000, 2) + " µm, off by "
                                        + say.share(finish.simpleRuleError())
                                : "does not hold for a sharp corner")
                .step("On paper", "mean of |height − mean|", "over one feed", say.ra(finish.raMm()))
                .step("As usually measured", "× 1.4 (1.1 to 2.2)", say.ra(finish.raMm()) + " × 1.4", say.ra(likely))
                .source(
                        "Exact geometry of the marks; surplus after Boothroyd & Knight, Fundamentals of Machining, ch. 5");
        if (margin < 0) {
            if (!fromLathe || cut.feedChoice().fineEnough()) {
                finding.mend(
                        "Feed " + say.feed(cut.feedChoice().feedMm()),
                        TurningField.FEED.id(),
                        say.feed(cut.feedChoice().feedMm()));
            }
            double nose = cut.feedMm() * cut.feedMm() / (31.2 * job.raMm() / Finish.MEASURED_OVER_THEORY[1]);
            if (nose < 2) {
                finding.mend(
                        "Nose " + say.length(Math.ceil(nose * 10) / 10),
                        TurningField.NOSE_RADIUS.id(),
                        say.length(Math.ceil(nose * 10) / 10));
            }
        }
        return finding.build();
    }

    private Finding chipThickness() {
        Span least = cut.smallestChipMm();
        double mean = cut.force().meanChipMm();
        double smaller = Math.min(mean, job.depthMm());
        double margin = smaller / least.high() - 1;
        Verdict verdict = smaller < least.low() ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.REACH, "smallest-chip")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                verdict == Verdict.FINE
                                        ? "The chip is %s thick on average; this edge shaves down to about %s."
                                        : "It may rub rather than cut: the chip is %s thick on average, and this edge shaves down to about %s.",
                                say.length(mean),
                                say.length(least.chosen())))
                .margin(margin / 4)
                .step(
                        "Mean chip",
                        "area / engaged edge",
                        say.number(cut.force().chipAreaMm2(), 4) + " mm² / "
                                + Written.millimetres(cut.force().edgeMm()),
                        say.length(mean))
                .step(
                        "Smallest chip",
                        "share × edge radius",
                        say.number(job.tool().minimumChipShare().chosen(), 2) + " × "
                                + say.length(job.tool().edgeRadiusMm().chosen()),
                        say.length(least.chosen()) + " (" + say.length(least.low()) + " stoned, "
                                + say.length(least.high()) + " worn)")
                .source("Boothroyd & Knight ch. 2 (ploughing), edge radii of "
                        + job.tool().name())
                .build();
    }

    private Finding power() {
        double watts = cut.powerWatt();
        double has = cut.availableWatt();
        double margin = has / Math.max(watts, 1e-9) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power")
                .says(
                        Verdict.of(margin, 0.25),
                        String.format(
                                Locale.ROOT,
                                "It takes %s at the edge; %s has %s at the spindle.",
                                say.power(watts),
                                job.lathe().name(),
                                say.power(has)))
                .margin(margin)
                .step(
                        "Power",
                        "P = Fc · v",
                        say.force(cut.force().cuttingN()) + " · " + say.surfaceSpeed(cut.surfaceSpeed()),
                        say.power(watts))
                .step(
                        "At the spindle",
                        "motor × efficiency",
                        say.power(job.lathe().motorWatt()) + " × "
                                + say.share(job.lathe().efficiency()),
                        say.power(has))
                .source("Definition of power; force by Kienzle, ± "
                        + say.share(job.work().spread()));
        if (margin < 0.25) {
            double depth = Math.max(0.05, job.depthMm() * Math.min(1, (margin + 1) * 0.75));
            finding.mend("Depth " + say.length(depth), TurningField.DEPTH.id(), say.length(depth));
        }
        return finding.build();
    }

    private Finding forces() {
        CuttingForce force = cut.force();
        boolean shallow = job.depthMm() < cut.signature().noseRadiusMm();
        Finding.Builder finding = Finding.at(Station.REACH, "forces")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "Down on the tool %s, against the feed %s, pushing apart %s%s.",
                                say.force(force.cuttingN()),
                                say.force(force.feedN()),
                                say.force(force.pushN()),
                                shallow ? ": the cut is shallower than the nose, so the thrust is mostly push" : ""))
                .step(
                        "Cutting force",
                        "Fc = Σ kc1.1 · h^(1−mc) · Kγ · ds",
                        "kc1.1 " + say.number(job.work().kc11MPa(), 0) + " MPa, mc "
                                + job.work().mc() + ", chip area " + say.number(force.chipAreaMm2(), 4) + " mm²",
                        say.force(force.cuttingN()))
                .step(
                        "Rake correction",
                        "Kγ = 1 − 0.015 per degree over " + say.angle(job.work().referenceRakeRad()),
                        "γn in use " + say.angle(cut.leading().normalRake()),
                        say.number(
                                CuttingForce.rakeFactor(
                                        job.work(), cut.leading().normalRake()),
                                3))
                .step(
                        "Push over cutting force",
                        "tan(β − γn)",
                        "tan("
                                + say.angle(CuttingForce.frictionAngle(
                                        job.work(), cut.leading().normalRake())) + " − "
                                + say.angle(cut.leading().normalRake()) + ")",
                        say.number(
                                CuttingForce.pushRatio(job.work(), cut.leading().normalRake()), 3))
                .source(job.work().source() + "; Merchant's force circle");
        if (cut.force().meanChipMm() < CuttingForce.THIN_CHIP_MM && cut.force().meanChipMm() > 0) {
            finding.step(
                    "How far to trust it",
                    "Kienzle's law is tabled for chips over " + say.length(CuttingForce.THIN_CHIP_MM),
                    "mean chip " + say.length(force.meanChipMm()),
                    "the real force is likely higher");
        }
        return finding.build();
    }
}
