package boldwedge.core.parting;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Step;
import boldwedge.core.holder.Bolt;
import boldwedge.core.holder.SideBlock;
import boldwedge.core.holder.SplitBlock;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.TSlot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What would give way under the cut, the weakest first: each with the force on the edge at which it does. */
final class Weaknesses {
    /** A nut in a T-slot is about this many throats long. */
    static final double NUT_THROATS = 2;

    private Weaknesses() {}

    static List<Weakness> of(PartCut cut, Say say) {
        List<Weakness> all = new ArrayList<>();
        blade(cut, say, all);
        slide(cut, say, all);
        motor(cut, say, all);
        if (cut.job().holder().split()) {
            split(cut, say, all);
        } else if (cut.job().holder() == HolderKind.SIDE_BLOCK) {
            side(cut, say, all);
        }
        if (cut.gain() > 0) {
            all.add(new Weakness(
                    "digs-in",
                    "The blade digs in",
                    cut.force().cuttingN() * PartCut.RUNS_AWAY / cut.gain(),
                    new Step(
                            "Digging in",
                            "advance per newton × growth of the force; from 0.5 on it runs away",
                            "",
                            Written.places(cut.gain(), 2) + " now")));
        }
        all.sort(Comparator.comparingDouble(Weakness::failsAtN));
        return all;
    }

    private static void blade(PartCut cut, Say say, List<Weakness> all) {
        double perN = cut.down().stressPerN();
        double bears = cut.job().blade().bearsMPa();
        all.add(new Weakness(
                "blade-breaks",
                "The blade breaks at its root",
                bears / perN,
                new Step(
                        "Blade in bending",
                        "σ = F · L · c / I",
                        stress(perN * cut.force().cuttingN()) + " of " + stress(bears),
                        say.force(bears / perN))));
        // Load down and thrust along share what the thin blade bears sideways: F/Fk + tF/Nk = 1.
        double thrust =
                Math.max(0, cut.force().thrustN()) / Math.max(1e-9, cut.force().cuttingN());
        double over = cut.aside().turnsOverAtN();
        double along = cut.aside().bucklesAtN();
        double fails = 1 / (1 / over + thrust / along);
        all.add(new Weakness(
                "blade-buckles",
                "The blade turns over sideways",
                fails,
                new Step(
                        "Blade sideways",
                        "1 / F = 1 / F(turns over) + t / F(column), t = thrust over cut",
                        say.force(over) + " and " + say.force(along),
                        say.force(fails))));
    }

    private static void slide(PartCut cut, Say say, List<Weakness> all) {
        double pull = cut.post().boltPullPerN();
        if (pull <= 0) {
            return;
        }
        Bolt bolt = Bolt.atMost(cut.job().boltMm());
        all.add(new Weakness(
                "bolt-gives",
                cut.job().holder().built() ? "The block's bolt stretches" : "The post's bolt stretches",
                bolt.proofN() / pull,
                new Step(
                        "Bolt M" + Written.places(bolt.threadMm(), 0),
                        "pull = F · e · b / Σ b²",
                        Written.places(pull, 2) + " N per N, proof load " + say.force(bolt.proofN()),
                        say.force(bolt.proofN() / pull))));
        TSlot slot = cut.job().lathe().slide().slot(cut.job().lathe().swingMm());
        double perN = slot.lipMPa(1.5 * pull, NUT_THROATS * slot.throatMm());
        all.add(new Weakness(
                "slot-breaks",
                "The T-slot's lips break out",
                TSlot.IRON_MPA / perN,
                new Step(
                        "T-slot's lips",
                        "bending and shear of a lip under 1.5 × the pull, nut two throats long",
                        "grey iron, " + stress(TSlot.IRON_MPA) + "; slot "
                                + (cut.job().lathe().slide().slotMeasured() ? "measured" : "assumed from the swing"),
                        say.force(TSlot.IRON_MPA / perN))));
    }

    private static void motor(PartCut cut, Say say, List<Weakness> all) {
        double v = cut.at().getFirst().metresPerMinute();
        double stalls = cut.availableWatt() * 60 / v;
        all.add(new Weakness(
                "motor-stalls",
                "The motor stalls or its belt slips",
                stalls,
                new Step(
                        "Power at the outside",
                        "F = P / v",
                        say.power(cut.availableWatt()) + " at " + say.surfaceSpeed(v),
                        say.force(stalls))));
    }

    private static void split(PartCut cut, Say say, List<Weakness> all) {
        SplitBlock block = cut.geometry().split();
        double pull = block.bolt().drawnN();
        double perN = SplitBlock.gripNeededN(1, cut.job().restMm(), block.lengthMm());
        double fails = block.gripN(pull) / perN;
        all.add(new Weakness(
                "grip-slips",
                "The blade tilts in the block's grip",
                fails,
                new Step(
                        "Grip of the block",
                        "(bolt's pull − closing) · lever / (1.5 · L / ⅔ block)",
                        say.force(pull) + " drawn, " + say.force(block.closesAtN()) + " to close",
                        say.force(fails))));
    }

    private static void side(PartCut cut, Say say, List<Weakness> all) {
        SideBlock block = cut.geometry().side();
        double perN = SplitBlock.gripNeededN(1, cut.job().restMm(), block.lengthMm());
        double fails = block.gripN(block.pullN()) / perN;
        all.add(new Weakness(
                "grip-slips",
                "The blade tilts under its clamp plate",
                fails,
                new Step(
                        "Grip of the plate",
                        "S / tan(τ + 2ρ) / (1.5 · L / ⅔ block)",
                        say.force(block.pullN()) + " from three screws",
                        say.force(fails))));
    }

    static String stress(double mpa) {
        return Written.places(mpa, mpa < 10 ? 1 : 0) + " MPa";
    }
}
