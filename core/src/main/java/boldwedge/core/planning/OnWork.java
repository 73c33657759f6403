package boldwedge.core.planning;

import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What a cut does to work that turns in the chuck, as the route of the whole work needs it. Lengths in mm, measured from the free end.
 *
 * @param kind what is done to which surface
 * @param material of the work
 * @param lathe it is cut on
 * @param centred whether the tailstock's centre carries the free end
 * @param beforeMm diameter of the surface before: of a hole 0 where it is drilled from solid; of a face its outside
 * @param afterMm diameter after
 * @param fromMm where along the work it begins, from the free end
 * @param reachMm how far along the work it goes, from the free end
 * @param tool what cuts, in words: cuts with the same words are cut with the same tool
 * @param tailstock whether the tailstock carries the tool
 * @param rpm spindle speed of the last pass
 * @param feedMm feed of it, mm a turn; 0 where it is not fed by the turn
 * @param passes how it is taken
 * @param toleranceMm width of its tolerance; 0 where it has none
 * @param freeField id of the field that says how far the work stands out; empty where none does
 * @param atField id of the field that says where it is cut, from the jaws; empty where none does
 */
@RecordBuilder
public record OnWork(
        Kind kind,
        WorkMaterial material,
        Lathe lathe,
        boolean centred,
        double beforeMm,
        double afterMm,
        double fromMm,
        double reachMm,
        String tool,
        boolean tailstock,
        double rpm,
        double feedMm,
        Passes passes,
        double toleranceMm,
        String freeField,
        String atField)
        implements OnWorkBuilder.With {

    /**
     * How a cut is taken.
     *
     * @param rough passes before the last ones
     * @param roughMinutes their time
     * @param leavesMm what they leave on the diameter; 0 where there are none
     * @param minutes time of the last ones
     */
    public record Passes(int rough, double roughMinutes, double leavesMm, double minutes) {
        /** One go. */
        public static Passes once(double minutes) {
            return new Passes(0, 0, 0, minutes);
        }
    }

    /** Which surface a cut makes, and how. */
    public enum Kind {
        FACE(Surface.END),
        TURN(Surface.OUTSIDE),
        SHAVE(Surface.OUTSIDE),
        GROOVE(Surface.OUTSIDE),
        FORM(Surface.OUTSIDE),
        OUTSIDE_THREAD(Surface.OUTSIDE),
        FACE_GROOVE(Surface.END),
        DRILL(Surface.HOLE),
        BORE(Surface.HOLE),
        REAM(Surface.HOLE),
        COUNTERBORE(Surface.HOLE),
        RECESS(Surface.HOLE),
        INSIDE_THREAD(Surface.HOLE),
        KEYWAY(Surface.HOLE),
        PART(Surface.OUTSIDE);

        private final Surface surface;

        Kind(Surface surface) {
            this.surface = surface;
        }

        /** The surface that it makes. */
        public Surface surface() {
            return surface;
        }
    }

    /** Where a surface is. */
    public enum Surface {
        END,
        OUTSIDE,
        HOLE
    }

    /** A cut by a tool in the post, taken in one go; the rest is added to it. */
    public static OnWork of(Kind kind, WorkMaterial material, Lathe lathe, String tool) {
        return new OnWork(kind, material, lathe, false, 0, 0, 0, 0, tool, false, 0, 0, Passes.once(0), 0, "", "");
    }

    /** The same with its diameters. */
    public OnWork across(double before, double after) {
        return with(cut -> cut.beforeMm(before).afterMm(after));
    }

    /** The same along the work. */
    public OnWork along(double from, double reach) {
        return with(cut -> cut.fromMm(from).reachMm(reach));
    }

    /** The same at a speed and a feed. */
    public OnWork running(double turns, double feed) {
        return with(cut -> cut.rpm(turns).feedMm(feed));
    }
}
