package boldwedge.core.families.forming.report;

import static boldwedge.core.families.forming.entry.FormField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;

/** What is found of the form and of the bit that is ground to it. */
final class FormFindings {
    private static final double UM = 1000;
    /** A material bears about a quarter of its specific force in shear; three times in hand. */
    private static final double NECK = 1.0 / 12;

    private final FormCut cut;
    private final FormJob job;
    private final Profile profile;
    private final UnitFormat say;

    FormFindings(FormCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.profile = job.profile();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(job.bit(), job.work(), BIT, say).ifPresent(findings::add);
        findings.add(size());
        findings.add(correction());
        findings.add(clearance());
        findings.add(neck());
        return findings;
    }

    private Finding size() {
        return Finding.at(Station.CUT, "form-size", say)
                .says(
                        Verdict.TOLD,
                        "%s wide, from %s to %s across; %s of edge cuts at its bottom.",
                        say.length(profile.widthMm()),
                        say.length(2 * profile.smallestMm()),
                        say.length(2 * profile.largestMm()),
                        say.length(say.units().turned(cut.edgeMm())))
                .source("As typed")
                .build();
    }

    /** What the rake does to the profile, and whether it matters. */
    private Finding correction() {
        double all = cut.uncorrectedMm();
        double off = cut.offMm();
        double margin = Math.min(1, job.formMm() / Math.max(off, 1e-9) - 1);
        String um = say.units() == UnitSystem.METRIC
                ? say.number(UM * all, all * UM < 10 ? 1 : 0) + " µm"
                : say.length(all);
        String words = "No rake: the bit’s profile is the work’s own.";
        if (cut.rakeRad() > 0 && job.corrected()) {
            words = "With a rake of " + say.angle(cut.rakeRad()) + " the work’s own profile would come out up to " + um
                    + " off its radius; the bit’s is corrected for it.";
        } else if (cut.rakeRad() > 0) {
            words = "Ground as drawn, with a rake of " + say.angle(cut.rakeRad()) + " it comes out up to " + um
                    + " off its radius; " + say.length(job.formMm()) + " is allowed.";
        }
        Finding.Builder finding = Finding.at(Station.EDGE, "form-correction", say)
                .says(Verdict.of(margin, Verdict.CLOSE), words)
                .margin(margin)
                .step(Working.of(
                                "Face under the axis",
                                "r · sin(γ)",
                                mm(cut.correction().underMm()))
                        .with("r", "smallest radius", mm(profile.smallestMm()))
                        .with("γ", "rake", rad(cut.rakeRad())))
                .step(Working.of(
                                "Deepest on the face",
                                "√(R² − h²) − r · cos(γ)",
                                mm(cut.correction().alongFaceMm(profile.largestMm())))
                        .with("R", "largest radius", mm(profile.largestMm()))
                        .with("h", "face under the axis", mm(cut.correction().underMm()))
                        .with("r", "smallest radius", mm(profile.smallestMm()))
                        .with("γ", rad(cut.rakeRad())))
                .step(Working.of(
                                "Square to the flank",
                                "T · cos(γ + α)",
                                mm(cut.correction().acrossFlankMm(profile.largestMm())))
                        .with("T", "on the face", mm(cut.correction().alongFaceMm(profile.largestMm())))
                        .with("γ", rad(cut.rakeRad()))
                        .with("α", "clearance", rad(job.clearanceRad())))
                .step(Working.of(
                                "Off where it is not corrected",
                                "√((R − r + r · cos(γ))² + h²) − R",
                                mm(cut.correction().uncorrectedMm(profile.largestMm())))
                        .with("R", mm(profile.largestMm()))
                        .with("r", mm(profile.smallestMm()))
                        .with("γ", rad(cut.rakeRad()))
                        .with("h", mm(cut.correction().underMm())))
                .source("Geometry of the leaning face; the smallest radius is cut at centre height");
        if (margin < Verdict.CLOSE) {
            finding.mend("No rake", RAKE, "0°");
            finding.mend("Correct the profile for its rake", GROUND, "corrected");
        }
        return finding.build();
    }

    /** What steep stretches keep of the clearance. */
    private Finding clearance() {
        double least = cut.leastClearanceRad();
        double margin = least / FormCut.LEAST_CLEARANCE_RAD - 1;
        boolean rubs = margin < -1e-9;
        String words = "Every stretch clears by %s or more, the steepest at %s from the axis.";
        if (rubs) {
            words = "The steepest stretch clears by only %s, at %s from the axis: it rubs.";
        } else if (job.sideRelieved()) {
            words = "Relieved to the side, every stretch clears by %s or more; the steepest stands at %s.";
        }
        Finding.Builder finding = Finding.at(Station.EDGE, "form-clearance", say)
                .says(rubs ? Verdict.DOUBTFUL : Verdict.FINE, words, say.angle(least), say.angle(profile.steepestRad()))
                .margin(Math.max(-1, margin))
                .source("tan αn = tan α · cos ψ; under 2° it rubs by custom of the trade");
        if (!job.sideRelieved()) {
            finding.step(Working.of("Clearance of the steepest", "atan(tan(α) · cos(ψ))", rad(least))
                    .with("α", "front clearance", rad(job.clearanceRad()).typed())
                    .with("ψ", "from the axis", rad(profile.steepestRad())));
        }
        if (rubs) {
            finding.mend("Relieve steep stretches to the side", SIDES, "sides");
            finding.mendUnless(job.clearanceRad() > Math.toRadians(11.9), "Front clearance 12°", CLEARANCE, "12°");
            finding.does("Two plunges: one bit for each side");
        }
        return finding.build();
    }

    /** Whether the work bears the grab where it is thinnest. */
    private Finding neck() {
        double bears = NECK * job.work().kc11MPa();
        double margin = bears / cut.twistMPa() - 1;
        return Finding.at(Station.REACH, "form-neck", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "At %s across the cut twists the work by %s: it grabs, and throws or breaks it."
                                : "At %s across, its thinnest, the cut twists the work by %s, and it bears that.",
                        say.length(2 * profile.smallestMm()),
                        say.stress(cut.twistMPa()))
                .margin(Math.min(1, margin))
                .step(Working.of("Twist where it is thinnest", "16 · F · R / (π · d³)", mpa(cut.twistMPa()))
                        .with("F", "on the edge", newtons(cut.force().cuttingN()))
                        .with("R", "largest radius", mm(profile.largestMm()))
                        .with("d", "thinnest", mm(2 * profile.smallestMm())))
                .caution("A form bit grabs slender work: speed down, shield on, stand out of its plane.")
                .source("Torsion of a round bar; a third of what it bears in shear is ours")
                .mendUnless(
                        margin >= Verdict.CLOSE,
                        "Feed " + say.feed(FormCut.FEEDS_MM.low()),
                        FEED,
                        say.feed(FormCut.FEEDS_MM.low()))
                .build();
    }
}
