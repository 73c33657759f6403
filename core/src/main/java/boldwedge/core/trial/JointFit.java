package boldwedge.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.special.Erf;

/**
 * All that may be other than reckoned, fitted together to the two readings of a trial cut: linear in each influence, each with a normal prior,
 * and over all the ways in which none, one or two of them are amiss, each weighed by how well it explains the readings (Bayesian linear regression with a mixture of
 * priors; Gelman et al., Bayesian Data Analysis, ch. 14 and 22). One that is fitted alone would take for itself what others explain better.
 *
 * @param parts what each influence came to be, in their order
 */
public record JointFit(List<Part> parts) {
    /** An influence of which this share of the even part is taper either way is known by its taper. */
    private static final double TAPERS = 0.3;

    /** A share this small of a mixture changes nothing. */
    private static final double ENDS = 1e-6;

    /**
     * An influence as fitted.
     *
     * @param of which
     * @param mean what it came to be
     * @param sigma how well that is known, one standard deviation
     */
    public record Part(Influence of, double mean, double sigma) {
        /** What it did to the first reading, mm. */
        public double nearMm() {
            return of.nearMm() * mean;
        }

        /** What it did to the second reading, mm. */
        public double farMm() {
            return of.farMm() * mean;
        }
    }

    /**
     * What influences did to the two readings.
     *
     * @param nearMm to the first, mm
     * @param farMm to the second, mm
     */
    public record Made(double nearMm, double farMm) {
        /** Both together, mm. */
        public double size() {
            return Math.hypot(nearMm, farMm);
        }

        /** The second over the first, mm. */
        public double taperMm() {
            return farMm - nearMm;
        }

        /** What is alike in both, mm. */
        public double evenMm() {
            return (nearMm + farMm) / 2;
        }

        /**
         * Whether it goes the way of what was seen; what goes against it explains nothing of it. What makes more taper than so much is held against the taper, and
         * else against what is alike in both.
         */
        public boolean explains(Made seen) {
            return Math.abs(taperMm()) / 2 > TAPERS * Math.abs(evenMm())
                    ? taperMm() * seen.taperMm() > 0
                    : evenMm() * seen.evenMm() > 0;
        }

        /** With what was reckoned besides. */
        public Made plus(double near, double far) {
            return new Made(nearMm + near, farMm + far);
        }
    }

    /** What these influences did together; nothing of those that were not fitted. */
    public Made made(String... ids) {
        Made all = new Made(0, 0);
        for (Part part : parts) {
            if (List.of(ids).contains(part.of().id())) {
                all = all.plus(part.nearMm(), part.farMm());
            }
        }
        return all;
    }

    /** One influence as fitted; nothing where it was not. */
    public Part part(String id) {
        return parts.stream()
                .filter(part -> part.of().id().equals(id))
                .findFirst()
                .orElse(new Part(Influence.usual(id, 0, 0, 0, 0), 0, 0));
    }

    /** One way in which things are amiss: the spread of each influence under it, and how likely it is at all. */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    private record Hypothesis(double[] sigma, double likely) {}

    /** A spread of two readings that go together: variances and covariance, mm². */
    private record Spread(double near, double far, double both) {
        static Spread of(List<Influence> influences, double[] sigma, double noiseMm) {
            double near = noiseMm * noiseMm;
            double far = near;
            double both = 0;
            for (int i = 0; i < sigma.length; i++) {
                Influence one = influences.get(i);
                double variance = sigma[i] * sigma[i];
                near += variance * one.nearMm() * one.nearMm();
                far += variance * one.farMm() * one.farMm();
                both += variance * one.nearMm() * one.farMm();
            }
            return new Spread(near, far, both);
        }

        double determinant() {
            return near * far - both * both;
        }

        /** Of one row times the inverse times another. */
        double through(double an, double af, double bn, double bf) {
            return (an * (far * bn - both * bf) + af * (near * bf - both * bn)) / determinant();
        }
    }

    /**
     * Fits influences to readings.
     *
     * @param nearMm the first reading over what was set, mm
     * @param farMm the second
     * @param noiseMm what differs from reading to reading whatever is known, mm; above 0
     */
    public static JointFit of(List<Influence> influences, double nearMm, double farMm, double noiseMm) {
        double near = nearMm;
        double far = farMm;
        for (Influence one : influences) {
            near -= one.middle() * one.nearMm();
            far -= one.middle() * one.farMm();
        }
        int n = influences.size();
        List<Hypothesis> all = hypotheses(influences);
        double[] weights = new double[all.size()];
        double[][] means = new double[all.size()][n];
        double[][] variances = new double[all.size()][n];
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < all.size(); k++) {
            Hypothesis one = all.get(k);
            Spread spread = Spread.of(influences, one.sigma(), noiseMm);
            weights[k] = Math.log(one.likely())
                    - Math.log(spread.determinant()) / 2
                    - spread.through(near, far, near, far) / 2;
            most = Math.max(most, weights[k]);
            for (int i = 0; i < n; i++) {
                Influence of = influences.get(i);
                double variance = one.sigma()[i] * one.sigma()[i];
                means[k][i] = of.middle() + variance * spread.through(of.nearMm(), of.farMm(), near, far);
                variances[k][i] = variance
                        - variance * variance * spread.through(of.nearMm(), of.farMm(), of.nearMm(), of.farMm());
            }
        }
        double sum = 0;
        for (int k = 0; k < weights.length; k++) {
            weights[k] = Math.exp(weights[k] - most);
            sum += weights[k];
        }
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double mean = 0;
            double square = 0;
            for (int k = 0; k < weights.length; k++) {
                double share = weights[k] / sum;
                mean += share * means[k][i];
                square += share * (Math.max(0, variances[k][i]) + means[k][i] * means[k][i]);
            }
            parts.add(new Part(influences.get(i), mean, Math.sqrt(Math.max(0, square - mean * mean))));
        }
        return new JointFit(List.copyOf(parts));
    }

    /** None amiss, one amiss, two amiss. */
    private static List<Hypothesis> hypotheses(List<Influence> influences) {
        int n = influences.size();
        double[] usual = influences.stream().mapToDouble(Influence::usual).toArray();
        List<Hypothesis> all = new ArrayList<>();
        double none = 1;
        for (Influence one : influences) {
            none *= 1 - one.chance();
        }
        all.add(new Hypothesis(usual, none));
        for (int i = 0; i < n; i++) {
            Influence first = influences.get(i);
            if (first.chance() <= 0) {
                continue;
            }
            double odds = first.chance() / (1 - first.chance());
            double[] oneBad = usual.clone();
            oneBad[i] = first.bad();
            all.add(new Hypothesis(oneBad, none * odds));
            for (int j = i + 1; j < n; j++) {
                Influence second = influences.get(j);
                if (second.chance() > 0) {
                    double[] twoBad = oneBad.clone();
                    twoBad[j] = second.bad();
                    all.add(new Hypothesis(twoBad, none * odds * second.chance() / (1 - second.chance())));
                }
            }
        }
        return all;
    }

    /**
     * Half the width about what is expected within which a part of such cuts come out, mm: of the whole mixture, by halving.
     *
     * @param of what is looked at, as what one unit of an influence does to it: a reading, or the difference of both
     * @param noiseMm what differs in that from reading to reading
     * @param part how many of all, 0 to 1
     */
    public static double band(List<Influence> influences, ToDoubleFunction<Influence> of, double noiseMm, double part) {
        List<Hypothesis> all = hypotheses(influences);
        double[] sigmas = new double[all.size()];
        double sum = 0;
        double most = 0;
        for (int k = 0; k < sigmas.length; k++) {
            double variance = noiseMm * noiseMm;
            for (int i = 0; i < influences.size(); i++) {
                double one = all.get(k).sigma()[i] * of.applyAsDouble(influences.get(i));
                variance += one * one;
            }
            sigmas[k] = Math.sqrt(variance);
            sum += all.get(k).likely();
            most = Math.max(most, sigmas[k]);
        }
        double low = 0;
        double high = 10 * most;
        while (high - low > ENDS * most) {
            double half = (low + high) / 2;
            double within = 0;
            for (int k = 0; k < sigmas.length; k++) {
                within += all.get(k).likely() / sum * Erf.erf(half / (sigmas[k] * Math.sqrt(2)));
            }
            if (within < part) {
                low = half;
            } else {
                high = half;
            }
        }
        return high;
    }
}
