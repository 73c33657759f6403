package boldwedge.core.mechanics.thread;

import java.util.Map;
import java.util.Optional;

/**
 * Limits of metric threads by the formulas of ISO 965-1. The standard works one grade out by formula, rounds it to the R40 series of
 * preferred numbers, and takes the other grades as so many steps of that series up or down; in a few places its table departs from its
 * own formula, and those stand here one by one.
 */
public final class IsoThreadLimits {
    /** Steps between which diameters share a tolerance, mm. */
    private static final double[] STEPS = {0.99, 1.4, 2.8, 5.6, 11.2, 22.4, 45, 90, 180, 355};
    /** R40 of ISO 3 as ISO 965-1 writes it for micrometres. */
    private static final double[] R40 = {
        1.00, 1.06, 1.12, 1.18, 1.25, 1.32, 1.40, 1.50, 1.60, 1.70, 1.80, 1.90, 2.00, 2.12, 2.24, 2.36, 2.50, 2.65,
                2.80,
        3.00, 3.15, 3.35, 3.55, 3.75, 4.00, 4.25, 4.50, 4.75, 5.00, 5.30, 5.60, 6.00, 6.30, 6.70, 7.10, 7.50, 8.00,
                8.50,
        9.00, 9.50
    };

    private static final Map<Integer, Integer> OUTSIDE_PITCH = Map.of(3, -12, 4, -8, 5, -4, 6, 0, 7, 4, 8, 8, 9, 12);
    private static final Map<Integer, Integer> INSIDE_PITCH = Map.of(4, -3, 5, 1, 6, 5, 7, 9, 8, 13);
    private static final Map<Integer, Integer> OUTSIDE_CREST = Map.of(4, -8, 6, 0, 8, 8);
    private static final Map<Integer, Integer> INSIDE_CREST = Map.of(4, -8, 5, -4, 6, 0, 7, 4, 8, 8);

    private IsoThreadLimits() {}

    /**
     * A tolerance class such as 6H or 5g6g: grade and position of the pitch diameter, then of the crest.
     *
     * @param pitchGrade grade of the pitch diameter
     * @param pitchPosition its position: a small letter outside, a large one inside
     * @param crestGrade grade of major diameter outside, of minor diameter inside
     * @param crestPosition its position
     */
    public record ThreadClass(int pitchGrade, char pitchPosition, int crestGrade, char crestPosition) {
        /** Reads 6H, 5g6g; empty when it is none, or mixes inside and outside. */
        public static Optional<ThreadClass> named(String text) {
            String t = text.strip();
            if (t.length() == 2) {
                t = t + t;
            }
            if (t.length() != 4 || !Character.isDigit(t.charAt(0)) || !Character.isDigit(t.charAt(2))) {
                return Optional.empty();
            }
            ThreadClass read = new ThreadClass(t.charAt(0) - '0', t.charAt(1), t.charAt(2) - '0', t.charAt(3));
            return read.known() ? Optional.of(read) : Optional.empty();
        }

        /** Whether it is a class of inside threads. */
        public boolean inside() {
            return Character.isUpperCase(pitchPosition);
        }

        private boolean known() {
            String positions = inside() ? "GH" : "egh";
            return positions.indexOf(pitchPosition) >= 0
                    && positions.indexOf(crestPosition) >= 0
                    && (inside() ? INSIDE_PITCH : OUTSIDE_PITCH).containsKey(pitchGrade)
                    && (inside() ? INSIDE_CREST : OUTSIDE_CREST).containsKey(crestGrade);
        }
    }

    /** The limits of a thread in a class. */
    public static ThreadLimits of(ThreadSize size, ThreadClass in) {
        double pitch = size.pitchMm();
        double pitchShift = position(in.pitchPosition(), pitch) / 1000;
        double crestShift = position(in.crestPosition(), pitch) / 1000;
        double pitchDiameter = size.pitchDiameterMm();
        if (in.inside()) {
            double pitchLow = pitchDiameter + pitchShift;
            double minorLow = size.minorMm() + crestShift;
            return new ThreadLimits(
                    true,
                    size.majorMm() + pitchShift,
                    size.majorMm() + pitchShift,
                    pitchLow,
                    pitchLow + insidePitch(size.majorMm(), pitch, in.pitchGrade()) / 1000,
                    minorLow,
                    minorLow + insideCrest(pitch, in.crestGrade()) / 1000);
        }
        double pitchHigh = pitchDiameter - pitchShift;
        double majorHigh = size.majorMm() - crestShift;
        double root = size.minorMm() - pitchShift;
        return new ThreadLimits(
                false,
                majorHigh - outsideCrest(pitch, in.crestGrade()) / 1000,
                majorHigh,
                pitchHigh - outsidePitch(size.majorMm(), pitch, in.pitchGrade()) / 1000,
                pitchHigh,
                root,
                root);
    }

    /** Td2, µm. */
    public static double outsidePitch(double majorMm, double pitchMm, int grade) {
        return stepped(pitchSix(majorMm, pitchMm), steps(OUTSIDE_PITCH, grade));
    }

    /** TD2, µm. */
    public static double insidePitch(double majorMm, double pitchMm, int grade) {
        return stepped(pitchSix(majorMm, pitchMm), steps(INSIDE_PITCH, grade));
    }

    /** Td, µm: 180 · P^(2/3) − 3.15 / √P in grade 6. */
    public static double outsideCrest(double pitchMm, int grade) {
        double six = near(pitchMm, 4) ? step(475) : step(180 * Math.pow(pitchMm, 2 / 3.0) - 3.15 / Math.sqrt(pitchMm));
        return stepped(six, steps(OUTSIDE_CREST, grade));
    }

    /** TD1, µm: 433 · P − 190 · P^1.22 under 1 mm, 230 · P^0.7 from 1 mm on, in grade 6. */
    public static double insideCrest(double pitchMm, int grade) {
        double formula =
                pitchMm < 1 - 1e-9 ? 433 * pitchMm - 190 * Math.pow(pitchMm, 1.22) : 230 * Math.pow(pitchMm, 0.7);
        double six = near(pitchMm, 0.5)
                ? step(140)
                : near(pitchMm, 1) ? step(236) : near(pitchMm, 2.5) ? step(450) : step(formula);
        return stepped(six, steps(INSIDE_CREST, grade));
    }

    private static int steps(Map<Integer, Integer> grades, int grade) {
        Integer steps = grades.get(grade);
        if (steps == null) {
            throw new IllegalArgumentException("ISO 965-1 has no grade " + grade + " here.");
        }
        return steps;
    }

    /** Fundamental deviation, µm, away from the mating thread: 0 for h and H, 15 + 11 P for g and G, 50 + 11 P for e. */
    public static double position(char letter, double pitchMm) {
        return switch (letter) {
            case 'g', 'G' -> near(pitchMm, 0.75) ? 22 : whole(step(15 + 11 * pitchMm));
            case 'e' ->
                near(pitchMm, 0.5)
                        ? 50
                        : near(pitchMm, 0.6) ? 53 : near(pitchMm, 0.75) ? 56 : whole(step(50 + 11 * pitchMm));
            default -> 0;
        };
    }

    /** Td2 of grade 6 as a step of the series: 90 · P^0.4 · d^0.1. */
    private static double pitchSix(double majorMm, double pitchMm) {
        int at = 0;
        while (at < STEPS.length - 2 && majorMm > STEPS[at + 1] + 1e-9) {
            at++;
        }
        if (at == 2 && near(pitchMm, 0.5)) {
            return step(75);
        }
        if (at == 6 && near(pitchMm, 5)) {
            return step(250);
        }
        double mean = Math.sqrt(STEPS[at] * STEPS[at + 1]);
        return step(90 * Math.pow(pitchMm, 0.4) * Math.pow(mean, 0.1));
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < 1e-6;
    }

    /** The place of the nearest number of the series: 40 · decade + index. */
    private static double step(double value) {
        int decade = (int) Math.floor(Math.log10(value));
        double in = value / Math.pow(10, decade);
        int best = 0;
        for (int i = 1; i <= R40.length; i++) {
            double candidate = i == R40.length ? 10 : R40[i];
            double now = best == R40.length ? 10 : R40[best];
            best = Math.abs(candidate - in) <= Math.abs(now - in) + 1e-12 ? i : best;
        }
        return 40.0 * decade + best;
    }

    /** The number so many steps from a place, µm, whole from 20 on as the tables print it. */
    private static double stepped(double place, int steps) {
        return whole(place + steps);
    }

    private static double whole(double place) {
        int at = (int) Math.rint(place);
        int decade = Math.floorDiv(at, 40);
        double value = R40[Math.floorMod(at, 40)] * Math.pow(10, decade);
        // The standard prints 31.5 as 32, 33.5 as 34, 42.5 as 42: to the even neighbour where it stands between two.
        return Math.rint(value);
    }
}
