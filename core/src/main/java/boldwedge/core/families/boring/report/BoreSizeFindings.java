package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.rule.HardEnough;
import boldwedge.core.rule.HeightFinding;
import boldwedge.core.rule.LatheSprings;
import boldwedge.core.rule.PushedAside;
import boldwedge.core.trial.Calibration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is said of size and surface: push-off, taper, bell mouth, finish, speed, smallest cut, power, strength. */
final class BoreSizeFindings {
    /** A mouth that is larger no further in than this is chamfered anyway, mm. */
    private static final double CHAMFER_MM = 1;

    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    BoreSizeFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(size());
        findings.add(mouth());
        findings.add(stiffness());
        EdgeRules edge = new EdgeRules(
                cut.cutting(),
                new EdgeRules.Fields(
                        SPEED, FEED, DEPTH, job.insert().isPresent() ? Optional.empty() : Optional.of(NOSE_RADIUS)),
                say);
        HardEnough.of(job.bit(), job.work(), BIT, say).ifPresent(findings::add);
        findings.add(edge.finish());
        findings.add(edge.speed());
        findings.addAll(edge.offLists());
        findings.add(edge.smallestChip());
        findings.add(edge.power());
        findings.add(strength());
        if (job.held() == BarHeld.POST) {
            findings.addAll(HeightFinding.cure(job.heightMm(), job.lathe(), say, HEIGHT));
        }
        return findings;
    }

    private Finding size() {
        PushOff push = cut.push();
        double allowed = job.allowedErrorMm();
        double margin = allowed / Math.max(push.remainingMm(), 1e-9) - 1;
        // Two spring passes are patience; five tolerances to win back by them is hope.
        boolean hopeless = push.springPasses() > 2 || push.stoppedByRubbing() || margin < -0.8;
        Verdict verdict = margin >= 0.5 ? Verdict.FINE : margin < 0 && hopeless ? Verdict.WRONG : Verdict.DOUBTFUL;
        double taper = Math.abs(push.taperMm());
        boolean in = push.largestMm() < 0;
        Finding.Builder finding = Finding.at(Station.REACH, "size", say)
                .says(
                        verdict,
                        "The bar %s %s: the hole comes out %s %s%s.%s%s",
                        in ? "is drawn in" : "springs away",
                        say.length(Math.abs(push.largestMm()) / 2),
                        say.length(Math.abs(push.largestMm())),
                        in ? "large" : "small",
                        taper > 0.0008
                                ? ", tapered by " + say.length(taper)
                                        + (push.taperMm() > 0 ? ", smaller at the bottom" : ", smaller at the mouth")
                                : ", with no taper that could be measured",
                        PushedAside.dial("Bore the mouth, measure,", push.evenMm(), say),
                        job.taught().trials() > 0 ? " Your trials are in this number." : "")
                .margin(margin < 0 ? margin : margin / 2)
                .step(PushedAside.push("Push aside", cut.cutting(), cut.thrustN()))
                .step(barWorking("Bar"))
                .step(holderWorking())
                .step(workWorking())
                .step(leftSmall(push))
                .step(PushedAside.remaining(push, "hole"))
                .step(PushedAside.allowed(job.tolerance(), allowed, say))
                .source("Unit-load method; force: Kienzle with Merchant's friction angle, ± "
                        + say.share(job.work().spread()) + " and more for the push");
        if (job.taught().trials() > 0) {
            Calibration taught = job.taught();
            finding.note("Taught by " + taught.trials() + (taught.trials() == 1 ? " trial: " : " trials: ")
                    + (taught.of() == Calibration.Of.FORCE ? "the cutting force" : "the spring") + " is taken times "
                    + say.number(taught.factor(), 2) + ", within " + say.share(Math.expm1(taught.spread()))
                    + " or so; untaught it would be "
                    + say.length(cut.untaught().push().largestMm()) + " small.");
        }
        PushedAside.taughtBesides(job.lessons(), say).forEach(finding::note);
        finding.note(PushedAside.springPasses(push, say));
        Optional<Fix> reamed = verdict == Verdict.FINE ? Optional.empty() : ReamedInstead.of(cut);
        reamed.ifPresent(finding::mend);
        if (verdict != Verdict.FINE) {
            finding.mendsLater(this::mend);
        }
        finding.doesWhen(
                verdict == Verdict.WRONG && job.held() != BarHeld.CENTRES && reamed.isEmpty(),
                job.bottom() == Bottom.THROUGH
                        ? "Bore it on a bar held at both ends, the work on the carriage"
                        : "Bore as deep as the bar will, and ream the rest");
        return finding.build();
    }

    /** What would bring the size nearer, each with what it would then be. */
    private void mend(Finding.Builder finding) {
        if (job.held() != BarHeld.CENTRES && job.overhangMm() > job.holeDepthMm() + 4) {
            double shorter = Math.ceil(job.holeDepthMm() + 2);
            offer(finding, OVERHANG, "Clamp it at ", say.typed(shorter), cut.with(job.barMm(), shorter));
        }
        double thicker = BoreReader.usualBar(job.startMm());
        if (thicker > job.barMm() * 1.04 && !job.necked()) {
            offer(finding, BAR_DIAMETER, "Bar of ", say.typed(thicker), cut.with(thicker, job.overhangMm()));
        }
        double finer = say.units().nose(cut.signature().noseRadiusMm() / 2);
        if (finer < 0.9 * cut.signature().noseRadiusMm()) {
            String nose = say.length(finer);
            finding.mend("Nose " + nose, NOSE_RADIUS, nose);
        }
        if (job.depthMm() > 0.1) {
            String half = say.typed(job.depthMm() / 2);
            finding.mend("Last pass " + half, DEPTH, half);
        }
    }

    private void offer(Finding.Builder finding, BoreField field, String words, String text, BoreCut then) {
        if (then.push().remainingMm() < 0.97 * cut.push().remainingMm()) {
            finding.mend(
                    words + text + ": within " + say.length(then.push().remainingMm()) + " once dialled in",
                    field,
                    text);
        }
    }

    private Finding mouth() {
        double full = cut.push().stations().getFirst().diameterErrorMm();
        return Finding.at(Station.REACH, "bell-mouth", say)
                .says(
                        full > job.allowedErrorMm() && cut.bellLengthMm() > CHAMFER_MM
                                ? Verdict.DOUBTFUL
                                : Verdict.TOLD,
                        full < 0.0005
                                ? "The mouth comes out as the rest."
                                : Written.words(
                                        "The first %s from the mouth come out up to %s larger: the bar is pushed aside only once the whole edge cuts.%s",
                                        say.length(cut.bellLengthMm()),
                                        say.length(full),
                                        cut.bellLengthMm() > CHAMFER_MM ? "" : " A chamfer takes that off."))
                .margin(job.allowedErrorMm() / Math.max(full, 1e-9) / 4 - 0.25)
                .step(Working.of("Length of edge along the hole", "u + f", mm(cut.bellLengthMm()))
                        .with(
                                "u",
                                "reach of the edge at the depth of cut",
                                mm(cut.bellLengthMm() - cut.cutting().feedMm()))
                        .with("f", mmPerRev(cut.cutting().feedMm())))
                .source("The push grows from nothing as the edge enters")
                .build();
    }

    /** Where the stiffness of what holds the bar comes from: the machine's card, or nobody said it. */
    private String holderFrom() {
        boolean card = job.held() == BarHeld.CENTRES
                ? job.lathe().chuckStiffness().isPresent()
                        && job.lathe().tailstockStiffness().isPresent()
                : job.lathe().postStiffness().isPresent();
        return card ? "from the lathe's card" : "";
    }

    private Finding stiffness() {
        boolean measured = cut.stiffness().measured();
        double bar = cut.stiffness().barMmPerN();
        double share = bar / cut.stiffness().tool();
        return Finding.at(Station.REACH, "stiffness", say)
                .says(
                        Verdict.TOLD,
                        "At the point %s across the axis, %s; %s of the give is the bar's.",
                        Written.full(Quantity.STIFFNESS, 1 / cut.stiffness().tool(), say.units()),
                        measured
                                ? "measured"
                                : "reckoned, holder "
                                        + (holderFrom().isEmpty() ? "assumed from the machine's size" : holderFrom()),
                        say.share(share))
                .step(barWorking("Bar alone"))
                .step(Working.of(
                                "With its holder",
                                "δ + h",
                                mmPerNewton(cut.stiffness().tool()))
                        .with("δ", "the bar", mmPerNewton(bar))
                        .with("h", "holder and post", holderGive()))
                .note("A harder bar is no stiffer: E of every steel is " + say.stress(200_000) + " to "
                        + say.stress(210_000)
                        + ", and hardness is not in the formula. It wears less and holds its threads.")
                .source(job.barMaterial().source())
                .school(
                        "Harden the bar",
                        "The cross-hole and its screw last; it scratches less",
                        job.barMaterial().hard())
                .school(
                        "Leave it soft",
                        "Stiff all the same, and another hole can be drilled",
                        !job.barMaterial().hard())
                .build();
    }

    private Finding strength() {
        double stress = job.held().stressPerNewton(job, cut.bar())
                * cut.cutting().force().cuttingN();
        double margin = job.barMaterial().yieldMPa() / 3 / Math.max(stress, 1e-9) - 1;
        return Finding.at(Station.REACH, "strength", say)
                .says(
                        Verdict.of(margin, 0.3),
                        "The bar goes down %s under the cut and bears %s of its %s.",
                        say.length(cut.dropMm()),
                        say.stress(stress),
                        say.stress(job.barMaterial().yieldMPa()))
                .margin(margin)
                .step(stressWorking(stress))
                .step(Working.of(
                                "Allowed, a third of what it bears",
                                "y / 3",
                                mpa(job.barMaterial().yieldMPa() / 3))
                        .with(
                                "y",
                                job.barMaterial().name(),
                                mpa(job.barMaterial().yieldMPa()).fromTable()))
                .source("Bending of a beam; " + job.barMaterial().source())
                .doesWhen(margin < 0, "Drill it larger first: a stouter bar goes in")
                .build();
    }

    /** The give of the bar itself: as a beam on two centres, or section by section out of its clamp. */
    private Working barWorking(String what) {
        Amount give = mmPerNewton(cut.stiffness().barMmPerN());
        if (job.held() == BarHeld.CENTRES && !cut.stiffness().measured()) {
            return Working.of(what, "a² · b² / (3 · E · π · d⁴ / 64 · (a + b))", give)
                    .with("a", "from the headstock", mm(job.cutterAtMm()))
                    .with("b", "to the tailstock", mm(job.spanMm() - job.cutterAtMm()))
                    .with("E", mpa(job.barMaterial().modulusMPa()).fromTable())
                    .with("d", mm(job.barMm()));
        }
        List<Double> gives = cut.bar().gives();
        List<BarSection> sections = cut.bar().sections();
        StringBuilder sum = new StringBuilder();
        for (int i = 1; i <= gives.size(); i++) {
            sum.append(i == 1 ? "" : " + ").append("δ").append(i);
        }
        // A bar that was measured stiffer than it is reckoned gives no more than was measured.
        boolean held = cut.stiffness().measured() && cut.bar().barCompliance() > give.value();
        Working working =
                Working.of(what + ", bent and sheared", held ? "min(1 / k; " + sum + ")" : sum.toString(), give);
        for (int i = 1; i <= gives.size(); i++) {
            BarSection section = sections.get(i - 1);
            working = working.with(
                    "δ" + i,
                    say.length(section.lengthMm()) + " of " + say.length(section.outerMm())
                            + (section.boreMm() > 0 ? " bored " + say.length(section.boreMm()) : "")
                            + (section.crossHoleMm() > 0 ? " with the bit's hole" : ""),
                    mmPerNewton(gives.get(i - 1)));
        }
        return held ? working.with("k", measuredStiffness()) : working;
    }

    private Amount measuredStiffness() {
        return newtonsPerMm(job.measuredNPerMm().orElseThrow()).measured();
    }

    /** The give of what holds the bar, with where it comes from. */
    private Amount holderGive() {
        Amount give = mmPerNewton(cut.stiffness().holderMmPerN());
        return cut.stiffness().measured() ? give.measured() : holderFrom().isEmpty() ? give.assumed() : give.fromCard();
    }

    private Working holderWorking() {
        Amount give = mmPerNewton(cut.stiffness().holderMmPerN());
        if (cut.stiffness().measured()) {
            return Working.of("Holder and post: what was measured less the bar", "1 / k − δ", give)
                    .with("k", measuredStiffness())
                    .with("δ", mmPerNewton(cut.stiffness().barMmPerN()));
        }
        if (job.held() == BarHeld.CENTRES) {
            return Working.of("Both centres", "(1 − q)² / kh + q² / kt", give)
                    .with("q", "cutter's place between them", number(job.cutterAtMm() / job.spanMm()))
                    .with("kh", "headstock", LatheSprings.chuck(job.lathe()))
                    .with("kt", "tailstock", LatheSprings.tailstock(job.lathe()));
        }
        return Working.of("Holder and post, moving and turning", "1 / k + L² / (k · g²)", give)
                .with("k", spring(job.lathe().postStiffness(), BoreCut.holder(job)))
                .with("L", "clamp to point", mm(cut.bar().lengthMm()))
                .with("g", "grip", mm(BoreJob.GRIP * job.barMm()).assumed());
    }

    private static Amount spring(OptionalDouble onCard, double nPerMm) {
        return onCard.isPresent()
                ? newtonsPerMm(nPerMm).fromCard()
                : newtonsPerMm(nPerMm).assumed();
    }

    private Working workWorking() {
        Amount give = mmPerNewton(cut.stiffness().workMmPerN());
        if (job.held() != BarHeld.POST) {
            return Working.of("Work on its table or carriage", "1 / (2 · k)", give)
                    .with("k", spring(job.lathe().postStiffness(), BoreCut.holder(job)));
        }
        return Working.of("Work and chuck at the mouth", "a³ / (3 · E · π / 64 · (D⁴ − d⁴)) + 1 / k + a² / kφ", give)
                .with("a", "out of the chuck", mm(job.stickOutMm()))
                .with("E", mpa(job.work().modulusMPa()).fromTable())
                .with("D", "outside", mm(job.outsideMm()))
                .with("d", "bored", mm(job.finishedMm()))
                .with("k", "chuck", LatheSprings.chuck(job.lathe()))
                .with("kφ", "chuck against turning", LatheSprings.chuckTilt(job.lathe()));
    }

    private Working leftSmall(PushOff push) {
        double fromMouth = push.stations().stream()
                .max(Comparator.comparingDouble(at -> Math.abs(at.apartMm())))
                .map(PushOff.At::fromChuckMm)
                .orElse(0.0);
        double give = job.taught().spring() * (cut.stiffness().tool() + BoreCut.workGive(job, fromMouth));
        return Working.of(
                        "Left small (below 0 large), mouth "
                                + say.length(push.stations().getFirst().diameterErrorMm()) + ", bottom "
                                + say.length(push.stations().getLast().diameterErrorMm()),
                        "2 · c · F",
                        mm(push.largestMm()))
                .with("c", "all that gives", mmPerNewton(give))
                .with("F", "the push, at the depth left when it has sprung", newtons(push.largestMm() / 2 / give));
    }

    private Working stressWorking(double stress) {
        Amount force = newtons(cut.cutting().force().cuttingN());
        if (job.held() == BarHeld.CENTRES) {
            return Working.of("Stress at the cutter", "F · a · b / (a + b) · 32 / (π · d³)", mpa(stress))
                    .with("F", force)
                    .with("a", mm(job.cutterAtMm()))
                    .with("b", mm(job.spanMm() - job.cutterAtMm()))
                    .with("d", mm(job.barMm()));
        }
        Bar.Root root = cut.bar().root();
        return Working.of("Stress where it is worst", "F · L · D / (2 · I)", mpa(stress))
                .with("F", force)
                .with("L", "from the point", mm(root.leverMm()))
                .with("D", mm(root.outerMm()))
                .with("I", mm4(root.momentMm4()));
    }
}
