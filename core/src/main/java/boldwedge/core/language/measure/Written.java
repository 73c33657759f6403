package boldwedge.core.language.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;

/**
 * Numbers as the trade writes them: fractions where they are exact, thou and tenths below a tenth of an inch,
 * millimetres with as many places as can be worked to.
 */
public final class Written {
    /** From so many seconds on they are told whole. */
    private static final double LEAST_WHOLE_SECOND = 0.95;

    /** From here on a force is told in thousands. */
    private static final double THOUSANDS_N = 100_000;

    private static final double LEAST_TENTH = 0.05;

    private static final double FRACTION_FIT_INCH = 2e-6;

    private Written() {}

    /** A sentence whose blanks, as {@code %s} or {@code %d}, are filled in order: the same on every machine, whatever its language. */
    @SuppressWarnings("AnnotateFormatMethod") // the annotation would be a library's
    public static String words(String sentence, Object... blanks) {
        return String.format(Locale.ROOT, sentence, blanks);
    }

    /**
     * A value with its unit so that it is read back the same, to twelve figures, whatever a bare number means there; the value in the
     * quantity's base unit. For handing values on, not for reading by people.
     */
    public static String exact(Quantity quantity, double value) {
        return switch (quantity) {
            case LENGTH -> figures(value) + " mm";
            case ANGLE -> figures(Math.toDegrees(value)) + "°";
            case SPINDLE_SPEED -> figures(value) + " rpm";
            case SURFACE_SPEED -> figures(value) + " m/min";
            case FEED -> figures(value) + " mm/rev";
            case ROUGHNESS -> "Ra " + figures(value) + " µm";
            case PROFILE_HEIGHT -> figures(value) + " µm rt";
            case POWER -> figures(value) + " W";
            case STIFFNESS -> figures(Unit.NEWTON_PER_MICROMETRE.fromBase(value)) + " N/µm";
            case TILT_STIFFNESS -> figures(Unit.KILONEWTON_METRE_PER_RADIAN.fromBase(value)) + " kN·m/rad";
            case FORCE -> figures(value) + " N";
            case FREQUENCY -> figures(value) + " Hz";
            case STRESS -> figures(value) + " MPa";
            case TORQUE -> figures(value) + " N·m";
            case COMPLIANCE -> figures(Unit.MICROMETRE_PER_NEWTON.fromBase(value)) + " µm/N";
            case TILT -> figures(Unit.MICRORADIAN_PER_NEWTON.fromBase(value)) + " µrad/N";
            case AREA -> figures(value) + " mm²";
            case VOLUME -> figures(value) + " mm³";
            case SECOND_MOMENT -> figures(value) + " mm⁴";
            case MASS -> figures(value) + " g";
            case TIME -> figures(value) + " min";
            case REMOVAL_RATE -> figures(value) + " cm³/min";
            case TEMPERATURE -> figures(value) + " °C";
            case HARDNESS -> figures(value) + " HRC";
            case RATIO -> figures(value);
        };
    }

    private static String figures(double value) {
        return new BigDecimal(value)
                .round(new MathContext(12))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** A value with its unit, in a unit system; the value in the quantity's base unit. */
    public static String full(Quantity quantity, double value, UnitSystem system) {
        boolean metric = system == UnitSystem.METRIC;
        return switch (quantity) {
            case LENGTH -> metric ? millimetres(value) : inches(value);
            case ANGLE -> degrees(value);
            case SPINDLE_SPEED -> places(value, value < 100 && value != Math.rint(value) ? 1 : 0) + " rpm";
            case SURFACE_SPEED ->
                metric
                        ? places(value, value < 10 ? 1 : 0) + " m/min"
                        : places(Unit.FOOT_PER_MINUTE.fromBase(value), 0) + " sfm";
            case FEED ->
                metric ? places(value, 3) + " mm/rev" : places(Unit.INCH_PER_REV.fromBase(value), 4) + " in/rev";
            case ROUGHNESS ->
                metric
                        ? "Ra " + places(value, value < 1 ? 2 : 1) + " µm"
                        : "Ra " + places(Unit.RA_MICROINCH.fromBase(value), value < 0.25 ? 1 : 0) + " µin";
            case PROFILE_HEIGHT ->
                metric
                        ? places(value, 2) + " µm"
                        : places(Unit.RT_MICROINCH.fromBase(value), value < 0.25 ? 1 : 0) + " µin";
            case POWER ->
                metric
                        ? (Math.abs(value) < 100 ? places(value, 0) + " W" : places(value / 1000, 2) + " kW")
                        : places(Unit.HORSEPOWER.fromBase(value), 2) + " hp";
            case STIFFNESS -> stiffness(value, metric);
            case TILT_STIFFNESS ->
                metric
                        ? significant(Unit.KILONEWTON_METRE_PER_RADIAN.fromBase(value), 3) + " kN·m/rad"
                        : significant(Unit.KIP_FOOT_PER_RADIAN.fromBase(value), 3) + " kip·ft/rad";
            case FORCE -> force(value, system);
            case FREQUENCY -> places(value, value < 100 ? 1 : 0) + " Hz";
            case STRESS -> stress(value, metric);
            case TORQUE -> metric ? torque(value) + " N·m" : torqueInch(value);
            case COMPLIANCE ->
                metric
                        ? places(Unit.MICROMETRE_PER_NEWTON.fromBase(value), 3) + " µm/N"
                        : significant(Unit.MICROINCH_PER_POUND.fromBase(value), 3) + " µin/lbf";
            case TILT ->
                metric
                        ? significant(Unit.MICRORADIAN_PER_NEWTON.fromBase(value), 3) + " µrad/N"
                        : significant(Unit.MICRORADIAN_PER_POUND.fromBase(value), 3) + " µrad/lbf";
            case AREA ->
                metric ? significant(value, 3) + " mm²" : significant(Unit.SQUARE_INCH.fromBase(value), 3) + " in²";
            case VOLUME -> volume(value, metric);
            case SECOND_MOMENT ->
                metric
                        ? significant(value, 3) + " mm⁴"
                        : significant(Unit.INCH_TO_THE_FOURTH.fromBase(value), 3) + " in⁴";
            case MASS -> metric ? grams(value) : ounces(Unit.OUNCE.fromBase(value));
            case TIME -> time(value);
            case REMOVAL_RATE ->
                metric
                        ? places(value, 2) + " cm³/min"
                        : places(Unit.CUBIC_INCH_PER_MINUTE.fromBase(value), 3) + " in³/min";
            case TEMPERATURE -> metric ? places(value, 0) + " °C" : places(Unit.FAHRENHEIT.fromBase(value), 0) + " °F";
            case HARDNESS -> places(value, 0) + " HRC";
            case RATIO -> places(value, 4);
        };
    }

    private static String stress(double mpa, boolean metric) {
        double size = Math.abs(mpa);
        if (metric) {
            return size >= 10_000 ? places(mpa / 1000, 0) + " GPa" : places(mpa, size < 10 ? 1 : 0) + " MPa";
        }
        double ksi = Unit.KSI.fromBase(mpa);
        return Math.abs(ksi) < 2
                ? places(Unit.PSI.fromBase(mpa), 0) + " psi"
                : places(ksi, Math.abs(ksi) < 100 ? 1 : 0) + " ksi";
    }

    /** In the unit that leaves figures to read: what an edge presses with is a thousand times softer than a tool post. */
    private static String stiffness(double nPerMm, boolean metric) {
        double size = Math.abs(nPerMm);
        if (metric) {
            return size < 100
                    ? significant(nPerMm, 3) + " N/mm"
                    : places(Unit.NEWTON_PER_MICROMETRE.fromBase(nPerMm), size < 10_000 ? 2 : 1) + " N/µm";
        }
        double thou = Unit.POUND_PER_THOU.fromBase(nPerMm);
        return Math.abs(thou) < 1
                ? significant(Unit.POUND_PER_INCH.fromBase(nPerMm), 3) + " lbf/in"
                : significant(thou, 3) + " lbf/thou";
    }

    /** Three figures, to the ten-thousandth at the finest. */
    private static String torque(double value) {
        return Math.abs(value) < 0.1 ? places(value, 4) : significant(value, 3);
    }

    private static String torqueInch(double newtonMetres) {
        double feet = Unit.POUND_FOOT.fromBase(newtonMetres);
        return Math.abs(feet) < 2
                ? torque(Unit.POUND_INCH.fromBase(newtonMetres)) + " lbf·in"
                : significant(feet, 3) + " lbf·ft";
    }

    private static String grams(double grams) {
        return grams < 1000 ? places(grams, grams < 100 ? 1 : 0) + " g" : significant(grams / 1000, 3) + " kg";
    }

    private static String ounces(double ounces) {
        return ounces < 16 ? places(ounces, ounces < 10 ? 2 : 1) + " oz" : significant(ounces / 16, 3) + " lb";
    }

    private static String volume(double mm3, boolean metric) {
        if (!metric) {
            double inches = Unit.CUBIC_INCH.fromBase(mm3);
            return (Math.abs(inches) < 0.1 ? places(inches, 4) : significant(inches, 3)) + " in³";
        }
        return Math.abs(mm3) >= 10_000 ? significant(mm3 / 1000, 3) + " cm³" : significant(mm3, 3) + " mm³";
    }

    /** Minutes, as minutes and seconds. */
    public static String time(double minutes) {
        if (!Double.isFinite(minutes)) {
            return "—";
        }
        if (minutes * 60 < LEAST_WHOLE_SECOND) {
            return minutes * 60 < LEAST_TENTH ? "under 0.1 s" : places(minutes * 60, 1) + " s";
        }
        if (minutes < 1) {
            return Math.round(minutes * 60) + " s";
        }
        long seconds = Math.round(minutes * 60);
        return seconds / 60 + " min" + (seconds % 60 == 0 ? "" : " " + seconds % 60 + " s");
    }

    /** A number with so many significant figures, at most six places. */
    public static String significant(double value, int figures) {
        if (value == 0 || !Double.isFinite(value)) {
            return places(value, 0);
        }
        int whole = (int) Math.floor(Math.log10(Math.abs(value))) + 1;
        return places(value, Math.clamp(figures - whole, 0, 6));
    }

    /** A number to two figures, as one says "about": 2095 is 2100, 3.47 is 3.5. */
    public static String about(double value) {
        double step = value == 0 ? 1 : Math.pow(10, Math.floor(Math.log10(Math.abs(value))) - 1);
        return significant(Math.rint(value / step) * step, 2);
    }

    /** A length in millimetres, to the place a shop can measure: 0.001 below 100 mm, else 0.01. */
    public static String millimetres(double mm) {
        double size = Math.abs(mm);
        return places(mm, size < 99.9995 ? 3 : 2) + " mm";
    }

    /** A length given in millimetres, as an inch fraction where exact, else thou, tenths or decimal inches. */
    public static String inches(double mm) {
        double inches = mm / 25.4;
        double size = Math.abs(inches);
        if (size < 5e-9) {
            return "0 in";
        }
        double sixtyFourths = size * 64;
        long whole = Math.round(sixtyFourths);
        if (whole > 0 && Math.abs(sixtyFourths - whole) / 64 < FRACTION_FIT_INCH) {
            return (inches < 0 ? "-" : "") + fraction(whole) + " in";
        }
        if (size < 0.00095) {
            return places(inches * 1e4, 1) + " tenths";
        }
        if (size < 0.0995) {
            return places(inches * 1e3, 1) + " thou";
        }
        return places(inches, 4) + " in";
    }

    /** An angle given in radians, in degrees to a tenth. */
    public static String degrees(double radians) {
        return places(Math.toDegrees(radians), 1) + "°";
    }

    /** A force in newtons, with pounds-force in the inch system. */
    public static String force(double newtons, UnitSystem system) {
        if (Math.abs(newtons) >= THOUSANDS_N) {
            return system == UnitSystem.METRIC
                    ? significant(newtons / 1000, 3) + " kN"
                    : significant(newtons / 4448.2216152605, 3) + " kip";
        }
        return system == UnitSystem.METRIC
                ? places(newtons, Math.abs(newtons) < 10 ? 1 : 0) + " N"
                : places(newtons / 4.4482216152605, Math.abs(newtons) < 45 ? 1 : 0) + " lbf";
    }

    /** A number with at most so many decimal places, without trailing zeros. */
    public static String places(double value, int places) {
        if (!Double.isFinite(value)) {
            return "—";
        }
        double scale = Math.pow(10, places);
        double rounded = Math.rint(value * scale) / scale;
        if (rounded == 0) {
            return "0";
        }
        if (Math.abs(rounded) >= 1e9 || places == 0) {
            return Long.toString((long) rounded);
        }
        long whole = (long) Math.abs(rounded);
        long rest = Math.round((Math.abs(rounded) - whole) * scale);
        StringBuilder out = new StringBuilder(16);
        if (rounded < 0) {
            out.append('-');
        }
        out.append(whole);
        if (rest == 0) {
            return out.toString();
        }
        String digits = Long.toString(rest);
        out.append('.').repeat("0", places - digits.length()).append(digits);
        int end = out.length();
        while (out.charAt(end - 1) == '0') {
            end--;
        }
        out.setLength(end);
        return out.toString();
    }

    private static String fraction(long sixtyFourths) {
        long whole = sixtyFourths / 64;
        long top = sixtyFourths % 64;
        long bottom = 64;
        while (top != 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        if (top == 0) {
            return Long.toString(whole);
        }
        return whole == 0 ? top + "/" + bottom : whole + "-" + top + "/" + bottom;
    }
}
