package boldwedge.core.family;

import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.Beam;
import java.util.Random;

/**
 * A made-up bar, or lathe, in place of a real one, so that its tests can be walked through without instruments: its holder gives more
 * than reckoned, its clamp rubs, and it rings in some noise. Its numbers tell nothing of any real bar.
 */
public final class StandIn {
    private static final double SOFTER_HOLDER = 1.6;
    private static final double SOFTER_MACHINE = 1.4;
    private static final double FRICTION_MM = 0.0015;
    private static final double DAMPING = 0.031;
    private static final double POST_HZ = 163;
    private static final double POST_DAMPING = 0.042;
    private static final double TAP_AT_SECONDS = 0.3;
    private static final double LOUD = 0.6;
    private static final double NOISE = 0.01;
    private static final double READS_TO_MM = 0.001;
    private static final long SEED = 17;

    private StandIn() {}

    /** Reading of an indicator at the point under a pull in N, to the micrometre, mm. */
    public static double indicator(ToolTests.AtRest bar, double pullNewton, boolean comingDown) {
        double read = give(bar) * pullNewton + (comingDown ? FRICTION_MM : 0);
        return Math.rint(read / READS_TO_MM) * READS_TO_MM;
    }

    /** What a pick-up hears of a tap: full scale 1, the same each time. */
    public static double[] ring(ToolTests.AtRest bar, int rate, double seconds) {
        return ring(bar.hz() * Math.sqrt(bar.toolMmPerN() / give(bar)), DAMPING, rate, seconds);
    }

    /** What a pick-up on the post of a made-up lathe hears of a tap: full scale 1, the same each time. */
    public static double[] ring(int rate, double seconds) {
        return ring(POST_HZ, POST_DAMPING, rate, seconds);
    }

    private static double[] ring(double hz, double damping, int rate, double seconds) {
        double omega = 2 * Math.PI * hz;
        Random random = new Random(SEED);
        double[] samples = new double[(int) (rate * seconds)];
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) rate - TAP_AT_SECONDS;
            double ring = t < 0 ? 0 : LOUD * Math.exp(-damping * omega * t) * Math.sin(omega * t);
            samples[i] = ring + NOISE * random.nextGaussian();
        }
        return samples;
    }

    private static double give(ToolTests.AtRest bar) {
        return bar.barMmPerN() + SOFTER_HOLDER * (bar.toolMmPerN() - bar.barMmPerN());
    }

    /**
     * Give that a made-up lathe of this card would show, mm/N: somewhat softer than its size lets assume.
     *
     * @param barMm bar in the chuck, mm
     * @param outMm from the jaws to the pull, mm; 0 for other parts
     */
    public static double give(Lathe lathe, MachineTests.Part part, double barMm, double outMm) {
        return switch (part) {
            case POST -> SOFTER_MACHINE / lathe.postOrAssumed();
            case TAILSTOCK -> SOFTER_MACHINE / lathe.tailstockOrAssumed();
            case CHUCK ->
                SOFTER_MACHINE / lathe.chuckOrAssumed()
                        + SOFTER_MACHINE * outMm * outMm / lathe.chuckTiltOrAssumed()
                        + Beam.cantilever(outMm, MachineTests.STEEL_MPA * Beam.round(barMm));
        };
    }
}
