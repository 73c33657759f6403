package boldwedge.core.trial;

import boldwedge.core.language.words.Worded;
import java.util.OptionalDouble;

/**
 * What a trial cut gave.
 *
 * @param nearMm diameter at the station near the chuck, mm
 * @param farMm diameter at the far station, mm
 * @param raMm finish, Ra in mm, if measured or compared
 * @param chip what the chip looked like
 * @param sound what was heard
 * @param warmth how warm it felt when it was measured
 */
public record Measured(double nearMm, double farMm, OptionalDouble raMm, Chip chip, Sound sound, Warmth warmth) {
    /** Of a piece that nobody felt whether it was warm. */
    public Measured(double nearMm, double farMm, OptionalDouble raMm, Chip chip, Sound sound) {
        this(nearMm, farMm, raMm, chip, sound, Warmth.NOT_FELT);
    }

    /** So much of its share a cause of size keeps beside what was seen or heard: signs make size besides. */
    public static final double BEHIND_A_SIGN = 0.4;

    /** What is said of sizes where only signs were told. */
    public static final String SIZES_OPEN = "Sizes not read; judged by what was seen and heard";

    /** Chips as they come off. */
    public enum Chip implements Worded {
        NOT_LOOKED,
        SHORT_CURLS,
        LONG_RIBBON,
        POWDER,
        BLUE,
        WELDED
    }

    /** What the cut sounded like. */
    public enum Sound implements Worded {
        QUIET,
        CHATTER,
        SQUEAL
    }

    /** Taper over the two stations, far minus near, mm. */
    public double taperMm() {
        return farMm - nearMm;
    }

    /** How warm the work feels when it is measured, and how much warmer than its gauge that usually is, K (ours). */
    public enum Warmth implements Worded {
        NOT_FELT(2, 3, 15),
        COLD(0.5, 1, 1),
        LUKEWARM(8, 4, 4),
        HAND_WARM(18, 6, 6),
        HOT(40, 12, 12);
        private final double kelvin;
        private final double usual;
        private final double bad;

        Warmth(double kelvin, double usual, double bad) {
            this.kelvin = kelvin;
            this.usual = usual;
            this.bad = bad;
        }

        /** So much warmer than the gauge it is then expected to be, K. */
        public double kelvin() {
            return kelvin;
        }

        double usual() {
            return usual;
        }

        /**
         * Whether a hand cannot tell the size well enough: it has to cool first.
         *
         * @param growsMm by a kelvin, mm
         * @param allowedMm what the tolerance allows either way
         */
        public boolean hidesTheSize(double growsMm, double allowedMm) {
            return this != NOT_FELT && this != COLD && usual * growsMm > HIDES * allowedMm;
        }

        /** A doubt of this share of what is allowed is too much. */
        private static final double HIDES = 0.25;

        double bad() {
            return bad;
        }
    }
}
