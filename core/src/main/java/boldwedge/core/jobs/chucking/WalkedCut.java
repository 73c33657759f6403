package boldwedge.core.jobs.chucking;

import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A cut and what it meets where it comes in the route.
 *
 * @param cut the cut
 * @param metMm diameter that it meets: outside the largest, of a hole the smallest where it cuts
 * @param misfit what does not fit between what it meets and where it begins
 * @param wallMm thinnest wall when it is done, mm; infinite where there is no hole or nothing is known of the outside
 */
public record WalkedCut(PlacedCut cut, double metMm, Misfit misfit, double wallMm) {
    /** So much may what a cut meets differ from where it begins, mm: what a roughing cut leaves differs by as much. */
    private static final double DIFFERS_MM = 0.25;

    /** What does not fit. */
    public enum Misfit {
        NONE,
        /** There is no hole yet. */
        NO_HOLE,
        /** The hole ends before this cut does. */
        ENDS_BEFORE,
        /** More metal stands there than it takes. */
        MORE_METAL,
        /** It begins in the air. */
        IN_AIR,
        /** It ends at another bore than there is. */
        OTHER_BORE
    }

    /**
     * Walks through a route.
     *
     * @param route the cuts in order
     * @param stockMm diameter of the bar; 0 where nothing is known of it
     */
    public static List<WalkedCut> of(List<PlacedCut> route, double stockMm) {
        WorkShape outside = new WorkShape(stockMm);
        WorkShape hole = new WorkShape(0);
        List<WalkedCut> all = new ArrayList<>();
        for (PlacedCut cut : route) {
            OnWork on = cut.on();
            boolean inside = on.kind().surface() == Surface.HOLE;
            double met = inside
                    ? hole.least(on.fromMm(), on.reachMm())
                    : outside.most(on.fromMm(), Math.max(on.reachMm(), on.fromMm() + DIFFERS_MM));
            Misfit misfit = inside
                    ? inHole(cut, met, hole.at(on.fromMm()))
                    : parted(cut, hole).orElseGet(() -> stockMm > 0 ? outside(cut, met) : Misfit.NONE);
            if (inside) {
                hole.widen(on.fromMm(), on.reachMm(), cut.afterMm());
            } else if (on.kind() != Kind.PART && on.kind().surface() == Surface.OUTSIDE) {
                outside.reduce(on.fromMm(), on.reachMm(), cut.afterMm());
            }
            double wall = stockMm > 0 ? outside.wall(hole, longest(route)) : Double.POSITIVE_INFINITY;
            all.add(new WalkedCut(cut, met, misfit, wall));
        }
        return List.copyOf(all);
    }

    private static Misfit inHole(PlacedCut cut, double met, double atMouth) {
        // A drill begins in the solid, or in its own pilot hole.
        if (cut.on().kind() == Kind.DRILL) {
            return met >= cut.afterMm() ? Misfit.IN_AIR : Misfit.NONE;
        }
        if (met >= cut.beforeMm() - DIFFERS_MM) {
            return met > cut.beforeMm() + DIFFERS_MM ? Misfit.IN_AIR : Misfit.NONE;
        }
        if (atMouth <= 0) {
            return Misfit.NO_HOLE;
        }
        return atMouth >= cut.beforeMm() - DIFFERS_MM ? Misfit.ENDS_BEFORE : Misfit.MORE_METAL;
    }

    /** A blade that goes to the axis, or stops at a bore, meets the bore that is there. */
    private static Optional<Misfit> parted(PlacedCut cut, WorkShape hole) {
        OnWork on = cut.on();
        return on.kind() == Kind.PART && Math.abs(hole.most(on.fromMm(), on.reachMm()) - on.afterMm()) > DIFFERS_MM
                ? Optional.of(Misfit.OTHER_BORE)
                : Optional.empty();
    }

    private static Misfit outside(PlacedCut cut, double met) {
        if (cut.on().kind().surface() == Surface.END) {
            return Misfit.NONE;
        }
        if (met > cut.beforeMm() + DIFFERS_MM) {
            return Misfit.MORE_METAL;
        }
        return met < cut.beforeMm() - DIFFERS_MM ? Misfit.IN_AIR : Misfit.NONE;
    }

    /** How far the longest cut of a route goes, from the free end, mm. */
    public static double longest(List<PlacedCut> route) {
        return route.stream().mapToDouble(cut -> cut.on().reachMm()).max().orElse(0);
    }
}
