package boldwedge.core.trial;

import boldwedge.core.mechanics.hole.CutsOver;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.special.Erf;

/**
 * What trials on one lathe have taught: by what factor tool and work really spring, or the material really resists, more or
 * less than reckoned. The factor's logarithm starts as a guess about 0 with a spread of one half (half to twice as much) and
 * each trial narrows it (normal prior and normal observations; Gelman et al., Bayesian Data Analysis, ch. 2).
 *
 * @param of what the factor is of
 * @param factor measured over reckoned, as far as is known; of what is added, the value itself
 * @param spread of its logarithm; of what is added, of the value
 * @param trials how many taught it
 * @param sang whether in one that was listened to the tool sang
 */
public record Calibration(Of of, double factor, double spread, int trials, boolean sang) {
    /** What a lesson is about. */
    public enum Of {
        /** The give of bar, holder and work: nobody has measured it, so a trial cannot tell it from the force. */
        SPRING,
        /** The cutting force: the give was measured, and what is left over is the force's. */
        FORCE,
        /** How much larger than the drill a drilled hole comes out. */
        DRILLED,
        /** How much larger than the reamer a reamed hole comes out. */
        REAMED,
        /** How fast a reamer wears, over the wear that was likely: learnt from holes that were counted. */
        WEAR,
        /** How far the spindle's axis runs off the tool's path, mm per mm: added, not multiplied. */
        HEAD,
        /** How far the tailstock's centre stands off the axis, mm: added, not multiplied. */
        TAIL,
        /** How much larger diameters come out than was dialled, mm: added, not multiplied. */
        DIAL,
        /** From which depth a tool sings, over the depth that was likely: learnt by listening. */
        QUIET;

        /** How far from nothing it lies where nobody has looked, one standard deviation, ours and wide: between the usual and the bad of {@link UsualFaults}; 0 for what is a factor. */
        public double usual() {
            return switch (this) {
                case HEAD -> 1e-4;
                case TAIL -> 0.03;
                case DIAL -> 0.015;
                default -> 0;
            };
        }

        /** Its name where lessons are kept. */
        String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Spread of the logarithm before any trial. */
    public static final double UNTAUGHT_SPREAD = 0.5;

    /** Cuts differ from one to the next by this much whatever is known: edge, chip, clamping. */
    private static final double CUT_TO_CUT = 0.2;

    private static final double GAUGE_MM = 0.002;

    /** Beyond this many spreads a trial is not about spring or force: the point was set wrong, or the reading is. */
    private static final double BELIEVED = 3;

    /** How far apart what is heard in one cut and in the next may lie, as a spread of the logarithm. */
    private static final double HEARING = 0.12;

    private static final int PARTS = 400;

    /** What trials teach that nobody listened to. */
    public Calibration(Of of, double factor, double spread, int trials) {
        this(of, factor, spread, trials, false);
    }

    /** Nothing is known yet. */
    public static final Calibration NOTHING = new Calibration(Of.SPRING, 1, UNTAUGHT_SPREAD, 0);

    /**
     * One trial.
     *
     * @param reckonedMm what was reckoned without teaching, mm: a diameter error, or how far a hole is over its drill
     * @param measuredMm the same measured, mm
     * @param believed how many times more or less than reckoned is still taken for that, and not for a wrong setting or reading
     */
    public record Trial(double reckonedMm, double measuredMm, double believed) {
        /** A trial of what is reckoned from what is known of it. */
        public Trial(double reckonedMm, double measuredMm) {
            this(reckonedMm, measuredMm, Math.exp(BELIEVED * UNTAUGHT_SPREAD));
        }

        /**
         * What this trial teaches. A hole that came out on the wrong side of nothing teaches nothing of the spring, nor does one
         * that is off by more than is believed.
         */
        public Optional<Lesson> lesson() {
            if (reckonedMm <= 1e-4 || measuredMm <= 1e-4) {
                return Optional.empty();
            }
            double off = Math.log(measuredMm / reckonedMm);
            if (Math.abs(off) > Math.log(believed)) {
                return Optional.empty();
            }
            double gauge = GAUGE_MM / measuredMm;
            return Optional.of(new Lesson(off, 1 / (CUT_TO_CUT * CUT_TO_CUT + gauge * gauge)));
        }
    }

    /**
     * What is heard in a cut: that it was quiet at a depth, or that it sang. Nobody knows how much deeper it would have stayed quiet; so of all that were heard
     * the deepest quiet cut and the lightest one that sang count, and no more.
     *
     * @param depthMm depth of cut that was taken, mm
     * @param likelyMm depth from which it was likely to sing, reckoned without teaching, or what stands for it where none was, mm
     * @param sang whether it sang
     */
    public record Heard(double depthMm, double likelyMm, boolean sang) {
        /** What it teaches; nothing where every depth was sure to be quiet, or the reckoning was off beyond belief. */
        public Optional<Lesson> lesson() {
            double ratio = Math.log(depthMm / likelyMm);
            return Double.isInfinite(likelyMm) || depthMm <= 0 || Math.abs(ratio) > BELIEVED
                    ? Optional.empty()
                    : Optional.of(new Lesson(ratio, sang ? -1 : 1));
        }
    }

    /**
     * What a trial teaches, in a form that can be kept and added up.
     *
     * @param logarithm of measured over reckoned; of the depth heard over the likely one; of what is added, the value itself
     * @param weight precision of that logarithm: one over its variance; of what was heard 1 when it was quiet, −1 when it sang
     */
    public record Lesson(double logarithm, double weight) {
        /**
         * Of what is added; nothing where it is further off than is believed of it.
         *
         * @param value what was found, in the unit of what it is of
         * @param sigma how well one trial tells it
         */
        public static Optional<Lesson> added(Of of, double value, double sigma) {
            return Math.abs(value) > BELIEVED * of.usual()
                    ? Optional.empty()
                    : Optional.of(new Lesson(value, 1 / (sigma * sigma)));
        }
    }

    /**
     * Lessons added up: all that is needed of them, however many there are.
     *
     * @param logarithms their logarithms, each times its weight
     * @param weight their weights
     * @param trials how many
     * @param quietAt largest logarithm of those with a weight above 0; −∞ for none
     * @param sangAt least logarithm of those with a weight below 0; ∞ for none
     */
    public record Sum(double logarithms, double weight, int trials, double quietAt, double sangAt) {
        /** Of no lessons. */
        public static final Sum NONE = new Sum(0, 0, 0, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

        /** With one lesson more. */
        public Sum plus(Lesson lesson) {
            boolean quiet = lesson.weight() > 0;
            return new Sum(
                    logarithms + lesson.weight() * lesson.logarithm(),
                    weight + lesson.weight(),
                    trials + 1,
                    quiet ? Math.max(quietAt, lesson.logarithm()) : quietAt,
                    quiet ? sangAt : Math.min(sangAt, lesson.logarithm()));
        }
    }

    /** What these trials teach. */
    public static Calibration by(Of of, List<Trial> trials) {
        Sum sum = Sum.NONE;
        for (Trial trial : trials) {
            Optional<Lesson> lesson = trial.lesson();
            sum = lesson.isPresent() ? sum.plus(lesson.get()) : sum;
        }
        return by(of, sum);
    }

    /** What lessons teach that have been added up. */
    public static Calibration by(Of of, Sum sum) {
        if (of == Of.QUIET) {
            return heard(sum);
        }
        if (of.usual() > 0) {
            double precision = 1 / (of.usual() * of.usual()) + sum.weight();
            return new Calibration(of, sum.logarithms() / precision, Math.sqrt(1 / precision), sum.trials());
        }
        double precision = 1 / (UNTAUGHT_SPREAD * UNTAUGHT_SPREAD) + sum.weight();
        return new Calibration(of, Math.exp(sum.logarithms() / precision), Math.sqrt(1 / precision), sum.trials());
    }

    /**
     * The prior, a normal about 0, times the chance to have stayed quiet at the one depth and to have sung at the other (both with what differs from cut to cut);
     * mean and spread of that by sums over an even grid.
     */
    private static Calibration heard(Sum sum) {
        double mass = 0;
        double first = 0;
        double second = 0;
        for (int i = 0; i <= PARTS; i++) {
            double at = UNTAUGHT_SPREAD * (8.0 * i / PARTS - 4);
            double prior = Math.exp(-at * at / (2 * UNTAUGHT_SPREAD * UNTAUGHT_SPREAD));
            double likely = prior * below((at - sum.quietAt()) / HEARING) * below((sum.sangAt() - at) / HEARING);
            mass += likely;
            first += likely * at;
            second += likely * at * at;
        }
        double mean = first / mass;
        return new Calibration(
                Of.QUIET,
                Math.exp(mean),
                Math.sqrt(Math.max(second / mass - mean * mean, 1e-6)),
                sum.trials(),
                sum.sangAt() < Double.POSITIVE_INFINITY);
    }

    /** The share of a normal distribution that lies below so many spreads; never quite nothing, since ears err. */
    private static double below(double spreads) {
        return Double.isInfinite(spreads) ? 1 : 0.02 + 0.96 * 0.5 * Erf.erfc(-spreads / Math.sqrt(2));
    }

    /** What is usual of holes, with what the shop's own have taught in it; the same where none was measured. */
    public CutsOver in(CutsOver usual) {
        return trials == 0 ? usual : usual.taught(factor, Math.hypot(spread, CUT_TO_CUT));
    }

    /** The factor on the give; 1 when the lesson is about the force. */
    public double spring() {
        return of == Of.SPRING ? factor : 1;
    }

    /** The factor on the cutting force; 1 when the lesson is about the give. */
    public double force() {
        return of == Of.FORCE ? factor : 1;
    }

    /** Spread of a prediction of this size, mm: what is not known of the factor, what differs from cut to cut, the gauge. */
    public double spreadMm(double predictedMm) {
        return Math.hypot(predictedMm * Math.hypot(spread, CUT_TO_CUT), GAUGE_MM);
    }
}
