package boldwedge.core.jobs.model;

import java.util.List;

/**
 * What an operation takes after it was clocked: what was stated, moved by what was clocked as far as that is surer. Ratios are taken
 * by their logarithms, which are about normal; the statement and the clock are weighed by their scatters (Gelman et al., Bayesian
 * Data Analysis, normal mean with known variance).
 *
 * @param minutes what to reckon with
 * @param leastMin the lower end of nine times in ten
 * @param mostMin the upper end
 * @param clocked how often it was clocked
 */
public record LearnedTime(double minutes, double leastMin, double mostMin, int clocked) {
    /** Scatter of what a habit says, as a logarithm: two times in three within one and a half. */
    public static final double HABIT = Math.log(1.5);

    /** Scatter of what was reckoned from strokes, passes or soaks. */
    public static final double RECKONED = Math.log(1.2);

    /** Scatter of the same operation from one time to the next. */
    public static final double FROM_TIME_TO_TIME = Math.log(1.25);

    private static final double NINE_IN_TEN = 1.645;

    /**
     * Learns.
     *
     * @param statedMin minutes as stated
     * @param scatter of the statement: {@link #HABIT} or {@link #RECKONED}
     * @param ratios clocked over stated, each time
     */
    public static LearnedTime of(double statedMin, double scatter, List<Double> ratios) {
        double own = 1 / (scatter * scatter);
        double each = 1 / (FROM_TIME_TO_TIME * FROM_TIME_TO_TIME);
        double sum = ratios.stream().mapToDouble(Math::log).sum() * each;
        double sure = own + each * ratios.size();
        double middle = sum / sure;
        double spread = NINE_IN_TEN * Math.sqrt(1 / sure + FROM_TIME_TO_TIME * FROM_TIME_TO_TIME);
        return new LearnedTime(
                statedMin * Math.exp(middle),
                statedMin * Math.exp(middle - spread),
                statedMin * Math.exp(middle + spread),
                ratios.size());
    }
}
