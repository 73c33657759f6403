package boldwedge.core.virtual;

import boldwedge.core.language.stock.WorkMaterial;

/**
 * A last pass as it is set, of turning or boring along the axis.
 *
 * @param material what is cut
 * @param kind how it is cut
 * @param setMm diameter that is wanted, and that the dial was first set to
 * @param depthMm depth of cut, on the radius
 * @param feedMm per turn
 * @param lengthMm length of the cut, from its free end towards the chuck
 * @param freeMm from the chuck to the free end of the work
 * @param workMm diameter of the work that bends; of a bored one outside
 * @param tool the edge as it was meant
 * @param bar the bar that bores; of no length when it is turned
 * @param done what was dialled and moved since
 */
public record Pass(
        WorkMaterial material,
        Kind kind,
        double setMm,
        double depthMm,
        double feedMm,
        double lengthMm,
        double freeMm,
        double workMm,
        Tool tool,
        Bar bar,
        Done done) {
    /** How the work is held and where the tool stands. */
    public enum Kind {
        TURNED_IN_CHUCK,
        TURNED_WITH_CENTRE,
        TURNED_BETWEEN_CENTRES,
        BORED
    }

    /**
     * An edge as it was meant to be ground.
     *
     * @param noseMm nose radius
     * @param leadingRad κr
     * @param rakeRad normal rake
     * @param ploughNPerMm what a well-stoned edge of it presses, N per mm of edge
     */
    public record Tool(double noseMm, double leadingRad, double rakeRad, double ploughNPerMm) {}

    /**
     * A bar.
     *
     * @param diameterMm its diameter
     * @param overhangMm out of its holder
     * @param modulusMPa of its material
     * @param gripMm length in its holder
     */
    public record Bar(double diameterMm, double overhangMm, double modulusMPa, double gripMm) {
        /** Turned work is cut by a bit that gives with its post. */
        public static final Bar NONE = new Bar(1, 0, 1, 1);
    }

    /**
     * What was done at the machine since the dial was first set.
     *
     * @param dialledMm how much larger the diameter was dialled
     * @param tailMm how far the tailstock was moved away from the tool
     * @param slope how far the cut was swung, mm per mm: above 0 what lies further from the chuck comes out larger
     */
    public record Done(double dialledMm, double tailMm, double slope) {
        public static final Done NOTHING = new Done(0, 0, 0);
    }
}
