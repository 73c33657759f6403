package boldwedge.core.trial;

import java.util.Arrays;
import java.util.OptionalDouble;
import org.hipparchus.complex.Complex;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.fitting.PolynomialCurveFitter;
import org.hipparchus.fitting.WeightedObservedPoints;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.hipparchus.util.MathUtils;
import org.hipparchus.util.Pair;

/**
 * What a recorded ring tells: the bar is tapped, and a pick-up or a microphone records how it dies away. Frequency and
 * damping come from the dying amplitude (logarithmic decrement: δ = 2πζ/√(1−ζ²)) and, by a second way, from the width of the
 * peak in the spectrum at half its power (ζ = Δf / 2f).
 *
 * @param hz frequency of the ring, Hz
 * @param byDecrement damping ratio from the dying amplitude
 * @param byHalfPower damping ratio from the width of the peak; empty when the record is too short to show it
 * @param decrement logarithmic decrement
 * @param decibels how far the ring stands over the noise, dB
 * @param seconds length of record that was used, s
 */
public record Ring(
        double hz, double byDecrement, OptionalDouble byHalfPower, double decrement, double decibels, double seconds) {
    private static final int BLOCK = 1 << 15;
    private static final double LEAST_HZ = 20;
    private static final double LEAST_DECIBELS = 8;
    private static final double SILENCE = 1e-4;
    private static final double CLIPPED_SHARE = 0.002;

    /** Why a record cannot be used, in a sentence. */
    public static final class Unusable extends Exception {
        private static final long serialVersionUID = 1;

        Unusable(String sentence) {
            super(sentence);
        }

        /** The sentence. */
        public String sentence() {
            return String.valueOf(getMessage());
        }
    }

    /**
     * Analyses a record.
     *
     * @param samples full scale is 1
     * @param rate samples a second
     * @throws Unusable when there is no ring to be found, with a sentence that says why and what would help
     */
    public static Ring of(double[] samples, double rate) throws Unusable {
        if (samples.length < 256 || rate < 500) {
            throw new Unusable("The record is too short to hold a ring: record a second or so at 8 kHz or more.");
        }
        double[] x = centred(samples);
        int onset = onset(x, rate);
        int end = Math.min(x.length, onset + BLOCK);
        if (end - onset < 256) {
            throw new Unusable("The tap is at the very end of the record: go on recording while the bar rings.");
        }
        double noise = noise(x, onset, rate);
        double coarse = coarse(x, onset, end, rate);
        // Twice: the first time tells how long the ring lasts, the second looks at that much of it.
        Fit fit = fit(x, onset, end, rate, coarse, noise);
        int used = (int) Math.min(end - onset, Math.max(256, 5.5 / fit.decay * rate));
        fit = refined(x, onset, onset + used, rate, fit(x, onset, onset + used, rate, fit.hz, noise));
        double omega = 2 * Math.PI * fit.hz;
        double zeta = fit.decay / Math.hypot(fit.decay, omega);
        double decibels = 20 * Math.log10(Math.max(1e-12, fit.amplitude / Math.max(noise, 1e-12)));
        if (decibels < LEAST_DECIBELS || zeta > 0.6 || zeta <= 0) {
            throw new Unusable(
                    "No ring stands out of the noise: tap harder, closer to the point, or bring the pick-up nearer.");
        }
        return new Ring(
                fit.hz,
                zeta,
                halfPower(x, onset, Math.min(end, onset + (int) (8 / fit.decay * rate)), rate, fit.hz, zeta),
                2 * Math.PI * zeta / Math.sqrt(1 - zeta * zeta),
                decibels,
                used / rate);
    }

    private record Fit(double hz, double decay, double amplitude) {}

    /** Takes the mean away; refuses silence and clipping. */
    private static double[] centred(double[] samples) throws Unusable {
        double mean = 0;
        double peak = 0;
        for (double s : samples) {
            mean += s / samples.length;
            peak = Math.max(peak, Math.abs(s));
        }
        if (peak < SILENCE) {
            throw new Unusable("The record is silent: nothing was picked up. Is the right input chosen?");
        }
        int clipped = 0;
        int run = 0;
        double[] x = new double[samples.length];
        for (int i = 0; i < x.length; i++) {
            // Clipping shows as the same extreme value several times running.
            boolean at = Math.abs(samples[i]) >= 0.999 * peak && i > 0 && samples[i] == samples[i - 1];
            run = at ? run + 1 : 0;
            clipped += run >= 2 ? 1 : 0;
            x[i] = samples[i] - mean;
        }
        if (clipped > CLIPPED_SHARE * Math.min(samples.length, 4000)) {
            throw new Unusable(
                    "The record is clipped: its peaks are cut off flat, and the damping would come out wrong. Turn the level down or tap more softly.");
        }
        return x;
    }

    /** Where the loudest ring begins: a little after its peak, so that the blow itself is left out. */
    private static int onset(double[] x, double rate) {
        int loudest = 0;
        for (int i = 1; i < x.length; i++) {
            if (Math.abs(x[i]) > Math.abs(x[loudest])) {
                loudest = i;
            }
        }
        return Math.min(x.length - 1, loudest + (int) (0.0005 * rate));
    }

    /** Root mean square of what is heard before the tap, or of the last part when it starts at once. */
    private static double noise(double[] x, int onset, double rate) {
        int before = onset - (int) (0.01 * rate);
        int from = before > 0.05 * rate ? 0 : (int) Math.max(onset, x.length - x.length / 5.0);
        int to = before > 0.05 * rate ? before : x.length;
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += x[i] * x[i];
        }
        return Math.sqrt(sum / Math.max(1, to - from));
    }

    /** The highest peak of the spectrum above 20 Hz. */
    private static double coarse(double[] x, int onset, int end, double rate) {
        double[] block = new double[BLOCK];
        System.arraycopy(x, onset, block, 0, end - onset);
        Complex[] spectrum =
                new FastFourierTransformer(DftNormalization.STANDARD).transform(block, TransformType.FORWARD);
        int best = 1;
        double most = 0;
        for (int i = (int) Math.ceil(LEAST_HZ * BLOCK / rate); i < BLOCK / 2; i++) {
            double power = spectrum[i].norm();
            if (power > most) {
                most = power;
                best = i;
            }
        }
        return best * rate / BLOCK;
    }

    /**
     * Turns the ring down to rest by its coarse frequency and smooths it over two whole periods, then fits straight lines to
     * the logarithm of its amplitude and to its phase, each point weighted by its power over the noise.
     */
    private static Fit fit(double[] x, int from, int to, double rate, double hz, double noise) {
        int n = to - from;
        int window = (int) Math.max(2, Math.round(2 * rate / hz));
        double[] re = new double[n + 1];
        double[] im = new double[n + 1];
        for (int i = 0; i < n; i++) {
            double phase = 2 * Math.PI * hz * i / rate;
            re[i + 1] = re[i] + x[from + i] * Math.cos(phase);
            im[i + 1] = im[i] - x[from + i] * Math.sin(phase);
        }
        double floor = noise * Math.sqrt(2.0 / window) * 2.5;
        WeightedObservedPoints logs = new WeightedObservedPoints();
        WeightedObservedPoints turned = new WeightedObservedPoints();
        double last = 0;
        double turns = 0;
        double start = 0;
        int count = 0;
        int step = Math.max(1, window / 8);
        for (int i = 0; i + window <= n; i += step) {
            double a = (re[i + window] - re[i]) / window;
            double b = (im[i + window] - im[i]) / window;
            double amplitude = 2 * Math.hypot(a, b);
            start = count == 0 ? amplitude : start;
            if (amplitude < Math.max(floor, 0.01 * start)) {
                break;
            }
            double angle = Math.atan2(b, a);
            turns += count == 0 ? 0 : MathUtils.normalizeAngle(angle - last, 0);
            last = angle;
            count++;
            double t = (i + window / 2.0) / rate;
            logs.add(amplitude * amplitude, t, Math.log(amplitude));
            turned.add(amplitude * amplitude, t, turns);
        }
        if (count < 2) {
            return new Fit(hz, 1e9, start);
        }
        PolynomialCurveFitter line = PolynomialCurveFitter.create(1);
        double decay = -line.fit(logs.toList())[1];
        double drift = line.fit(turned.toList())[1];
        return new Fit(hz + drift / (2 * Math.PI), Math.max(decay, 1e-6), start);
    }

    /**
     * Least squares (Levenberg and Marquardt) for e^(−σt)(a cos ωt + b sin ωt) on the samples themselves, from the straight lines'
     * answer: it uses every sample as well as it can be used (white noise). Keeps the start when it does not settle near it.
     */
    private static Fit refined(double[] x, int from, int to, double rate, Fit start) {
        double[] samples = Arrays.copyOfRange(x, from, to);
        double omega = 2 * Math.PI * start.hz;
        // The phase is not known; both amplitudes enter linearly, so any start will do for them.
        LeastSquaresProblem problem = new LeastSquaresBuilder()
                .start(new double[] {start.amplitude, start.amplitude, start.decay, omega})
                .target(samples)
                .model(at -> dying(at, samples.length, rate))
                .maxEvaluations(100)
                .maxIterations(100)
                .build();
        try {
            RealVector found =
                    new LevenbergMarquardtOptimizer().optimize(problem).getPoint();
            double sigma = found.getEntry(2);
            double turned = found.getEntry(3);
            boolean near = sigma > 0
                    && sigma < 2.5 * start.decay
                    && Math.abs(turned - omega) < Math.max(0.2 * omega, 2 * start.decay);
            return near
                    ? new Fit(turned / (2 * Math.PI), sigma, Math.hypot(found.getEntry(0), found.getEntry(1)))
                    : start;
        } catch (MathRuntimeException unsettled) {
            return start;
        }
    }

    /** The model's samples at a, b, σ, ω, and how each of them changes with each. */
    private static Pair<RealVector, RealMatrix> dying(RealVector at, int samples, double rate) {
        double a = at.getEntry(0);
        double b = at.getEntry(1);
        double sigma = at.getEntry(2);
        double omega = at.getEntry(3);
        double[] value = new double[samples];
        double[][] slope = new double[samples][];
        for (int i = 0; i < samples; i++) {
            double t = i / rate;
            double left = Math.exp(-sigma * t);
            double c = left * Math.cos(omega * t);
            double s = left * Math.sin(omega * t);
            value[i] = a * c + b * s;
            slope[i] = new double[] {c, s, -t * value[i], t * (b * c - a * s)};
        }
        return new Pair<>(new ArrayRealVector(value, false), new Array2DRowRealMatrix(slope, false));
    }

    /**
     * Half-power width of the peak in |X(f)|², summed finely about the frequency. A ring cut off while it still sounds would
     * look too wide: the record must have died down.
     */
    private static OptionalDouble halfPower(double[] x, int from, int to, double rate, double hz, double zeta) {
        int n = to - from;
        double width = Math.max(2 * zeta * hz, 2 * rate / n);
        int points = 160;
        double[] power = new double[points + 1];
        int peak = 0;
        for (int k = 0; k <= points; k++) {
            double f = hz + width * 2 * (k - points / 2.0) / points;
            double c = Math.cos(2 * Math.PI * f / rate);
            double s = Math.sin(2 * Math.PI * f / rate);
            double re = 0;
            double im = 0;
            double cr = 1;
            double ci = 0;
            for (int i = 0; i < n; i++) {
                re += x[from + i] * cr;
                im += x[from + i] * ci;
                double next = cr * c - ci * s;
                ci = cr * s + ci * c;
                cr = next;
            }
            power[k] = re * re + im * im;
            if (power[k] > power[peak]) {
                peak = k;
            }
        }
        double half = power[peak] / 2;
        OptionalDouble low = crossing(power, peak, -1, half);
        OptionalDouble high = crossing(power, peak, 1, half);
        return low.isEmpty() || high.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of((high.getAsDouble() - low.getAsDouble()) * width * 2 / points / (2 * hz));
    }

    private static OptionalDouble crossing(double[] power, int peak, int way, double half) {
        for (int k = peak; k + way >= 0 && k + way < power.length; k += way) {
            if (power[k + way] < half) {
                return OptionalDouble.of(k + way * (power[k] - half) / (power[k] - power[k + way]));
            }
        }
        return OptionalDouble.empty();
    }
}
