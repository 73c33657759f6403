package boldwedge.core.mechanics.hole;

import java.util.ArrayList;
import java.util.List;

/**
 * How deep each go of a drill is: the first three diameters clear themselves, then each go is shorter, from one diameter down to half, since the
 * chips have farther to come.
 */
public final class Pecks {
    private static final double FIRST = 3;
    private static final double NEXT = 1;
    private static final double LEAST = 0.5;
    private static final double SHRINKS = 0.9;
    private static final int MOST = 400;

    private Pecks() {}

    /**
     * Depths at which the drill is drawn out, mm, the last one the whole depth.
     *
     * @param diameterMm of the drill
     * @param depthMm down to which it goes
     */
    public static List<Double> depths(double diameterMm, double depthMm) {
        List<Double> depths = new ArrayList<>();
        double at = Math.min(depthMm, FIRST * diameterMm);
        double go = NEXT * diameterMm;
        depths.add(at);
        while (at < depthMm - 1e-9 && depths.size() < MOST) {
            // A last go that is a sliver is taken with the one before.
            at = depthMm - at < go * 1.5 ? depthMm : at + go;
            go = Math.max(LEAST * diameterMm, go * SHRINKS);
            depths.add(at);
        }
        return List.copyOf(depths);
    }
}
