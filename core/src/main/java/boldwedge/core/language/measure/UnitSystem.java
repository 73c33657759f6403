package boldwedge.core.language.measure;

import java.util.Comparator;
import java.util.List;

/** The unit system of the moment: it decides what a bare number means and which text is shown first. */
public enum UnitSystem {
    METRIC,
    INCH;

    private static final double SIXTEENTH_MM = 25.4 / 16;
    private static final double FIVE_THOU_MM = 0.127;
    private static final double HALF_THOU_MM = 0.0127;
    private static final List<Double> METRIC_NOSES = List.of(0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0, 1.2, 1.6);
    private static final List<Double> INCH_NOSES =
            List.of(0.127, 0.254, 25.4 / 64, 25.4 / 32, 3 * 25.4 / 64, 25.4 / 16);

    /** The system shown beside this one. */
    public UnitSystem other() {
        return this == METRIC ? INCH : METRIC;
    }

    /** A length rounded to what is marked out with ease: whole millimetres, sixteenths of an inch; mm. */
    public double marked(double mm) {
        double step = this == METRIC ? 1 : SIXTEENTH_MM;
        return Math.rint(mm / step) * step;
    }

    /** A length rounded to what is turned with ease: tenths of a millimetre, five thousandths of an inch; mm. */
    public double turned(double mm) {
        double step = this == METRIC ? 0.1 : FIVE_THOU_MM;
        return Math.rint(mm / step) * step;
    }

    /** A length rounded to what is measured with ease: hundredths of a millimetre, half thousandths of an inch; mm. */
    public double measured(double mm) {
        double step = this == METRIC ? 0.01 : HALF_THOU_MM;
        return Math.rint(mm / step) * step;
    }

    /** Nose radii that a shop's gauges have and its inserts are sold with, mm, ascending. */
    public List<Double> noses() {
        return this == METRIC ? METRIC_NOSES : INCH_NOSES;
    }

    /** The radius on the shop's gauges that lies nearest, mm. */
    public double nose(double mm) {
        return noses().stream()
                .min(Comparator.comparingDouble(nose -> Math.abs(nose - mm)))
                .orElseThrow();
    }

    /** The unit that a bare number of this quantity takes. */
    public Unit bareUnit(Quantity quantity) {
        boolean metric = this == METRIC;
        return switch (quantity) {
            case LENGTH -> metric ? Unit.MILLIMETRE : Unit.INCH;
            case ANGLE -> Unit.DEGREE;
            case SPINDLE_SPEED -> Unit.RPM;
            case SURFACE_SPEED -> metric ? Unit.METRE_PER_MINUTE : Unit.FOOT_PER_MINUTE;
            case FEED -> metric ? Unit.MILLIMETRE_PER_REV : Unit.INCH_PER_REV;
            case ROUGHNESS -> metric ? Unit.RA_MICROMETRE : Unit.RA_MICROINCH;
            case PROFILE_HEIGHT -> metric ? Unit.RT_MICROMETRE : Unit.RT_MICROINCH;
            case POWER -> metric ? Unit.KILOWATT : Unit.HORSEPOWER;
            case STIFFNESS -> metric ? Unit.NEWTON_PER_MICROMETRE : Unit.POUND_PER_THOU;
            case TILT_STIFFNESS -> metric ? Unit.KILONEWTON_METRE_PER_RADIAN : Unit.KIP_FOOT_PER_RADIAN;
            case FORCE -> metric ? Unit.NEWTON : Unit.POUND_FORCE;
            case FREQUENCY -> Unit.HERTZ;
            case STRESS -> metric ? Unit.MEGAPASCAL : Unit.KSI;
            case TORQUE -> metric ? Unit.NEWTON_METRE : Unit.POUND_FOOT;
            case COMPLIANCE -> metric ? Unit.MICROMETRE_PER_NEWTON : Unit.MICROINCH_PER_POUND;
            case TILT -> metric ? Unit.MICRORADIAN_PER_NEWTON : Unit.MICRORADIAN_PER_POUND;
            case AREA -> metric ? Unit.SQUARE_MILLIMETRE : Unit.SQUARE_INCH;
            case VOLUME -> metric ? Unit.CUBIC_MILLIMETRE : Unit.CUBIC_INCH;
            case SECOND_MOMENT -> metric ? Unit.MILLIMETRE_TO_THE_FOURTH : Unit.INCH_TO_THE_FOURTH;
            case MASS -> metric ? Unit.GRAM : Unit.OUNCE;
            case TIME -> Unit.MINUTE;
            case REMOVAL_RATE -> metric ? Unit.CUBIC_CENTIMETRE_PER_MINUTE : Unit.CUBIC_INCH_PER_MINUTE;
            case TEMPERATURE -> metric ? Unit.CELSIUS : Unit.FAHRENHEIT;
            case HARDNESS -> Unit.ROCKWELL_C;
            case RATIO -> Unit.ONE;
        };
    }
}
