package boldwedge.core.language.measure;

import java.util.Map;

/**
 * Limits by ISO 286-1:2010 and 286-2 for sizes up to 500 mm: grades IT5 to IT13, shafts c to u, holes C to U. Values in
 * micrometres from ISO 286-1 Table 1 (grades) and Tables 4 and 5 (shafts); holes follow from the shafts by the
 * standard's own rule (ES = −ei + Δ, with Δ = ITn − IT(n−1) for K, M, N to IT8 and P to U to IT7).
 */
final class Iso286 {
    private static final double[] UP_TO_MM = {3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500};

    private static final int[][] GRADES = {
        {4, 5, 6, 8, 9, 11, 13, 15, 18, 20, 23, 25, 27},
        {6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40},
        {10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63},
        {14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97},
        {25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155},
        {40, 48, 58, 70, 84, 100, 120, 140, 160, 185, 210, 230, 250},
        {60, 75, 90, 110, 130, 160, 190, 220, 250, 290, 320, 360, 400},
        {100, 120, 150, 180, 210, 250, 300, 350, 400, 460, 520, 570, 630},
        {140, 180, 220, 270, 330, 390, 460, 540, 630, 720, 810, 890, 970},
    };
    private static final int FIRST_GRADE = 5;

    /** Fundamental deviations of shafts: es for d to h, ei for k to p. */
    private static final Map<Character, int[]> SHAFTS = Map.of(
            'd', new int[] {-20, -30, -40, -50, -65, -80, -100, -120, -145, -170, -190, -210, -230},
            'e', new int[] {-14, -20, -25, -32, -40, -50, -60, -72, -85, -100, -110, -125, -135},
            'f', new int[] {-6, -10, -13, -16, -20, -25, -30, -36, -43, -50, -56, -62, -68},
            'g', new int[] {-2, -4, -5, -6, -7, -9, -10, -12, -14, -15, -17, -18, -20},
            'h', new int[13],
            'k', new int[] {0, 1, 1, 1, 2, 2, 2, 3, 3, 4, 4, 4, 5},
            'm', new int[] {2, 4, 6, 7, 8, 9, 11, 13, 15, 17, 20, 21, 23},
            'n', new int[] {4, 8, 10, 12, 15, 17, 20, 23, 27, 31, 34, 37, 40},
            'p', new int[] {6, 12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68});

    /** Finer steps of size, which the widest clearances and the presses take. */
    private static final double[] FINE_UP_TO_MM = {
        3, 6, 10, 14, 18, 24, 30, 40, 50, 65, 80, 100, 120, 140, 160, 180, 200, 225, 250, 280, 315, 355, 400, 450, 500
    };

    private static final Map<Character, int[]> FINE_SHAFTS = Map.of(
            'c',
                    new int[] {
                        -60, -70, -80, -95, -95, -110, -110, -120, -130, -140, -150, -170, -180, -200, -210, -230, -240,
                        -260, -280, -300, -330, -360, -400, -440, -480
                    },
            'r',
                    new int[] {
                        10, 15, 19, 23, 23, 28, 28, 34, 34, 41, 43, 51, 54, 63, 65, 68, 77, 80, 84, 94, 98, 108, 114,
                        126, 132
                    },
            's',
                    new int[] {
                        14, 19, 23, 28, 28, 35, 35, 43, 43, 53, 59, 71, 79, 92, 100, 108, 122, 130, 140, 158, 170, 190,
                        208, 232, 252
                    },
            'u',
                    new int[] {
                        18, 23, 28, 33, 33, 41, 48, 60, 70, 87, 102, 124, 144, 170, 190, 210, 236, 258, 284, 315, 350,
                        390, 435, 490, 540
                    });

    private Iso286() {}

    private static int step(double[] upTo, double nominalMm) {
        int column = 0;
        while (nominalMm > upTo[column]) {
            column++;
        }
        return column;
    }

    static Parsed<Tolerance> parse(String typed, double nominalMm) {
        int digits = 0;
        while (digits < typed.length() && Character.isLetter(typed.charAt(digits))) {
            digits++;
        }
        String letters = typed.substring(0, digits);
        int grade;
        try {
            grade = Integer.parseInt(typed.substring(digits).strip());
        } catch (NumberFormatException e) {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        int row = grade - FIRST_GRADE;
        if (row < 0 || row >= GRADES.length || nominalMm <= 0) {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        if (nominalMm > 500) {
            return Parsed.wrong(Complaint.FIT_OUT_OF_RANGE, typed, Written.millimetres(nominalMm));
        }
        int column = step(UP_TO_MM, nominalMm);
        int width = GRADES[row][column];
        if (letters.equals("js") || letters.equals("JS")) {
            return limits(width / 2.0, -width / 2.0, typed);
        }
        if (letters.length() != 1) {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        char letter = letters.charAt(0);
        int[] coarse = SHAFTS.get(Character.toLowerCase(letter));
        int[] fine = FINE_SHAFTS.get(Character.toLowerCase(letter));
        int deviation;
        if (coarse != null) {
            deviation = coarse[column];
        } else if (fine != null) {
            deviation = fine[step(FINE_UP_TO_MM, nominalMm)];
        } else {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        boolean clearance = Character.toLowerCase(letter) <= 'h';
        if (Character.isLowerCase(letter)) {
            if (letter == 'k' && grade > 7) {
                deviation = 0;
            }
            return clearance
                    ? limits(deviation, deviation - width, typed)
                    : limits(deviation + width, deviation, typed);
        }
        if (clearance) {
            return limits(-deviation + width, -deviation, typed);
        }
        return hole(letter, grade, column, deviation, width, typed);
    }

    private static Parsed<Tolerance> hole(char letter, int grade, int column, int deviation, int width, String typed) {
        int lastWithDelta = letter >= 'P' ? 7 : 8;
        double upper = -deviation;
        if (grade <= lastWithDelta) {
            if (grade == FIRST_GRADE) {
                return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
            }
            // Sizes up to 3 mm take no Δ.
            upper += column == 0 ? 0 : width - GRADES[grade - FIRST_GRADE - 1][column];
            if (letter == 'M' && grade == 6 && column == 10) {
                upper = -9; // the standard's one exception
            }
        } else if (letter == 'K') {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        } else if (letter == 'N' && column > 0) {
            upper = 0;
        }
        return limits(upper, upper - width, typed);
    }

    private static Parsed<Tolerance> limits(double upperUm, double lowerUm, String typed) {
        return Parsed.good(new Tolerance(upperUm / 1000, lowerUm / 1000, typed));
    }
}
