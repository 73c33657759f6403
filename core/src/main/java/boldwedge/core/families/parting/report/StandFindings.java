package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.rigidity.PostLoad;
import boldwedge.core.mechanics.rigidity.TSlot;
import boldwedge.core.rule.HeightFinding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is said of how the tool stands: bolts and slide, in front or behind, clear of chuck and work, its height. */
final class StandFindings {
    /** Under a blade a holder keeps so much of a floor, mm (ours). */
    private static final double LEAST_FLOOR_MM = 3;

    private final PartCut cut;
    private final PartJob job;
    private final UnitFormat say;

    StandFindings(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(bolts());
        findings.add(place());
        findings.add(clear());
        if (!job.behind()) {
            findings.add(allows());
        }
        findings.addAll(HeightFinding.cure(job.heightMm(), job.lathe(), say, HEIGHT));
        return findings;
    }

    /** The job in a holder of another kind, as the reader would set it up. */
    static PartJob built(PartJob job, HolderKind kind) {
        double stiffer = job.postMeasured() ? 1 : 2;
        return job.with(j -> j.holder(kind)
                .beforeMm(0)
                .boltAtMm(Math.rint((job.twoBolts() ? 0.75 : 0.4) * job.design().lengthMm()))
                .postNPerMm(job.postNPerMm() * (job.holder().built() ? 1 : stiffer)));
    }

    private Finding bolts() {
        double force = cut.force().cuttingN();
        double pull = cut.post().boltPullPerN() * force;
        Bolt bolt = Bolt.atMost(job.boltMm(), job.screws());
        TSlot slot = job.lathe().slide().slot(job.lathe().swingMm());
        double lip = slot.lipMPa(1.5 * pull, Weaknesses.NUT_THROATS * slot.throatMm());
        double margin =
                Math.min(bolt.drawnN() / Math.max(1.5 * pull, 1e-9), TSlot.IRON_MPA / 3 / Math.max(lip, 1e-9)) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "bolts", say)
                .says(
                        pull <= 0 ? Verdict.FINE : Verdict.of(margin, 0.3),
                        pull <= 0
                                ? "The point stands over what it is bolted to: the cut only presses it down."
                                : Written.words(
                                        "The cut pulls %s up on %s: draw it to %s or more; the T-slot's lips then see %s.",
                                        say.force(pull),
                                        job.twoBolts() ? "the farther bolt" : "the bolt",
                                        say.force(1.5 * pull),
                                        say.stress(lip)))
                .margin(margin)
                .steps(lever())
                .step(Working.of(
                                "Bolt " + bolt.name() + " of class "
                                        + bolt.size().grade() + ", drawn by feel",
                                "0.6 · σ · A",
                                newtons(bolt.drawnN()))
                        .with("σ", "proof", mpa(bolt.size().proofMPa()).fromTable())
                        .with("A", mm2(bolt.areaMm2()).fromTable()))
                .step(lip(slot, pull, lip))
                .note("Grey iron bears " + say.stress(TSlot.IRON_MPA) + ".")
                .source("Statics of a stiff block; lip as a cantilever (ours); ISO 898-1; EN 1561")
                .caution("A nut that bears only at its ends, or a short one, breaks the lips: use a long, flat T-nut.");
        if (pull > 0 && margin < 0.3) {
            if (!job.twoBolts()) {
                finding.mend("Two bolts", BOLTS, "two");
            }
            if (job.beforeMm() > 1) {
                finding.mend("Holder close to the post", BEFORE, "0 mm");
            }
            double finer = cut.feedMm() / 2;
            if (finer >= PartCut.FINEST_MM) {
                finding.mend("Feed " + say.feed(finer), FEED, say.feed(finer));
            }
        }
        return finding.build();
    }

    /** How hard the hardest-pulled bolt is pulled; nothing where the block is only pressed. */
    private List<Working> lever() {
        PostLoad post = cut.post();
        return post.tippingArmMm() <= 0
                ? List.of()
                : List.of(Working.of("Pull of the bolt over the cut", "e · b / Σb²", number(post.boltPullPerN()))
                        .with("e", "edge it tips over to the point", mm(post.tippingArmMm()))
                        .with("b", "to the farthest bolt", mm(post.farthestMm()))
                        .with("Σb²", "of all bolts", mm2(post.squaresMm2())));
    }

    private Working lip(TSlot slot, double pull, double lip) {
        double nut = Weaknesses.NUT_THROATS * slot.throatMm();
        boolean measured = job.lathe().slide().slotMeasured();
        return Working.of(
                        "Lip under one and a half times the pull: bent over its overhang, and sheared",
                        "3 · T · a / (b · t²) / 2 + √((3 · T · a / (b · t²) / 2)² + (0.75 · T / (b · t))²)",
                        mpa(lip))
                .with("T", newtons(Weaknesses.DRAWN * pull))
                .with("a", "wall to the middle of what it covers", mm((slot.headMm() - slot.throatMm()) / 4))
                .with("b", "along the slot", mm(nut + (slot.headMm() - slot.throatMm()) / 2))
                .with(
                        "t",
                        "thick",
                        measured
                                ? mm(slot.lipMm()).fromCard()
                                : mm(slot.lipMm()).assumed());
    }

    private Finding place() {
        double force = cut.force().cuttingN();
        return Finding.at(Station.REACH, "place", say)
                .says(
                        Verdict.TOLD,
                        job.behind()
                                ? Written.words(
                                        "Behind, upside down: the cut lifts the block with %s and presses the work down into its bearings.",
                                        say.force(force))
                                : Written.words(
                                        "In front: the cut presses the slide down with %s and lifts the work against its bearings' caps.",
                                        say.force(force)))
                .step(Working.of(
                                "Edge of the block on the slide: what balances force and bolts",
                                job.behind() ? "F · (q − 1)" : "F · (q + 1)",
                                newtons(cut.post().edgePressPerN() * force))
                        .with("F", newtons(force))
                        .with("q", "all bolts over the force", number(cut.post().allBoltsPerN())))
                .source("Statics")
                .school(
                        "In front",
                        "The slide is pressed onto its ways; a springing post goes in and down, into the cut",
                        !job.behind())
                .school(
                        "Behind, upside down",
                        "A springing post backs out of the cut, chips fall free; everything hangs on the bolts",
                        job.behind())
                .caution(
                        job.behind()
                                ? "The chuck must not be able to unscrew: it does when a screwed chuck is run backward instead."
                                : "Lock the carriage; slack in the slide lets the blade climb.")
                .build();
    }

    /** How high a blade the lathe's height allows under it. */
    private Finding allows() {
        double axis = cut.geometry().axisMm();
        double left = axis - job.blade().heightMm();
        String seat = job.holder().built() ? "the slide" : "the tool's seat";
        boolean none = left < LEAST_FLOOR_MM;
        Finding.Builder finding = Finding.at(Station.EDGE, "allows", say)
                .says(
                        left < 0 ? Verdict.WRONG : none ? Verdict.DOUBTFUL : Verdict.TOLD,
                        left < 0
                                ? "The axis lies %s over %s, and this blade is %s higher: it cannot be brought to centre."
                                : "The axis lies %s over %s: with this blade %s are left under it for a holder's floor.",
                        say.length(axis),
                        seat,
                        say.length(Math.abs(left)))
                .margin(none ? Math.min(-0.01, left / LEAST_FLOOR_MM - 1) : 1)
                .step(Working.of("Left", "x − b", mm(left))
                        .with("x", "axis over what it stands on", mm(axis))
                        .with(
                                "b",
                                "height of the blade",
                                mm(job.blade().heightMm()).fromTable()))
                .source("The lathe's card"
                        + (job.holder().built()
                                        && job.lathe().slide().axisAboveMm().isEmpty()
                                ? ", the slide's height assumed from the swing"
                                : ""));
        if (none) {
            StockCatalogue.shipped().blades().stream()
                    .filter(other -> axis - other.heightMm() >= LEAST_FLOOR_MM)
                    .max(Comparator.comparingDouble(Blade::heightMm))
                    .ifPresent(lower -> finding.mend(lower.name(), BLADE, lower.id()));
        }
        return finding.build();
    }

    /** Whether front of the holder, chuck and slide stay clear at full depth. */
    private Finding clear() {
        double end = job.endMm() / 2;
        double frontFromAxis = end + job.overhangMm();
        double work = frontFromAxis - job.diameterMm() / 2;
        double chuck = job.lathe().slide().chuck(job.lathe().swingMm()) / 2;
        boolean chuckMeasured = job.lathe().slide().chuckMm().isPresent();
        boolean underChuck = frontFromAxis < chuck;
        double beside = job.atMm();
        boolean hits = underChuck && beside < 1;
        List<String> words = new ArrayList<>();
        words.add("the work by " + say.length(work));
        words.add(
                underChuck
                        ? "the jaws only sideways, by " + say.length(beside)
                        : "the chuck by " + say.length(frontFromAxis - chuck));
        Finding.Builder finding = Finding.at(Station.REACH, "stands-clear", say);
        String slide = "";
        Verdict verdict = hits ? Verdict.WRONG : underChuck && beside < 3 ? Verdict.DOUBTFUL : Verdict.FINE;
        if (job.lathe().slide().nearestMm().isPresent()) {
            double reach = job.lathe().slide().nearestMm().getAsDouble();
            double stands = frontFromAxis + job.beforeMm();
            double lacking = reach - stands;
            if (lacking > 0) {
                slide = " The slide ends " + say.length(lacking)
                        + " short: let the holder hang over its edge by that much.";
                verdict =
                        verdict == Verdict.WRONG || lacking > 0.3 * job.design().lengthMm()
                                ? Verdict.WRONG
                                : Verdict.DOUBTFUL;
            }
        } else {
            slide = " Whether slide and saddle reach that far was not checked: the lathe's card does not say.";
        }
        finding.says(verdict, "At full depth the holder clears " + String.join(", ", words) + "." + slide)
                .margin(hits ? -1 : Math.min(work, underChuck ? beside : 10) / 10)
                .step(Working.of("Front of the holder from the axis", "r + o", mm(frontFromAxis))
                        .with("r", "end of the cut", mm(end))
                        .with("o", "clamp to edge", mm(job.overhangMm())))
                .step(Working.of("Chuck", "2 · r", mm(2 * chuck))
                        .with(
                                "r",
                                chuckMeasured ? mm(chuck).fromCard() : mm(chuck).assumed()))
                .source("Geometry at full depth; jaws that stand out of the chuck are not in it")
                .caution("Turn the chuck round by hand at full depth before you start the spindle.");
        if (hits) {
            String away = say.typed(3);
            finding.mend(away + " from the jaws", AT, away);
        }
        return finding.build();
    }
}
