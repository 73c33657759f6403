package boldwedge.server.instrument;

import boldwedge.core.boring.BarTests;
import java.util.Random;
import org.springframework.stereotype.Component;

/**
 * Stand-ins that ship with the program, so that a test can be walked through without instruments: a bar a third softer than
 * reckoned because its holder gives more, with friction in the clamp, an indicator that reads to a micrometre, and a ring in
 * some noise. Their numbers are made up, and the page says so.
 */
@Component
class SimulatedInstruments implements Instruments {
    private static final double SOFTER_HOLDER = 1.6;
    private static final double FRICTION_MM = 0.0015;
    private static final double DAMPING = 0.031;
    private static final int RATE = 48_000;
    private static final double SECONDS = 2;
    private static final double NOISE = 0.01;

    @Override
    public String name() {
        return "Simulated stand-ins: no instrument was read.";
    }

    @Override
    public double indicator(BarTests.AtRest bar, double pullNewton, boolean comingDown) {
        double holder = bar.toolMmPerN() - bar.barMmPerN();
        double give = bar.barMmPerN() + SOFTER_HOLDER * holder;
        double read = give * pullNewton + (comingDown && pullNewton >= 0 ? FRICTION_MM : 0);
        return Math.rint(read * 1000) / 1000;
    }

    @Override
    public Recording tap(BarTests.AtRest bar) {
        double holder = bar.toolMmPerN() - bar.barMmPerN();
        double softer = bar.toolMmPerN() / (bar.barMmPerN() + SOFTER_HOLDER * holder);
        double omega = 2 * Math.PI * bar.hz() * Math.sqrt(softer);
        Random random = new Random(17);
        double[] samples = new double[(int) (RATE * SECONDS)];
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) RATE - 0.3;
            double ring = t < 0 ? 0 : 0.6 * Math.exp(-DAMPING * omega * t) * Math.sin(omega * t);
            samples[i] = ring + NOISE * random.nextGaussian();
        }
        return new Recording(samples, RATE);
    }
}
