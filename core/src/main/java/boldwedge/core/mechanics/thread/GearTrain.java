package boldwedge.core.mechanics.thread;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Change wheels from spindle to lead screw: drivers a and c, driven b and d. A simple train has c = d = 0. The ratio is what the lead
 * screw turns for one turn of the spindle.
 *
 * @param a on the spindle's stud
 * @param b driven by it
 * @param c on b's stud
 * @param d on the lead screw, driven by c
 */
public record GearTrain(int a, int b, int c, int d) {
    /** Wheels on neighbouring studs must clear the other's stud by so many teeth. */
    private static final int STUD_TEETH = 15;

    /** Errors that differ by less are the same: what the sums themselves are off by. */
    private static final double NOISE = 1e-12;

    /** Driver over driven. */
    public double ratio() {
        return compound() ? (double) a * c / ((double) b * d) : (double) a / b;
    }

    /** Whether two pairs mesh. */
    public boolean compound() {
        return c > 0;
    }

    /** Whether its wheels clear each other's studs: a + b ≥ c + 15, c + d ≥ b + 15 (shop rule for change wheels). */
    public boolean clears() {
        return !compound() || (a + b >= c + STUD_TEETH && c + d >= b + STUD_TEETH);
    }

    /** Relative error of the lead against what is wanted. */
    public double error(double wanted) {
        return ratio() / wanted - 1;
    }

    /**
     * The best train of these wheels: the least error; of those as exact a simple one before a compound one, then the one with the
     * larger wheels. Every compound of four wheels is tried. Empty where there are fewer than two wheels.
     *
     * @param wheels teeth of the wheels at hand; one that is there twice stands twice
     * @param wanted driver over driven
     */
    public static Optional<GearTrain> best(List<Integer> wheels, double wanted) {
        GearTrain best = simplest(wheels, wanted).orElse(null);
        double least = best == null ? Double.POSITIVE_INFINITY : Math.abs(best.error(wanted));
        int n = wheels.size();
        // A compound train has to be better by more than the sums' own noise; than an exact one none is.
        for (int i = 0; i < n && least > NOISE; i++) {
            for (int j = 0; j < n; j++) {
                for (int k = i + 1; k < n; k++) {
                    if (j == i || k == j) {
                        continue;
                    }
                    // Which of two driven wheels comes first, laid() decides.
                    for (int l = j + 1; l < n; l++) {
                        double rank = l == i || l == k
                                ? Double.POSITIVE_INFINITY
                                : Math.abs((double) wheels.get(i)
                                                * wheels.get(k)
                                                / ((double) wheels.get(j) * wheels.get(l))
                                                / wanted
                                        - 1);
                        if (rank < least - NOISE) {
                            Optional<GearTrain> laid = laid(wheels.get(i), wheels.get(j), wheels.get(k), wheels.get(l));
                            if (laid.isPresent()) {
                                least = rank;
                                best = laid.get();
                            }
                        }
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The best pair of wheels; empty where there are fewer than two. */
    public static Optional<GearTrain> simplest(List<Integer> wheels, double wanted) {
        GearTrain best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < wheels.size(); i++) {
            for (int j = 0; j < wheels.size(); j++) {
                GearTrain train = new GearTrain(wheels.get(i), wheels.get(j), 0, 0);
                double off = Math.abs(train.error(wanted));
                if (i != j && off < least - NOISE) {
                    least = off;
                    best = train;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The same four wheels in an order in which they clear, the largest driven last. */
    private static Optional<GearTrain> laid(int a, int b, int c, int d) {
        return List.of(
                        new GearTrain(a, b, c, d),
                        new GearTrain(a, d, c, b),
                        new GearTrain(c, b, a, d),
                        new GearTrain(c, d, a, b))
                .stream()
                .filter(GearTrain::clears)
                .max(Comparator.comparingInt(GearTrain::d));
    }
}
