package boldwedge.core.jobs.chucking;

import boldwedge.core.jobs.chucking.PlacedCut.Part;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * The order in which the cuts of one chucking are taken. It depends on the cuts alone, not on the order in which they were named. Where
 * there is work on holes and outside, what is turned is roughed before the holes and finished after them.
 */
public final class ChuckingOrder {
    /** Diameters nearer to each other than this are the same surface, mm. */
    private static final double SAME_MM = 0.05;

    private static final Comparator<PlacedCut> ORDER = Comparator.comparing(PlacedCut::stage)
            // Outside from thick to thin, for the work is stiff as long as it is thick; holes from small to large.
            .thenComparingDouble(one -> one.on().kind().surface() == Surface.HOLE ? one.afterMm() : -one.beforeMm())
            .thenComparingDouble(one -> -one.on().reachMm())
            .thenComparingDouble(one -> -one.afterMm())
            .thenComparing(one -> one.on().tool())
            .thenComparing(PlacedCut::cut);

    private ChuckingOrder() {}

    /** The route of the cuts, by their ids. */
    public static List<PlacedCut> of(Map<String, OnWork> cuts) {
        boolean holes = cuts.values().stream().anyMatch(one -> one.kind().surface() == Surface.HOLE);
        List<PlacedCut> all = new ArrayList<>();
        cuts.forEach((id, on) -> {
            if (on.kind() != Kind.TURN) {
                all.add(new PlacedCut(id, on, stage(on.kind()), Part.WHOLE));
                return;
            }
            Stage rough = on.centred() ? Stage.ROUGH_CENTRED : Stage.ROUGH;
            if (isCutAgain(on, cuts.values())) {
                all.add(new PlacedCut(id, on, rough, Part.WHOLE));
            } else if (holes && on.passes().rough() > 0) {
                all.add(new PlacedCut(id, on, rough, Part.ROUGHED));
                all.add(new PlacedCut(id, on, Stage.FINISH, Part.FINISHED));
            } else {
                all.add(new PlacedCut(id, on, Stage.FINISH, Part.WHOLE));
            }
        });
        return all.stream().sorted(ORDER).toList();
    }

    /** Whether another outside cut begins at the diameter at which this one ends: then this one only makes it ready. */
    private static boolean isCutAgain(OnWork on, Iterable<OnWork> all) {
        for (OnWork other : all) {
            boolean next = other.kind() == Kind.TURN || other.kind() == Kind.SHAVE;
            if (next
                    && !other.equals(on)
                    && Math.abs(other.beforeMm() - on.afterMm()) < SAME_MM
                    && other.reachMm() >= on.reachMm() - SAME_MM) {
                return true;
            }
        }
        return false;
    }

    private static Stage stage(Kind kind) {
        return switch (kind) {
            case FACE -> Stage.FACE;
            case TURN -> Stage.FINISH;
            case SHAVE -> Stage.SHAVE;
            case GROOVE -> Stage.GROOVE;
            case FORM -> Stage.FORM;
            case OUTSIDE_THREAD -> Stage.OUTSIDE_THREAD;
            case FACE_GROOVE -> Stage.FACE_GROOVE;
            case DRILL -> Stage.DRILL;
            case BORE -> Stage.BORE;
            case REAM -> Stage.REAM;
            case COUNTERBORE -> Stage.COUNTERBORE;
            case RECESS -> Stage.RECESS;
            case INSIDE_THREAD -> Stage.INSIDE_THREAD;
            case KEYWAY -> Stage.KEYWAY;
            case PART -> Stage.PART;
        };
    }
}
