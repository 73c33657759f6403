package boldwedge.core.families.boring.model;

import boldwedge.core.language.words.Worded;

/**
 * A groove in the wall of a bored hole.
 *
 * @param kind plain, or a gland for an O-ring
 * @param diameterMm its diameter
 * @param widthMm along the hole
 * @param atMm its near side from the mouth
 * @param cordMm cord of the O-ring; 0 for a plain recess
 * @param bitMm width of the bit that cuts it
 */
public record Recess(Kind kind, double diameterMm, double widthMm, double atMm, double cordMm, double bitMm) {
    /** Part of its thickness by which a resting O-ring is squeezed (radial, static: 15 to 30 per cent is usual). */
    public static final double SQUEEZE = 0.2;
    /** Part of the gland that the ring fills: over 85 per cent it has no room to swell. */
    public static final double FILL = 0.75;

    /** What is cut. */
    public enum Kind implements Worded {
        NONE,
        PLAIN,
        O_RING
    }

    /** Depth below the wall of a hole, mm. */
    public double depthMm(double holeMm) {
        return (diameterMm - holeMm) / 2;
    }

    /** Depth of a gland for a cord, mm: what is left of it when it is squeezed. */
    public static double glandDepth(double cordMm) {
        return cordMm * (1 - SQUEEZE);
    }

    /** Width of a gland that a cord fills by {@link #FILL}, mm: π d² / 4 over fill times depth. */
    public static double glandWidth(double cordMm) {
        return Math.PI * cordMm * cordMm / 4 / (FILL * glandDepth(cordMm));
    }

    /** Part of the gland that its ring fills in a hole of this diameter. */
    public double fill(double holeMm) {
        return Math.PI * cordMm * cordMm / 4 / (widthMm * depthMm(holeMm));
    }

    /** Part of its thickness by which the ring is squeezed against a shaft that fills the hole. */
    public double squeeze(double holeMm) {
        return 1 - depthMm(holeMm) / cordMm;
    }

    /** Plunges that a bit of its width needs. */
    public int plunges() {
        return (int) Math.ceil(widthMm / bitMm - 1e-9);
    }
}
