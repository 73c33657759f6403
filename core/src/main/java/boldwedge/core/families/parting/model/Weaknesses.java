package boldwedge.core.families.parting.model;

import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;
import boldwedge.core.mechanics.rigidity.TSlot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What would give way under the cut, the weakest first: each with the force on the edge at which it does. */
public final class Weaknesses {
    /** A nut in a T-slot is about this many throats long. */
    public static final double NUT_THROATS = 2;

    /** What the lips of a slot bear is reckoned at this many times the pull: a bolt is drawn tighter than it is pulled. */
    public static final double DRAWN = 1.5;

    private Weaknesses() {}

    /** All of them for a cut, the weakest first. */
    public static List<Weakness> of(PartCut cut) {
        List<Weakness> all = new ArrayList<>();
        all.add(new Weakness(
                Weakness.Kind.BLADE_BREAKS,
                cut.job().blade().bearsMPa() / cut.down().stressPerN()));
        all.add(new Weakness(Weakness.Kind.BLADE_BUCKLES, buckles(cut)));
        slide(cut, all);
        all.add(new Weakness(Weakness.Kind.MOTOR_STALLS, stalls(cut)));
        if (cut.job().holder().split()) {
            SplitBlock block = cut.geometry().split();
            all.add(new Weakness(
                    Weakness.Kind.GRIP_SLIPS,
                    block.gripN(block.bolt().drawnN())
                            / SplitBlock.gripNeededN(1, cut.job().restMm(), block.lengthMm())));
        } else if (cut.job().holder() == HolderKind.SIDE_BLOCK) {
            SideBlock block = cut.geometry().side();
            all.add(new Weakness(
                    Weakness.Kind.GRIP_SLIPS,
                    block.gripN(block.pullN())
                            / SplitBlock.gripNeededN(1, cut.job().restMm(), block.lengthMm())));
        }
        if (cut.gain() > 0) {
            all.add(new Weakness(Weakness.Kind.DIGS_IN, cut.force().cuttingN() * PartCut.RUNS_AWAY / cut.gain()));
        }
        all.sort(Comparator.comparingDouble(Weakness::failsAtN));
        return all;
    }

    /**
     * Force down at which the blade turns over sideways, N: load down and thrust along share what the thin blade bears,
     * F / F(turns over) + t F / F(column) = 1 with t the thrust over the cut.
     */
    private static double buckles(PartCut cut) {
        return 1
                / (1 / cut.aside().turnsOverAtN()
                        + thrustShare(cut) / cut.aside().bucklesAtN());
    }

    /** Thrust along the blade over the force down; 0 where a keen tip draws itself in. */
    public static double thrustShare(PartCut cut) {
        return Math.max(0, cut.force().thrustN()) / Math.max(1e-9, cut.force().cuttingN());
    }

    private static double stalls(PartCut cut) {
        return cut.availableWatt() * 60 / cut.at().getFirst().metresPerMinute();
    }

    private static void slide(PartCut cut, List<Weakness> all) {
        double pull = cut.post().boltPullPerN();
        if (pull <= 0) {
            return;
        }
        Bolt bolt = Bolt.atMost(cut.job().boltMm(), cut.job().screws());
        all.add(new Weakness(Weakness.Kind.BOLT_GIVES, bolt.proofN() / pull));
        TSlot slot = cut.job().lathe().slide().slot(cut.job().lathe().swingMm());
        double perN = slot.lipMPa(DRAWN * pull, NUT_THROATS * slot.throatMm());
        all.add(new Weakness(Weakness.Kind.SLOT_BREAKS, TSlot.IRON_MPA / perN));
    }
}
