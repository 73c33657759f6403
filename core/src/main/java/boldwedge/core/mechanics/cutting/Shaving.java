package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.wedge.ShearEdge;
import java.util.OptionalDouble;

/** Where a shear tool is worth a try, and what it would leave. */
public final class Shaving {
    /** Side slope and front clearance in the middle of what is customary. */
    public static final double USUAL_SLOPE_RAD = Math.toRadians(20);

    public static final double USUAL_FRONT_RAD = Math.toRadians(7);

    /** Harder work wears so thin an edge off at once, HB (ours). */
    public static final double HARDEST_HB = 260;

    /** What builds up on an edge by less than this comes off clean with any keen bit (ours). */
    private static final double TEARS = 0.5;

    private static final double COARSEST_MM = 0.15;
    private static final double COARSEST_OF_ARC = 0.03;

    private Shaving() {}

    /** Whether a material tears under common bits and is soft enough to be shaved: soft steel, aluminium, copper, plastics. */
    public static boolean suits(WorkMaterial work) {
        return isSoftEnough(work)
                && !hardensUnderIt(work)
                && (work.builtUp() >= TEARS || work.group().equals("O"));
    }

    /** Whether the pass before leaves a skin that so thin a cut does not get under: alloys of nickel, titanium (ISO 513, S). */
    public static boolean hardensUnderIt(WorkMaterial work) {
        return work.group().equals("S");
    }

    /** Whether it is soft enough for a thin edge of high-speed steel. */
    public static boolean isSoftEnough(WorkMaterial work) {
        return work.brinell() <= HARDEST_HB;
    }

    /** The coarsest feed of a shear tool, mm a turn: by its arc, and never less than what is customary. */
    public static double coarsestFeedMm(double arcMm) {
        return Math.max(COARSEST_MM, COARSEST_OF_ARC * arcMm);
    }

    /** Finish that a usual shear tool would likely leave in place of a cut, Ra in mm; nothing where it does not suit or would not better it by half. */
    public static OptionalDouble insteadRaMm(EdgeCut cut, double workRadiusMm) {
        EdgeCut.Situation at = cut.at();
        if (!suits(at.work()) || workRadiusMm <= 0) {
            return OptionalDouble.empty();
        }
        double arc = new ShearEdge(USUAL_SLOPE_RAD, USUAL_FRONT_RAD, workRadiusMm).arcMm();
        EdgeProfile profile = new EdgeProfile(arc, Math.PI / 2, Math.PI / 4);
        double feed = at.feedFor(profile, coarsestFeedMm(arc)).feedMm();
        double leaves = Finish.of(profile, feed).raMm() * Finish.USUAL_OVER_THEORY;
        return leaves < cut.tornRaMm() / 2 ? OptionalDouble.of(leaves) : OptionalDouble.empty();
    }
}
