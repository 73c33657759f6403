package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;
import boldwedge.core.rule.HeightFinding;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of a holder that is to be made: its heights, hinge, grip, what is left of its section, and what was made. */
final class HolderFindings {
    private static final double LEAST_FLOOR_MM = 4;

    /** A holder is made for no less than this share more of force (ours). */
    private static final double LEAST_GAIN = 0.1;

    private static final String AS_BUILT =
            "The same cut computed with the block's heights and bolt; twice the stiffness is assumed";

    private final PartCut cut;
    private final PartJob job;
    private final HolderGeometry geometry;
    private final UnitFormat say;

    HolderFindings(PartCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.geometry = cut.geometry();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        if (!job.holder().built()) {
            findings.add(gain());
            return findings;
        }
        findings.add(stack());
        if (job.holder().split()) {
            findings.add(hinge());
            findings.add(grip());
        } else {
            findings.add(plate());
        }
        return findings;
    }

    /** What a built holder would gain over what holds the blade now. */
    private Finding gain() {
        PartCut then = cut.with(StandFindings.built(job, HolderKind.SPLIT_BLOCK));
        double now = Weaknesses.of(cut).getFirst().times(cut.force().cuttingN());
        Weakness first = Weaknesses.of(then).getFirst();
        double built = first.times(then.force().cuttingN());
        if (built < now * (1 + LEAST_GAIN)) {
            return Finding.at(Station.MAKE, "gain", say)
                    .says(
                            Verdict.TOLD,
                            "A built holder gains little here: in it, too, %s, at %s times the cut; the point would go down %s instead of %s.",
                            WeaknessWords.what(cut, first).toLowerCase(Locale.ROOT),
                            say.number(built, 1),
                            say.length(then.dropMm()),
                            say.length(cut.dropMm()))
                    .source(AS_BUILT)
                    .build();
        }
        return Finding.at(Station.MAKE, "gain", say)
                .says(
                        Verdict.TOLD,
                        "A split block on the slide would bear %s times the cut where this bears %s, and let the point down %s instead of %s.",
                        say.number(built, 1),
                        say.number(now, 1),
                        say.length(then.dropMm()),
                        say.length(cut.dropMm()))
                .note("Then first: " + WeaknessWords.what(cut, first).toLowerCase(Locale.ROOT) + ", at "
                        + say.number(built, 1) + " times the cut; fed " + say.feed(then.feedMm()) + ", "
                        + say.feed(cut.feedMm()) + " now.")
                .source(AS_BUILT)
                .mend("Build it", HOLDER, "split-block")
                .mend("Build the one over the post's side", HOLDER, "side-block")
                .mend("Build the doubled one behind", HOLDER, "rear-block")
                .build();
    }

    private Finding stack() {
        double off = geometry.heightLeftMm();
        double floor = geometry.floorMm();
        boolean made = job.holder() == HolderKind.SIDE_BLOCK
                ? job.design().tabFloorMm().isPresent()
                : job.design().floorMm().isPresent();
        boolean right = Math.abs(off) < 0.005;
        boolean matters = Math.abs(off) > 0.03;
        String cure = right
                ? ""
                : off > 0
                        ? Written.words(
                                " Skim its sole by %s%s.",
                                say.length(off), matters ? "" : ", or leave it: it hardly shows")
                        : Written.words(
                                " Put %s under it.%s", say.length(-off), HeightFinding.shims(-off, job.lathe(), say));
        Finding.Builder finding = Finding.at(Station.MAKE, "stack", say)
                .says(
                        floor < LEAST_FLOOR_MM ? Verdict.DOUBTFUL : right || !matters ? Verdict.FINE : Verdict.DOUBTFUL,
                        made
                                ? right
                                        ? "As made the edge comes on the axis."
                                        : Written.words(
                                                "As made the edge stands %s %s the axis.%s",
                                                say.length(Math.abs(off)), off > 0 ? "above" : "below", cure)
                                : Written.words(
                                        "Floor of the slot %s above the slide: with the blade's %s that is the axis, %s up.",
                                        say.length(floor),
                                        say.length(job.blade().heightMm()),
                                        say.length(geometry.axisMm())))
                .margin(made && !right ? 0.03 / Math.abs(off) - 1 : 1)
                .step(floorWorking())
                .step(Working.of("Pip that would be left", "2 · |e|", mm(2 * Math.abs(off)))
                        .with("e", "off the axis as made", mm(off)))
                .source(
                        job.lathe().slide().axisAboveMm().isPresent()
                                ? "The lathe's card"
                                : "Axis above the slide assumed from the swing: measure yours and put it on the lathe's card");
        if (floor < LEAST_FLOOR_MM) {
            finding.caution("Little metal is left under the slot: bolt it down before you load it.");
        }
        return finding.build();
    }

    private Working askedFor(double needed, double lengthMm) {
        return Working.of("Asked for, with half as much again", "1.5 · F · r / (2 / 3 · L)", newtons(needed))
                .with("F", newtons(cut.force().cuttingN()))
                .with("r", "rest to edge", mm(job.restMm()))
                .with("L", "block", mm(lengthMm));
    }

    private Working floorWorking() {
        Amount axis = job.lathe().slide().axisAboveMm().isPresent()
                ? mm(geometry.axisMm()).fromCard()
                : mm(geometry.axisMm()).assumed();
        Amount floor = mm(geometry.drawnFloorMm());
        return job.behind()
                ? Working.of("Floor: the axis, for the blade hangs upside down", "x", floor)
                        .with("x", "axis above the slide", axis)
                : Working.of("Floor", "x − b", floor)
                        .with("x", "axis above the slide", axis)
                        .with(
                                "b",
                                "height of the blade",
                                mm(job.blade().heightMm()).fromTable());
    }

    private Finding hinge() {
        SplitBlock block = geometry.split();
        double stress = block.hingeMPa();
        double margin = Math.min(
                        SplitBlock.YIELD_MPA / Math.max(stress, 1e-9),
                        block.bolt().drawnN() / Math.max(block.closesAtN(), 1e-9))
                - 1;
        Finding.Builder finding = Finding.at(Station.MAKE, "hinge", say)
                .says(
                        Verdict.of(margin, 0.3),
                        "The slit closes by %s onto the blade at %s of the bolt, which is drawn to %s; the hinge then sees %s, steel bears %s.",
                        say.length(Math.max(0, block.travelMm())),
                        say.force(block.closesAtN()),
                        say.force(block.bolt().drawnN()),
                        say.stress(stress),
                        say.stress(SplitBlock.YIELD_MPA))
                .margin(margin)
                .step(Working.of(
                                "Closing",
                                "max(0 mm; d) / (b · l · 12 · (s + 0.88 · t) / (E · L · t³) + b² · (3 · l − b) / (E · L · j³ / 2))",
                                newtons(block.closesAtN()))
                        .with("d", "to close", mm(block.travelMm()))
                        .with("b", "hinge to bolt", mm(block.boltArmMm()))
                        .with("l", "hinge to blade", mm(block.bladeArmMm()))
                        .with("s", "slit", mm(block.sawMm()))
                        .with("t", "hinge", mm(block.hingeMm()))
                        .with("E", mpa(SplitBlock.STEEL_MPA).fromTable())
                        .with("L", "block", mm(block.lengthMm()))
                        .with("j", "over the blade", mm(block.jawMm())))
                .step(Working.of("Hinge", "6 · F · b / (L · t²)", mpa(stress))
                        .with("F", newtons(block.closesAtN()))
                        .with("b", mm(block.boltArmMm()))
                        .with("L", mm(block.lengthMm()))
                        .with("t", mm(block.hingeMm())))
                .source("Strip in bending, its roots giving as in a half plane; plain low-carbon steel")
                .caution("Never close the slit without a blade in it: the hinge stays bent.");
        if (margin < 0.3) {
            String less = say.typed(Math.max(0.03, job.design().roomMm() / 2));
            finding.mend("Room over the blade " + less, ROOM, less);
            // Stiffer hinges see more: with the travel given, stress goes with thickness.
            String thin = say.typed(Math.max(1.5, block.hingeMm() * 0.7));
            finding.mend("Hinge " + thin, HINGE, thin);
        }
        if (block.travelMm() < 0) {
            finding.caution("As made the slot is lower than the blade: it does not go in. Open it by "
                    + say.length(-block.travelMm() + job.design().roomMm()) + ".");
        }
        return finding.build();
    }

    private Finding grip() {
        SplitBlock block = geometry.split();
        double pull = block.bolt().drawnN();
        double needed = SplitBlock.gripNeededN(cut.force().cuttingN(), job.restMm(), block.lengthMm());
        double grip = block.gripN(pull);
        double jaw = block.jawMPa(pull);
        double margin = Math.min(grip / needed / 2, SplitBlock.YIELD_MPA / Math.max(jaw, 1e-9)) - 1;
        Finding.Builder finding = Finding.at(Station.MAKE, "grip", say)
                .says(
                        Verdict.of(margin, 0.2),
                        "Drawn by feel the bolt grips the blade with %s; the cut asks for %s. The jaw sees %s.",
                        say.force(grip),
                        say.force(needed),
                        say.stress(jaw))
                .margin(margin)
                .step(Working.of("Grip", "max(0 · T; T − F) · b / l", newtons(grip))
                        .with("T", "the bolt drawn", newtons(pull))
                        .with("F", "to close it", newtons(block.closesAtN()))
                        .with("b", mm(block.boltArmMm()))
                        .with("l", mm(block.bladeArmMm())))
                .step(askedFor(needed, block.lengthMm()))
                .step(Working.of("Jaw", "6 · R · (l − b) / ((L − o) · j²)", mpa(jaw))
                        .with("R", "the grip", newtons(grip))
                        .with("l", mm(block.bladeArmMm()))
                        .with("b", mm(block.boltArmMm()))
                        .with("L", mm(block.lengthMm()))
                        .with(
                                "o",
                                "the bolt's hole",
                                mm(block.bolt().clearanceMm()).fromTable())
                        .with("j", "over the blade", mm(block.jawMm())))
                .source("Lever about the hinge; ISO 898-1, drawn to 0.6 of the proof load (ours)");
        if (margin < 0.2) {
            String longer = say.typed(Math.ceil(1.3 * block.lengthMm()));
            finding.mend("Block " + longer + " long", BLOCK_LENGTH, longer);
            String thicker = say.typed(Math.ceil(1.3 * block.jawMm()));
            finding.mend("Metal over the blade " + thicker, JAW, thicker);
        }
        return finding.build();
    }

    private Finding plate() {
        SideBlock block = geometry.side();
        double needed = SplitBlock.gripNeededN(cut.force().cuttingN(), job.restMm(), block.lengthMm());
        double grip = block.gripN(block.pullN());
        double stress = block.plateMPa(block.pullN());
        double margin = Math.min(grip / needed / 2, SplitBlock.YIELD_MPA / Math.max(stress, 1e-9)) - 1;
        Finding.Builder finding = Finding.at(Station.MAKE, "plate", say)
                .says(
                        Verdict.of(margin, 0.2),
                        "Three %s screws press the blade down with %s by the taper; the cut asks for %s. The foot stands with %s.",
                        block.screw().name(),
                        say.force(grip),
                        say.force(needed),
                        say.stress(block.footMPa(cut.force().cuttingN())))
                .margin(margin)
                .step(Working.of("Down on the blade", "S / tan(τ + 2 · ρ)", newtons(grip))
                        .with("S", "three screws drawn", newtons(block.pullN()))
                        .with("τ", "the taper", rad(block.taperRad()))
                        .with("ρ", "friction 0.15", rad(SideBlock.FRICTION).fromTable()))
                .step(askedFor(needed, block.lengthMm()))
                .step(Working.of("Plate between its screws", "6 · S / L · p² / 8 / ((h + 2 · d − o) · t²)", mpa(stress))
                        .with("S", newtons(block.pullN()))
                        .with("L", "plate", mm(block.lengthMm()))
                        .with("p", "screw to screw", mm(block.pitchMm()))
                        .with("h", "blade", mm(block.bladeMm()))
                        .with("d", "screw", mm(block.screw().threadMm()))
                        .with("o", "its hole", mm(block.screw().clearanceMm()))
                        .with("t", "thickness", mm(block.plateMm())))
                .step(Working.of("Plate on the blade", "S / (h · L)", mpa(block.plateOnBladeMPa(block.pullN())))
                        .with("S", newtons(block.pullN()))
                        .with("h", "blade", mm(block.bladeMm()))
                        .with("L", "plate", mm(block.lengthMm())))
                .note(Written.words(
                        "The plate presses the blade with %s; the screws’ own tips would with %s: they mark a blade and crack a carbide one.",
                        say.stress(block.plateOnBladeMPa(block.pullN())), say.stress(block.tipsMPa(block.pullN()))))
                .source("Wedge with friction on both faces; plate as a strip over three supports");
        if (block.sticks()) {
            finding.caution("So slight a taper sticks: it wants a tap to let go. That is no harm.");
        }
        if (margin < 0.2) {
            String thicker = say.typed(Math.ceil(1.3 * block.plateMm()));
            finding.mend("Plate " + thicker, PLATE, thicker);
            String larger = say.typed(Math.ceil(1.2 * block.screw().threadMm()));
            finding.mend("Screws M" + larger, SCREW, larger);
        }
        return finding.build();
    }
}
