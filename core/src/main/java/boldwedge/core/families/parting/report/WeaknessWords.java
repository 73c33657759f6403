package boldwedge.core.families.parting.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;
import boldwedge.core.mechanics.rigidity.BladeBeam;
import boldwedge.core.mechanics.rigidity.PostLoad;
import boldwedge.core.mechanics.rigidity.TSlot;
import java.util.Locale;

/** What is said of something that gives way: its name, its words and how its force comes about. */
final class WeaknessWords {
    private WeaknessWords() {}

    /** Its stable name. */
    static String id(Weakness weakness) {
        return weakness.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What gives way, as it begins a sentence: "The blade breaks at its root". */
    static String what(PartCut cut, Weakness weakness) {
        return switch (weakness.kind()) {
            case BLADE_BREAKS -> "The blade breaks at its root";
            case BLADE_BUCKLES -> "The blade turns over sideways";
            case BOLT_GIVES -> cut.job().holder().built() ? "The block's bolt stretches" : "The post's bolt stretches";
            case SLOT_BREAKS -> "The T-slot's lips break out";
            case MOTOR_STALLS -> "The motor stalls or its belt slips";
            case GRIP_SLIPS ->
                cut.job().holder() == HolderKind.SIDE_BLOCK
                        ? "The blade tilts under its clamp plate"
                        : "The blade tilts in the block's grip";
            case DIGS_IN -> "The blade digs in";
        };
    }

    /** How the force at which it fails comes about. */
    static Working working(PartCut cut, Weakness weakness) {
        Amount fails = newtons(weakness.failsAtN());
        return switch (weakness.kind()) {
            case BLADE_BREAKS -> {
                BladeBeam.Root root = cut.down().root();
                yield Working.of("Blade in bending", "F = σ · I / (L · c)", fails)
                        .with("σ", mpa(cut.job().blade().bearsMPa()).fromTable())
                        .with("I", mm4(root.levelMm4()))
                        .with("L", mm(root.leverMm()))
                        .with("c", mm(root.outermostMm()));
            }
            case BLADE_BUCKLES ->
                Working.of("Blade sideways", "F = 1 / (1 / Fo + t / Fk)", fails)
                        .with("Fo", "turns over", newtons(cut.aside().turnsOverAtN()))
                        .with("Fk", "as a column", newtons(cut.aside().bucklesAtN()))
                        .with("t", "thrust over cut", number(Weaknesses.thrustShare(cut)));
            case BOLT_GIVES -> {
                Bolt bolt = Bolt.atMost(cut.job().boltMm(), cut.job().screws());
                PostLoad post = cut.post();
                yield Working.of("Bolt " + bolt.name(), "F = P · Σb² / (e · b)", fails)
                        .with("P", "proof load", newtons(bolt.proofN()).fromTable())
                        .with("Σb²", mm2(post.squaresMm2()))
                        .with("e", mm(post.tippingArmMm()))
                        .with("b", mm(post.farthestMm()));
            }
            case SLOT_BREAKS -> {
                TSlot slot = cut.job().lathe().slide().slot(cut.job().lathe().swingMm());
                Amount iron = mpa(TSlot.IRON_MPA).fromTable();
                Amount lips = mpa(slot.lipMPa(
                        Weaknesses.DRAWN
                                * cut.post().boltPullPerN()
                                * cut.force().cuttingN(),
                        Weaknesses.NUT_THROATS * slot.throatMm()));
                yield Working.of("T-slot's lips, nut two throats long", "F = Fc · σ / σl", fails)
                        .with("Fc", newtons(cut.force().cuttingN()))
                        .with("σ", "grey iron", iron)
                        .with("σl", "in the lips at 1.5 times the pull", lips);
            }
            case MOTOR_STALLS ->
                Working.of("Power at the outside", "F = P / v", fails)
                        .with("P", watts(cut.availableWatt()))
                        .with("v", metresPerMinute(cut.at().getFirst().metresPerMinute()));
            case GRIP_SLIPS ->
                cut.job().holder() == HolderKind.SIDE_BLOCK ? underPlate(cut, fails) : inBlock(cut, fails);
            case DIGS_IN ->
                Working.of("Digging in", "F = Fc · 0.5 / g", fails)
                        .with("Fc", newtons(cut.force().cuttingN()))
                        .with("g", "advance per newton times growth of the force", number(cut.gain()));
        };
    }

    private static Working inBlock(PartCut cut, Amount fails) {
        SplitBlock block = cut.geometry().split();
        return Working.of("Grip of the block", "F = (S − S0) · b / l · L / (2.25 · r)", fails)
                .with("S", "the bolt drawn", newtons(block.bolt().drawnN()))
                .with(
                        "S0",
                        "to close it",
                        newtons(Math.min(block.closesAtN(), block.bolt().drawnN())))
                .with("b", mm(block.boltArmMm()))
                .with("l", mm(block.bladeArmMm()))
                .with("L", mm(block.lengthMm()))
                .with("r", mm(cut.job().restMm()));
    }

    private static Working underPlate(PartCut cut, Amount fails) {
        SideBlock block = cut.geometry().side();
        return Working.of("Grip of the plate", "F = S / tan(τ + 2 · ρ) · L / (2.25 · r)", fails)
                .with("S", "three screws drawn", newtons(block.pullN()))
                .with("τ", rad(block.taperRad()))
                .with("ρ", rad(SideBlock.FRICTION).fromTable())
                .with("L", mm(block.lengthMm()))
                .with("r", mm(cut.job().restMm()));
    }
}
