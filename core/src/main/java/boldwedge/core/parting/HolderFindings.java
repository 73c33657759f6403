package boldwedge.core.parting;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.holder.HeightFinding;
import boldwedge.core.holder.SideBlock;
import boldwedge.core.holder.SplitBlock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of a holder that is to be made: its heights, hinge, grip, what is left of its section, and what was made. */
final class HolderFindings {
    private static final double LEAST_FLOOR_MM = 4;

    private final PartCut cut;
    private final PartJob job;
    private final HolderGeometry geometry;
    private final Say say;

    HolderFindings(PartCut cut, Say say) {
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
        double now = Weaknesses.of(cut, say).getFirst().times(cut.force().cuttingN());
        Weakness first = Weaknesses.of(then, say).getFirst();
        double built = first.times(then.force().cuttingN());
        return Finding.at(Station.MAKE, "gain")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "A split block on the slide would bear %s times the cut where this bears %s, and let the point down %s instead of %s.",
                                say.number(built, 1),
                                say.number(now, 1),
                                say.length(then.dropMm()),
                                say.length(cut.dropMm())))
                .step("Then first", "", first.what(), say.number(built, 1) + " times")
                .step("Feed then", "", "", say.feed(then.feedMm()) + ", " + say.feed(cut.feedMm()) + " now")
                .source("The same cut computed with the block's heights and bolt; twice the stiffness is assumed")
                .mend("Build it", PartField.HOLDER.id(), "split-block")
                .mend("Build the one over the post's side", PartField.HOLDER.id(), "side-block")
                .mend("Build the doubled one behind", PartField.HOLDER.id(), "rear-block")
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
                        ? String.format(
                                Locale.ROOT,
                                " Skim its sole by %s%s.",
                                say.length(off),
                                matters ? "" : ", or leave it: it hardly shows")
                        : String.format(
                                Locale.ROOT,
                                " Put %s under it.%s",
                                say.length(-off),
                                HeightFinding.shims(-off, job.lathe(), say));
        Finding.Builder finding = Finding.at(Station.MAKE, "stack")
                .says(
                        floor < LEAST_FLOOR_MM ? Verdict.DOUBTFUL : right || !matters ? Verdict.FINE : Verdict.DOUBTFUL,
                        made
                                ? right
                                        ? "As made the edge comes on the axis."
                                        : String.format(
                                                Locale.ROOT,
                                                "As made the edge stands %s %s the axis.%s",
                                                say.length(Math.abs(off)),
                                                off > 0 ? "above" : "below",
                                                cure)
                                : String.format(
                                        Locale.ROOT,
                                        "Floor of the slot %s above the slide: with the blade's %s that is the axis, %s up.",
                                        say.length(floor),
                                        say.length(job.blade().heightMm()),
                                        say.length(geometry.axisMm())))
                .margin(made && !right ? 0.03 / Math.abs(off) - 1 : 1)
                .step(
                        "Floor",
                        job.behind() ? "the axis: the blade hangs upside down" : "axis above the slide − blade",
                        say.length(geometry.axisMm())
                                + (job.behind()
                                        ? ""
                                        : " − " + say.length(job.blade().heightMm())),
                        say.length(geometry.drawnFloorMm()))
                .step("Pip that would be left", "2 · error", "", say.length(2 * Math.abs(off)))
                .source(
                        job.lathe().slide().axisAboveMm().isPresent()
                                ? "The lathe's card"
                                : "Axis above the slide assumed from the swing: measure yours and put it on the lathe's card");
        if (floor < LEAST_FLOOR_MM) {
            finding.caution("Little metal is left under the slot: bolt it down before you load it.");
        }
        return finding.build();
    }

    private Finding hinge() {
        SplitBlock block = geometry.split();
        double stress = block.hingeMPa();
        double margin = Math.min(
                        SplitBlock.YIELD_MPA / Math.max(stress, 1e-9),
                        block.bolt().drawnN() / Math.max(block.closesAtN(), 1e-9))
                - 1;
        Finding.Builder finding = Finding.at(Station.MAKE, "hinge")
                .says(
                        Verdict.of(margin, 0.3),
                        String.format(
                                Locale.ROOT,
                                "The slit closes by %s onto the blade at %s of the bolt, which is drawn to %s; the hinge then sees %s, steel bears %s.",
                                say.length(Math.max(0, block.travelMm())),
                                say.force(block.closesAtN()),
                                say.force(block.bolt().drawnN()),
                                Weaknesses.stress(stress),
                                Weaknesses.stress(SplitBlock.YIELD_MPA)))
                .margin(margin)
                .step(
                        "Closing",
                        "travel / (b · l · 12 (s + 0.88 t) / E L t³ + jaw)",
                        "hinge " + say.length(block.hingeMm()) + ", slit " + say.length(block.sawMm()) + ", block "
                                + say.length(block.lengthMm()),
                        say.force(block.closesAtN()))
                .step("Hinge", "6 F b / L t²", "b " + say.length(block.boltArmMm()), Weaknesses.stress(stress))
                .source("Strip in bending, its roots giving as in a half plane; plain low-carbon steel")
                .caution("Never close the slit without a blade in it: the hinge stays bent.");
        if (margin < 0.3) {
            String less = say.typed(Math.max(0.03, job.design().roomMm() / 2));
            finding.mend("Room over the blade " + less, PartField.ROOM.id(), less);
            // Stiffer hinges see more: with the travel given, stress goes with thickness.
            String thin = say.typed(Math.max(1.5, block.hingeMm() * 0.7));
            finding.mend("Hinge " + thin, PartField.HINGE.id(), thin);
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
        Finding.Builder finding = Finding.at(Station.MAKE, "grip")
                .says(
                        Verdict.of(margin, 0.2),
                        String.format(
                                Locale.ROOT,
                                "Drawn by feel the bolt grips the blade with %s; the cut asks for %s. The jaw sees %s.",
                                say.force(grip),
                                say.force(needed),
                                Weaknesses.stress(jaw)))
                .margin(margin)
                .step(
                        "Grip",
                        "(T − closing) · b / l",
                        say.force(pull) + ", b " + say.length(block.boltArmMm()) + ", l "
                                + say.length(block.bladeArmMm()),
                        say.force(grip))
                .step("Asked for", "1.5 · F · L / (⅔ block)", "", say.force(needed))
                .step(
                        "Jaw",
                        "6 R (l − b) / (L − hole) a²",
                        "over the blade " + say.length(block.jawMm()),
                        Weaknesses.stress(jaw))
                .source("Lever about the hinge; ISO 898-1, drawn to 0.6 of the proof load (ours)");
        if (margin < 0.2) {
            String longer = say.typed(Math.ceil(1.3 * block.lengthMm()));
            finding.mend("Block " + longer + " long", PartField.BLOCK_LENGTH.id(), longer);
            String thicker = say.typed(Math.ceil(1.3 * block.jawMm()));
            finding.mend("Metal over the blade " + thicker, PartField.JAW.id(), thicker);
        }
        return finding.build();
    }

    private Finding plate() {
        SideBlock block = geometry.side();
        double needed = SplitBlock.gripNeededN(cut.force().cuttingN(), job.restMm(), block.lengthMm());
        double grip = block.gripN(block.pullN());
        double stress = block.plateMPa(block.pullN());
        double margin = Math.min(grip / needed / 2, SplitBlock.YIELD_MPA / Math.max(stress, 1e-9)) - 1;
        Finding.Builder finding = Finding.at(Station.MAKE, "plate")
                .says(
                        Verdict.of(margin, 0.2),
                        String.format(
                                Locale.ROOT,
                                "Three M%s screws press the blade down with %s by the taper; the cut asks for %s. The foot stands with %s.",
                                say.number(block.screw().threadMm(), 0),
                                say.force(grip),
                                say.force(needed),
                                Weaknesses.stress(block.footMPa(cut.force().cuttingN()))))
                .margin(margin)
                .step(
                        "Down on the blade",
                        "S / tan(τ + 2ρ), μ 0.15",
                        say.force(block.pullN()) + ", τ " + say.angle(block.taperRad()),
                        say.force(grip))
                .step("Asked for", "1.5 · F · L / (⅔ block)", "", say.force(needed))
                .step(
                        "Plate between its screws",
                        "6 · (q p² / 8) / (h t²)",
                        "p " + say.length(block.pitchMm()) + ", t " + say.length(block.plateMm()),
                        Weaknesses.stress(stress))
                .source("Wedge with friction on both faces; plate as a strip over three supports");
        if (block.sticks()) {
            finding.caution("So slight a taper sticks: it wants a tap to let go. That is no harm.");
        }
        if (margin < 0.2) {
            String thicker = say.typed(Math.ceil(1.3 * block.plateMm()));
            finding.mend("Plate " + thicker, PartField.PLATE.id(), thicker);
            String larger = say.typed(Math.ceil(1.2 * block.screw().threadMm()));
            finding.mend("Screws M" + larger, PartField.SCREW.id(), larger);
        }
        return finding.build();
    }
}
