package boldwedge.core.boring;

import boldwedge.core.ask.Say;
import boldwedge.core.cutting.Finish;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.holder.HeightFinding;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Written;
import boldwedge.core.proof.Taught;
import boldwedge.core.rigidity.PushOff;
import boldwedge.core.stock.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of size and surface: push-off, taper, bell mouth, finish, speed, smallest cut, power, strength. */
final class BoreSizeFindings {
    private final BoreCut cut;
    private final BoreJob job;
    private final Say say;

    BoreSizeFindings(BoreCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(size());
        findings.add(mouth());
        findings.add(stiffness());
        findings.add(finish());
        findings.add(speed());
        findings.add(smallest());
        findings.add(power());
        findings.add(strength());
        if (job.held() == BarHeld.POST) {
            findings.addAll(HeightFinding.cure(job.heightMm(), job.lathe(), say, BoreField.HEIGHT.id()));
        }
        return findings;
    }

    private Finding size() {
        PushOff push = cut.push();
        double allowed = job.allowedErrorMm();
        double margin = allowed / Math.max(push.largestMm(), 1e-9) - 1;
        // Two spring passes are patience; five tolerances to win back by them is hope.
        boolean hopeless = push.springPasses() > 2 || push.stoppedByRubbing() || margin < -0.8;
        Verdict verdict = margin >= 0.5 ? Verdict.FINE : hopeless ? Verdict.WRONG : Verdict.DOUBTFUL;
        double taper = Math.abs(push.taperMm());
        Finding.Builder finding = Finding.at(Station.REACH, "size")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                "The bar springs away %s: the hole comes out %s small%s.%s",
                                say.length(push.largestMm() / 2),
                                say.length(push.largestMm()),
                                taper > 0.0008
                                        ? ", tapered by " + say.length(taper)
                                                + (push.taperMm() > 0
                                                        ? ", smaller at the bottom"
                                                        : ", smaller at the mouth")
                                        : ", with no taper that could be measured",
                                job.taught().trials() > 0 ? " Your trials are in this number." : ""))
                .margin(margin / 2)
                .step(
                        "Push aside",
                        "Σ kc · h^(1−mc) · ds · tan(β − γn) · cos κ",
                        "depth " + say.length(job.depthMm()) + ", nose "
                                + say.length(cut.signature().noseRadiusMm()),
                        say.force(cut.force().pushN()))
                .step(
                        "Bar",
                        job.held() == BarHeld.CENTRES ? "a²b² / 3EIL" : "Σ [(L−a)³ − (L−b)³] / 3EI + (b − a) / κGA",
                        say.length(job.barMm()) + " of " + job.barMaterial().name() + ", "
                                + say.length(job.held() == BarHeld.CENTRES ? job.spanMm() : job.overhangMm()),
                        micro(cut.stiffness().barMmPerN()))
                .step(
                        "Holder and post",
                        cut.stiffness().measured() ? "measured, less the bar" : holderFrom(),
                        "",
                        micro(cut.stiffness().holderMmPerN()))
                .step(
                        job.held() == BarHeld.POST ? "Work and chuck at the mouth" : "Work on its table or carriage",
                        job.held() == BarHeld.POST ? "a³ / 3EI + 1/k" : "1 / 2k",
                        "",
                        micro(cut.stiffness().workMmPerN()))
                .step(
                        "Left small",
                        "2 · c · F(depth − spring)",
                        "mouth " + say.length(push.stations().getFirst().diameterErrorMm()) + ", bottom "
                                + say.length(push.stations().getLast().diameterErrorMm()),
                        say.length(push.largestMm()))
                .step(
                        "Allowed",
                        "half the tolerance, aimed at its middle",
                        job.tolerance().written(say.units()),
                        say.length(allowed))
                .source("Unit-load method; force: Kienzle with Merchant's friction angle, ± "
                        + say.share(job.work().spread()) + " and more for the push");
        if (job.taught().trials() > 0) {
            Taught taught = job.taught();
            finding.step(
                    "Taught by " + taught.trials() + (taught.trials() == 1 ? " trial" : " trials"),
                    taught.of() == Taught.Of.FORCE ? "cutting force × factor" : "spring × factor",
                    "factor " + say.number(taught.factor(), 2) + ", within " + say.share(Math.expm1(taught.spread()))
                            + " or so",
                    "untaught it would be " + say.length(cut.untaught().push().largestMm()) + " small");
        }
        if (!push.leftMm().isEmpty()) {
            finding.step(
                    "Spring passes at the same setting",
                    "each cuts what the last left",
                    push.springPasses() + (push.springPasses() == 1 ? " pass" : " passes"),
                    "leaves "
                            + String.join(
                                    ", ",
                                    push.leftMm().stream().map(say::length).toList())
                            + (push.stoppedByRubbing() ? "; then it only rubs" : ""));
        }
        if (verdict != Verdict.FINE) {
            mend(finding);
        }
        return finding.build();
    }

    /** What would bring the size nearer, each with what it would then be. */
    private void mend(Finding.Builder finding) {
        if (job.held() != BarHeld.CENTRES && job.overhangMm() > job.holeDepthMm() + 4) {
            double shorter = Math.ceil(job.holeDepthMm() + 2);
            offer(finding, BoreField.OVERHANG, "Clamp it at ", say.typed(shorter), cut.with(job.barMm(), shorter));
        }
        double thicker = BoreReader.usualBar(job.startMm());
        if (thicker > job.barMm() * 1.04 && !job.necked()) {
            offer(finding, BoreField.BAR_DIAMETER, "Bar of ", say.typed(thicker), cut.with(thicker, job.overhangMm()));
        }
        if (cut.signature().noseRadiusMm() > 0.15) {
            String nose = say.typed(Math.max(0.1, Math.rint(cut.signature().noseRadiusMm() * 5) / 10));
            finding.mend("Nose " + nose, BoreField.NOSE_RADIUS.id(), nose);
        }
        if (job.depthMm() > 0.1) {
            String half = say.typed(job.depthMm() / 2);
            finding.mend("Last pass " + half, BoreField.DEPTH.id(), half);
        }
    }

    private void offer(Finding.Builder finding, BoreField field, String words, String text, BoreCut then) {
        if (then.push().largestMm() < 0.97 * cut.push().largestMm()) {
            finding.mend(words + text + ": " + say.length(then.push().largestMm()) + " small", field.id(), text);
        }
    }

    private Finding mouth() {
        double full = cut.push().stations().getFirst().diameterErrorMm();
        return Finding.at(Station.REACH, "bell-mouth")
                .says(
                        full > job.allowedErrorMm() ? Verdict.DOUBTFUL : Verdict.TOLD,
                        full < 0.0005
                                ? "The mouth comes out as the rest."
                                : String.format(
                                        Locale.ROOT,
                                        "The first %s from the mouth come out up to %s larger: the bar is pushed aside only once the whole edge cuts.",
                                        say.length(cut.bellLengthMm()),
                                        say.length(full)))
                .margin(job.allowedErrorMm() / Math.max(full, 1e-9) / 4 - 0.25)
                .step(
                        "Length of edge along the hole",
                        "u(depth) + f",
                        "depth " + say.length(job.depthMm()) + ", feed " + say.feed(cut.feedMm()),
                        say.length(cut.bellLengthMm()))
                .source("The push grows from nothing as the edge enters")
                .build();
    }

    /** Where the stiffness of what holds the bar comes from. */
    private String holderFrom() {
        boolean card = job.held() == BarHeld.CENTRES
                ? job.lathe().chuckStiffness().isPresent()
                        && job.lathe().tailstockStiffness().isPresent()
                : job.lathe().postStiffness().isPresent();
        return card ? "from the lathe's card" : "assumed from the machine's size";
    }

    private Finding stiffness() {
        boolean measured = cut.stiffness().measured();
        double bar = cut.stiffness().barMmPerN();
        double share = bar / cut.stiffness().tool();
        return Finding.at(Station.REACH, "stiffness")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "At the point %s across the axis, %s; %s of the give is the bar's.",
                                Written.full(
                                        Quantity.STIFFNESS, 1 / cut.stiffness().tool(), say.units()),
                                measured ? "measured" : "reckoned, holder " + holderFrom(),
                                say.share(share)))
                .step("Bar alone", "section by section", "", micro(bar))
                .step(
                        "With its holder",
                        "",
                        measured ? "measured" : holderFrom(),
                        micro(cut.stiffness().tool()))
                .step(
                        "A harder bar",
                        "E of every steel is 200 to 210 GPa",
                        "hardness is not in the formula",
                        "no stiffer; it wears less and holds its threads")
                .source(job.barMaterial().source())
                .school(
                        "Harden the bar",
                        "The cross-hole and its screw last; it scratches less",
                        job.barMaterial().id().contains("hard"))
                .school(
                        "Leave it soft",
                        "Stiff all the same, and another hole can be drilled",
                        !job.barMaterial().id().contains("hard"))
                .build();
    }

    private Finding finish() {
        double likely = cut.finish().raMm() * Finish.MEASURED_OVER_THEORY[1];
        double margin = job.raMm() / likely - 1;
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
                        "r " + say.length(cut.edge().noseRadiusMm()),
                        "Rt = " + Written.places(cut.finish().rtMm() * 1000, 2) + " µm")
                .step(
                        "As usually measured",
                        "× 1.4 (1.1 to 2.2)",
                        say.ra(cut.finish().raMm()) + " × 1.4",
                        say.ra(likely))
                .source(
                        "Exact geometry of the marks; surplus after Boothroyd & Knight, Fundamentals of Machining, ch. 5");
        if (margin < 0 && cut.feedChoice().feedMm() < cut.feedMm() * 0.99) {
            finding.mend(
                    "Feed " + say.feed(cut.feedChoice().feedMm()),
                    BoreField.FEED.id(),
                    say.feed(cut.feedChoice().feedMm()));
        }
        return finding.build();
    }

    private Finding speed() {
        Span range = job.work().surfaceSpeed(job.tool());
        double over = cut.surfaceSpeed() / range.high() - 1;
        Verdict verdict = over > 0.15 ? Verdict.WRONG : over > 1e-9 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "speed")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                "%s%s is %s at %s; the range is %s to %s.",
                                over > 1e-9 ? "Too fast: " : "",
                                say.rpm(cut.rpm()),
                                say.surfaceSpeed(cut.surfaceSpeed()),
                                say.length(job.finishedMm()),
                                say.surfaceSpeed(range.low()),
                                say.surfaceSpeed(range.high())))
                .margin(over > 0 ? -over : Math.min(1, -over * 2))
                .step(
                        "The next one down that " + job.lathe().name() + " has",
                        "largest speed ≤ 1000 v / πd",
                        say.rpm(cut.speedChoice().wantedRpm()),
                        say.rpm(cut.speedChoice().rpm()))
                .source(job.work().source());
        if (verdict != Verdict.FINE && Math.abs(cut.speedChoice().rpm() - cut.rpm()) > 0.5) {
            finding.mend(
                    "Run at " + say.rpm(cut.speedChoice().rpm()),
                    BoreField.SPEED.id(),
                    Math.round(cut.speedChoice().rpm()) + " rpm");
        }
        if (job.speedRpm().isPresent() && !job.lathe().speeds().has(cut.rpm())) {
            finding.caution(job.lathe().name() + " has no " + say.rpm(cut.rpm()) + ".");
        }
        return finding.build();
    }

    private Finding smallest() {
        Span least = cut.smallestChipMm();
        double mean = Math.min(cut.force().meanChipMm(), job.depthMm());
        Verdict verdict = mean < least.low() ? Verdict.WRONG : mean < least.high() ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.REACH, "smallest-chip")
                .says(
                        verdict,
                        String.format(
                                Locale.ROOT,
                                "%sthe chip is %s thick on average; this edge shaves down to about %s.",
                                verdict == Verdict.FINE ? "It cuts: " : "It may rub: ",
                                say.length(mean),
                                say.length(least.chosen())))
                .margin((mean / least.high() - 1) / 4)
                .step("Mean chip", "area / engaged edge", "", say.length(mean))
                .source("Boothroyd & Knight ch. 2 (ploughing), edge radii of "
                        + job.tool().name())
                .build();
    }

    private Finding power() {
        double margin = cut.availableWatt() / Math.max(cut.powerWatt(), 1e-9) - 1;
        return Finding.at(Station.REACH, "power")
                .says(
                        Verdict.of(margin, 0.25),
                        String.format(
                                Locale.ROOT,
                                "It takes %s at the edge; %s has %s at the spindle.",
                                say.power(cut.powerWatt()),
                                job.lathe().name(),
                                say.power(cut.availableWatt())))
                .margin(margin)
                .step(
                        "Power",
                        "P = Fc · v",
                        say.force(cut.force().cuttingN()) + " · " + say.surfaceSpeed(cut.surfaceSpeed()),
                        say.power(cut.powerWatt()))
                .source("Definition of power; force by Kienzle, ± "
                        + say.share(job.work().spread()))
                .build();
    }

    private Finding strength() {
        double stress = BoreCut.stressPerNewton(job, cut.bar()) * cut.force().cuttingN();
        double margin = job.barMaterial().yieldMPa() / 3 / Math.max(stress, 1e-9) - 1;
        return Finding.at(Station.REACH, "strength")
                .says(
                        Verdict.of(margin, 0.3),
                        String.format(
                                Locale.ROOT,
                                "The bar goes down %s under the cut and bears %s MPa of its %s.",
                                say.length(cut.dropMm()),
                                say.number(stress, 0),
                                say.number(job.barMaterial().yieldMPa(), 0)))
                .margin(margin)
                .step(
                        "Stress",
                        "F(L − x) · D / 2I, worst section",
                        say.force(cut.force().cuttingN()),
                        say.number(stress, 0) + " MPa")
                .step(
                        "Allowed",
                        "a third of what it bears",
                        job.barMaterial().name(),
                        say.number(job.barMaterial().yieldMPa() / 3, 0) + " MPa")
                .source("Bending of a beam; " + job.barMaterial().source())
                .build();
    }

    private String micro(double mmPerN) {
        return Written.places(mmPerN * 1000, 3) + " µm per N";
    }
}
