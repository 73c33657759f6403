package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.rule.HeightFinding;
import boldwedge.core.rule.HeldWorkings;
import boldwedge.core.rule.PushedAside;
import boldwedge.core.trial.Calibration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is said of tool and work as springs and of their fit on the lathe: size, overhang, shank, swing. */
final class SpringFindings {
    /** What is left for file and cloth, mm (habit). */
    private static final double FILED_MM = 0.02;

    /** Nobody files more than this out of a piece that is to be round, mm either way (ours). */
    private static final double MOST_FILED_MM = 0.03;
    /** From stock so many times as thick as the work, work that is not turned yet holds what is (ours: it is five times as stiff). */
    private static final double THICK = 1.5;

    /** More than this over centre is no hair, mm. */
    private static final double HAIR_MM = 0.25;
    /** Work that stands out more than this many diameters gets its centre before anything else is tried. */
    private static final double CENTRED_FROM = 6;
    /** And work on a centre that is longer than this many diameters a steady (habit: from ten or twelve on). */
    private static final double STEADIED_FROM = 10;

    private static final double STEEL_YIELD_SHARE_MPA = 400;

    private final TurningCut cut;
    private final TurningJob job;
    private final UnitFormat say;

    SpringFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(size());
        findings.add(overhang());
        shank(findings);
        if (job.diameterMm() > job.lathe().swingMm()) {
            findings.add(Finding.at(Station.REACH, "swing", say)
                    .says(
                            Verdict.WRONG,
                            "%s does not swing over the bed of %s, which takes %s.",
                            say.length(job.diameterMm()),
                            job.lathe().name(),
                            say.length(job.lathe().swingMm()))
                    .margin(job.lathe().swingMm() / job.diameterMm() - 1)
                    .source("The lathe's card")
                    .build());
        }
        return findings;
    }

    private Finding size() {
        PushOff push = cut.pushOff();
        double allowed = job.allowedErrorMm();
        if (job.operation() == Operation.FACE) {
            return Finding.at(Station.REACH, "push-off", say)
                    .says(
                            Verdict.TOLD,
                            "Facing pushes along the axis: the work does not bend; tool and spindle give "
                                    + say.length(push.largestMm() / 2) + ".")
                    .source("Springs of spindle and post, " + stiffnessWords())
                    .build();
        }
        double margin = allowed / Math.max(push.remainingMm(), 1e-9) - 1;
        Verdict verdict = sizeVerdict(push, margin);
        double end = push.stations().getLast().diameterErrorMm();
        double start = push.stations().getFirst().diameterErrorMm();
        String where = job.hold() == Hold.CHUCK ? "at the free end" : "where it is largest";
        boolean in = push.largestMm() < 0;
        String words = Written.words(
                "%s %s %s: the work comes out %s %s there%s.%s",
                in ? "Drawn in" : "Pushed off",
                say.length(Math.abs(push.largestMm()) / 2),
                where,
                say.length(Math.abs(push.largestMm())),
                in ? "small" : "large",
                Math.abs(push.taperMm()) > 0.002
                        ? ", tapered by " + say.length(Math.abs(push.taperMm()))
                        : push.unevenMm() > 0.002
                                ? ", uneven by " + say.length(push.unevenMm())
                                : ", even along its length",
                verdict == Verdict.WRONG
                        ? " No dial takes " + say.length(push.remainingMm()) + " either way out of that."
                        : PushedAside.dial("Measure the first cut", push.evenMm(), say));
        Finding.Builder finding = Finding.at(Station.REACH, "push-off", say)
                .says(verdict, words)
                .margin(margin < 0 ? margin : margin / 2)
                .step(PushedAside.push("Push on the work", cut.cutting(), cut.thrustN()))
                .steps(HeldWorkings.of(cut.holding(), job.lathe(), worst()))
                .step(Working.of(
                                "Diameter error (above 0 large), " + say.length(start) + " at the chuck's end, "
                                        + say.length(end) + " at the far end",
                                "2 · c · F",
                                mm(push.largestMm()))
                        .with("c", "the give there", mmPerNewton(cut.holding().complianceAt(worst())))
                        .with(
                                "F",
                                "the push, at the depth left when it has sprung",
                                newtons(push.largestMm() / 2 / cut.holding().complianceAt(worst()))))
                .step(PushedAside.remaining(push, "cut"))
                .step(PushedAside.allowed(job.tolerance(), allowed, say))
                .source(
                        "Beam deflection: Gere & Timoshenko, Mechanics of Materials; force: Kienzle with Merchant's friction angle, ± "
                                + say.share(job.work().spread()) + " and more for the push; " + stiffnessWords());
        Calibration taught = job.taught();
        if (taught.trials() > 0) {
            finding.note("Taught by " + taught.trials() + (taught.trials() == 1 ? " trial" : " trials")
                    + " on this lathe: its chuck turns out of the axis " + say.number(taught.factor(), 2)
                    + " times as far as reckoned from its size, within "
                    + say.share(Math.expm1(taught.spread())) + " or so.");
        } else if (job.lathe().chuckTilt().isEmpty() && job.hold() != Hold.BETWEEN_CENTRES) {
            finding.note(
                    "How far the chuck turns out of the axis is assumed from the lathe's size, and may be a third or five times that: "
                            + taperBand() + " A trial with its taper teaches it.");
        }
        PushedAside.taughtBesides(job.lessons(), say).forEach(finding::note);
        finding.note(PushedAside.springPasses(push, say));
        if (verdict != Verdict.FINE) {
            mendSize(finding);
        }
        boolean filed = push.remainingMm() <= MOST_FILED_MM;
        finding.doesWhen(
                verdict == Verdict.WRONG && filed,
                "Leave " + say.length(FILED_MM)
                        + " and bring it to size by file and cloth: filed left-handed, sleeves back, cloth held by its ends");
        finding.doesWhen(
                verdict == Verdict.WRONG && !filed,
                "Start from bar that is ground to size, where it is to be had; or have it ground between centres");
        return finding.build();
    }

    /** The taper if the chuck turns as little, and as much, as chucks of this size do. */
    private String taperBand() {
        WorkHolding held = cut.holding();
        double far = cut.pushOff().stations().getLast().fromChuckMm();
        double near = cut.pushOff().stations().getFirst().fromChuckMm();
        double push = 2 * cut.cutting().force().pushN();
        WorkHolding stiff = held.turning(held.chuckTilt() * Lathe.TILT_SPREAD.high());
        WorkHolding soft = held.turning(held.chuckTilt() * Lathe.TILT_SPREAD.low());
        return "a taper of " + say.length(Math.abs(push * (stiff.complianceAt(far) - stiff.complianceAt(near))))
                + " to " + say.length(Math.abs(push * (soft.complianceAt(far) - soft.complianceAt(near)))) + ".";
    }

    /** An even error is dialled out, so the verdict goes by what no dial takes out. */
    private Verdict sizeVerdict(PushOff push, double margin) {
        if (margin >= 0.5) {
            return Verdict.FINE;
        }
        return margin >= 0 || (push.springPasses() <= 2 && !push.stoppedByRubbing()) ? Verdict.DOUBTFUL : Verdict.WRONG;
    }

    private double worst() {
        return cut.pushOff().stations().stream()
                .max((a, b) -> Double.compare(Math.abs(a.apartMm()), Math.abs(b.apartMm())))
                .map(PushOff.At::fromChuckMm)
                .orElse(0.0);
    }

    /** Whether a centre is worth bringing up: it never gives more, but on short stout work hardly less. */
    private boolean centreHelps() {
        WorkHolding now = cut.holding();
        WorkHolding centred = now.held(Hold.CHUCK_AND_CENTRE);
        double worst = 0;
        for (int i = 0; i <= 8; i++) {
            double x = now.freeLengthMm() - job.lengthMm() * i / 8;
            worst = Math.max(worst, centred.complianceAt(x));
        }
        return worst < 0.9 * now.complianceAt(worst());
    }

    /** In the order in which a machinist tries them: the depth, the reach, the centre, the edge; but slender work wants its centre first. */
    private void mendSize(Finding.Builder finding) {
        boolean centre = job.hold() == Hold.CHUCK && job.finishedMm() >= Hold.LEAST_CENTRED_MM && centreHelps();
        boolean slender = job.hold().slenderness(job.freeLengthMm(), job.finishedMm()) > CENTRED_FROM;
        if (centre && slender) {
            finding.mend("Bring the centre up", HOLD, "chuck-and-centre");
        }
        if (slender
                && job.hold() == Hold.CHUCK
                && !centre
                && job.diameterMm() >= Hold.LEAST_CENTRED_MM
                && centreHelps()) {
            finding.mend("Leave the end thick and long for a centre, and cut it off last", HOLD, "chuck-and-centre");
        }
        finding.doesWhen(
                slender && job.hold() == Hold.CHUCK && job.diameterMm() >= THICK * job.finishedMm(),
                "To size in one cut, a short length at a time from the end: what is not turned yet stays thick and holds it");
        if (job.hold() != Hold.CHUCK && job.freeLengthMm() > STEADIED_FROM * job.finishedMm()) {
            finding.does(
                    "Run a travelling steady behind the tool, its jaws on what is turned already; without one, a fixed steady in the middle and one half after the other");
        }
        if (job.depthMm() > 0.25) {
            String half = say.typed(job.depthMm() / 2);
            finding.mend("Last pass " + half, DEPTH, half);
        }
        if (job.hold() == Hold.CHUCK && job.freeLengthMm() > job.lengthMm() * 1.15) {
            String shorter = say.typed(job.lengthMm() * 1.05);
            finding.mend("Let only " + shorter + " stand out", STICK_OUT, shorter);
        }
        if (centre && !slender) {
            finding.mend("Bring the centre up", HOLD, "chuck-and-centre");
        }
        double finer = say.units().nose(Math.max(0.2, cut.signature().noseRadiusMm() / 2));
        if (finer < 0.9 * cut.signature().noseRadiusMm()) {
            String nose = say.length(finer);
            finding.mend("Nose " + nose, NOSE_RADIUS, nose);
        }
        if (cut.signature().sideCuttingEdge() > Math.toRadians(4)
                && !job.operation().meetsAFace()) {
            finding.mend("Lead 3°", SIDE_EDGE, "3°");
        }
    }

    private String stiffnessWords() {
        TurningCut.Stiffness spring = TurningCut.Stiffness.of(job.lathe());
        return (spring.assumed()
                        ? "stiffness assumed from the lathe's size, not measured: post "
                        : "stiffness measured: post ")
                + say.number(spring.post() / 1000, 0) + ", chuck " + say.number(spring.chuck() / 1000, 0) + ", centre "
                + say.number(spring.tailstock() / 1000, 0) + " N/µm";
    }

    private Finding overhang() {
        double drop = cut.toolDropMm();
        double stress = cut.overhang().stressMPa(cut.cutting().force().cuttingN());
        double ratio = job.overhangMm() / job.blank().heightMm();
        double margin = Math.min(STEEL_YIELD_SHARE_MPA / Math.max(stress, 1e-9) - 1, 0.05 / Math.max(drop, 1e-9) - 1);
        Verdict verdict = Verdict.of(margin, 1);
        if (verdict == Verdict.FINE && ratio > 3) {
            verdict = Verdict.DOUBTFUL;
        }
        Finding.Builder finding = Finding.at(Station.REACH, "overhang", say)
                .says(
                        verdict,
                        "Standing out %s (%s times its height) the point goes down %s under the cut.",
                        say.length(job.overhangMm()),
                        say.number(ratio, 1),
                        say.length(drop))
                .margin(Math.min(margin / 4, (3 - ratio) / 2 + 0.5))
                .step(Working.of(
                                "Drop",
                                "F · L³ / (3 · E · b · h³ / 12) + F · L · 2 · (1 + 0.3) / (5 / 6 · E · b · h)",
                                mm(drop))
                        .with("F", newtons(cut.cutting().force().cuttingN()))
                        .with("L", mm(job.overhangMm()))
                        .with("b", mm(job.blank().widthMm()))
                        .with("h", mm(job.blank().heightMm()))
                        .with("E", mpa(cut.overhang().modulusMPa()).fromTable()))
                .step(Working.of("Stress at the clamp", "6 · F · L / (b · h²)", mpa(stress))
                        .with("F", newtons(cut.cutting().force().cuttingN()))
                        .with("L", mm(job.overhangMm()))
                        .with("b", mm(job.blank().widthMm()))
                        .with("h", mm(job.blank().heightMm())))
                .source("Cantilever with shear; limits of 0.05 mm and 400 MPa are ours")
                .school(
                        "Short as it goes",
                        "Overhang is the enemy: once to one and a half times the shank",
                        ratio <= 1.6);
        if (verdict != Verdict.FINE) {
            String shorter = say.typed(1.5 * job.blank().heightMm());
            finding.mend("Stand out " + shorter, OVERHANG, shorter);
        }
        return finding.build();
    }

    private void shank(List<Finding> findings) {
        double packing = job.lathe().centreHeightMm()
                + job.heightMm()
                - cut.bit().point().getZ();
        if (job.blank().heightMm() > job.lathe().largestShankMm() + 1e-9 || packing < -1e-9) {
            Finding.Builder finding = Finding.at(Station.REACH, "shank-fits", say)
                    .says(
                            Verdict.WRONG,
                            packing < 0
                                    ? Written.words(
                                            "The point stands %s too high on %s even without packing.",
                                            say.length(-packing), job.lathe().name())
                                    : Written.words(
                                            "A shank of %s is more than the %s that %s takes.",
                                            say.length(job.blank().heightMm()),
                                            say.length(job.lathe().largestShankMm()),
                                            job.lathe().name()))
                    .margin(-0.5)
                    .source("The lathe's card and the bit's solid");
            StockCatalogue.shipped().blanks().stream()
                    .filter(other -> other.toolMaterial().equals(job.blank().toolMaterial())
                            && other.heightMm() < job.blank().heightMm()
                            && other.heightMm() <= job.lathe().largestShankMm())
                    .max(Comparator.comparingDouble(Blank::heightMm))
                    .ifPresent(other -> finding.mend(other.name(), BLANK, other.id()));
            finding.does("Mill its underside down until it goes in");
            findings.add(finding.build());
            return;
        }
        findings.add(Finding.at(Station.REACH, "packing", say)
                .says(
                        Verdict.TOLD,
                        packing < 0.005
                                ? "The point stands on centre without packing."
                                : "Pack the tool up by "
                                        + say.length(say.units().measured(packing)) + " to bring the point there."
                                        + HeightFinding.shims(packing, job.lathe(), say))
                .step(Working.of("Packing", "c + h − z", mm(packing))
                        .with(
                                "c",
                                "centre height over the seat",
                                mm(job.lathe().centreHeightMm()).fromCard())
                        .with("h", "height wanted", mm(job.heightMm()))
                        .with("z", "point above its base", mm(cut.bit().point().getZ())))
                .school(
                        "On centre",
                        "The angles in use are the angles ground; facing leaves no pip",
                        Math.abs(job.heightMm()) < HAIR_MM / 10)
                .school(
                        "A hair above",
                        "On the outside it gains a little rake and the drop under the cut brings it to centre; never for facing",
                        job.heightMm() > 0 && job.heightMm() <= HAIR_MM)
                .source("The lathe's card and the bit's solid")
                .build());
        findings.addAll(HeightFinding.cure(job.heightMm(), job.lathe(), say, HEIGHT));
    }
}
