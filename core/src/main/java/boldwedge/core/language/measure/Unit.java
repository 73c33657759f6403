package boldwedge.core.language.measure;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A unit a machinist writes, with its factor to the base unit of its {@link Quantity}. The inch is exactly 25.4 mm
 * (international inch, 1959); the pound-force 4.4482216152605 N; the horsepower is the mechanical one, 745.69987 W.
 */
public enum Unit {
    MILLIMETRE(Quantity.LENGTH, 1.0, "mm", "mm", "millimetre", "millimetres", "millimeter", "millimeters"),
    CENTIMETRE(Quantity.LENGTH, 10.0, "cm", "cm", "centimetre", "centimetres"),
    METRE(Quantity.LENGTH, 1000.0, "m", "m", "metre", "metres", "meter", "meters"),
    MICROMETRE(Quantity.LENGTH, 1e-3, "µm", "µm", "um", "micron", "microns", "micrometre", "micrometres"),
    INCH(Quantity.LENGTH, 25.4, "in", "in", "in.", "inch", "inches", "\""),
    FOOT(Quantity.LENGTH, 304.8, "ft", "ft", "foot", "feet", "'"),
    THOU(Quantity.LENGTH, 0.0254, "thou", "thou", "thous", "mil", "mils", "thousandth", "thousandths"),
    TENTH(Quantity.LENGTH, 0.00254, "tenths", "tenth", "tenths"),
    MICROINCH(Quantity.LENGTH, 25.4e-6, "µin", "µin", "uin", "microinch", "microinches", "µ\"", "u\""),
    /** A pitch counted the other way round: 8 to the inch is 3.175 mm. */
    THREADS_PER_INCH(Quantity.LENGTH, 25.4, "tpi", "tpi", "threads per inch", "threads/in", "t.p.i."),
    DEGREE(Quantity.ANGLE, Math.PI / 180, "°", "°", "deg", "degs", "degree", "degrees"),
    ARC_MINUTE(Quantity.ANGLE, Math.PI / 10800, "'", "arcmin", "'"),
    RADIAN(Quantity.ANGLE, 1.0, "rad", "rad", "radian", "radians"),
    RPM(Quantity.SPINDLE_SPEED, 1.0, "rpm", "rpm", "r/min", "rev/min", "min-1", "1/min"),
    METRE_PER_MINUTE(Quantity.SURFACE_SPEED, 1.0, "m/min", "m/min", "mpm"),
    METRE_PER_SECOND(Quantity.SURFACE_SPEED, 60.0, "m/s", "m/s"),
    FOOT_PER_MINUTE(Quantity.SURFACE_SPEED, 0.3048, "sfm", "sfm", "sfpm", "fpm", "ft/min"),
    MILLIMETRE_PER_REV(Quantity.FEED, 1.0, "mm/rev", "mm/rev", "mm/r", "mm per rev", "mmpr"),
    INCH_PER_REV(Quantity.FEED, 25.4, "in/rev", "in/rev", "ipr", "in/r", "in per rev", "\"/rev"),
    THOU_PER_REV(Quantity.FEED, 0.0254, "thou/rev", "thou/rev", "thou per rev", "mil/rev"),
    RA_MICROMETRE(Quantity.ROUGHNESS, 1.0, "µm", "µm ra"),
    RA_MICROINCH(Quantity.ROUGHNESS, 0.0254, "µin", "µin ra", "uin ra", "rms"),
    RT_MICROMETRE(Quantity.PROFILE_HEIGHT, 1.0, "µm", "µm rt"),
    RT_MICROINCH(Quantity.PROFILE_HEIGHT, 0.0254, "µin", "µin rt"),
    WATT(Quantity.POWER, 1.0, "W", "w", "watt", "watts"),
    KILOWATT(Quantity.POWER, 1000.0, "kW", "kw"),
    HORSEPOWER(Quantity.POWER, 745.6998715822702, "hp", "hp", "horsepower"),
    NEWTON_PER_MILLIMETRE(Quantity.STIFFNESS, 1.0, "N/mm", "n/mm"),
    NEWTON_PER_MICROMETRE(Quantity.STIFFNESS, 1000.0, "N/µm", "n/µm", "n/um"),
    POUND_PER_THOU(Quantity.STIFFNESS, 4.4482216152605 / 0.0254, "lbf/thou", "lbf/thou", "lb/thou"),
    POUND_PER_INCH(Quantity.STIFFNESS, 4.4482216152605 / 25.4, "lbf/in", "lbf/in", "lb/in"),
    NEWTON_METRE_PER_RADIAN(Quantity.TILT_STIFFNESS, 1e3, "N·m/rad", "n·m/rad", "nm/rad"),
    KILONEWTON_METRE_PER_RADIAN(Quantity.TILT_STIFFNESS, 1e6, "kN·m/rad", "kn·m/rad", "knm/rad"),
    POUND_FOOT_PER_RADIAN(Quantity.TILT_STIFFNESS, 4.4482216152605 * 304.8, "lbf·ft/rad", "lbf·ft/rad", "lb-ft/rad"),
    KIP_FOOT_PER_RADIAN(Quantity.TILT_STIFFNESS, 4448.2216152605 * 304.8, "kip·ft/rad", "kip·ft/rad", "kip-ft/rad"),
    NEWTON(Quantity.FORCE, 1.0, "N", "n", "newton", "newtons"),
    KILOGRAM_FORCE(Quantity.FORCE, 9.80665, "kgf", "kgf", "kp", "kg"),
    POUND_FORCE(Quantity.FORCE, 4.4482216152605, "lbf", "lbf", "lb", "lbs"),
    HERTZ(Quantity.FREQUENCY, 1.0, "Hz", "hz", "hertz", "c/s"),
    KILOHERTZ(Quantity.FREQUENCY, 1000.0, "kHz", "khz"),
    MEGAPASCAL(Quantity.STRESS, 1.0, "MPa", "mpa", "n/mm²", "n/mm2"),
    GIGAPASCAL(Quantity.STRESS, 1000.0, "GPa", "gpa"),
    PSI(Quantity.STRESS, 0.006894757293168, "psi", "psi"),
    KSI(Quantity.STRESS, 6.894757293168, "ksi", "ksi"),
    NEWTON_METRE(Quantity.TORQUE, 1.0, "N·m", "n·m", "nm", "n m"),
    POUND_FOOT(Quantity.TORQUE, 4.4482216152605 * 0.3048, "lbf·ft", "lbf·ft", "lb-ft", "ft-lb"),
    POUND_INCH(Quantity.TORQUE, 4.4482216152605 * 0.0254, "lbf·in", "lbf·in", "lb-in", "in-lb"),
    MILLIMETRE_PER_NEWTON(Quantity.COMPLIANCE, 1.0, "mm/N", "mm/n"),
    MICROMETRE_PER_NEWTON(Quantity.COMPLIANCE, 1e-3, "µm/N", "µm/n", "um/n"),
    MICROINCH_PER_POUND(Quantity.COMPLIANCE, 25.4e-6 / 4.4482216152605, "µin/lbf", "µin/lbf", "uin/lbf"),
    RADIAN_PER_NEWTON(Quantity.TILT, 1.0, "rad/N", "rad/n"),
    MICRORADIAN_PER_NEWTON(Quantity.TILT, 1e-6, "µrad/N", "µrad/n", "urad/n"),
    MICRORADIAN_PER_POUND(Quantity.TILT, 1e-6 / 4.4482216152605, "µrad/lbf", "µrad/lbf", "urad/lbf"),
    SQUARE_MILLIMETRE(Quantity.AREA, 1.0, "mm²", "mm²", "mm2"),
    SQUARE_INCH(Quantity.AREA, 645.16, "in²", "in²", "in2"),
    CUBIC_MILLIMETRE(Quantity.VOLUME, 1.0, "mm³", "mm³", "mm3"),
    CUBIC_CENTIMETRE(Quantity.VOLUME, 1000.0, "cm³", "cm³", "cm3", "cc"),
    LITRE(Quantity.VOLUME, 1e6, "l", "l", "litre", "litres", "liter", "liters"),
    GALLON(Quantity.VOLUME, 3785411.784, "gal", "gal", "gallon", "gallons"),
    CUBIC_INCH(Quantity.VOLUME, 16387.064, "in³", "in³", "in3"),
    MILLIMETRE_TO_THE_FOURTH(Quantity.SECOND_MOMENT, 1.0, "mm⁴", "mm⁴", "mm4"),
    INCH_TO_THE_FOURTH(Quantity.SECOND_MOMENT, 416231.4256, "in⁴", "in⁴", "in4"),
    GRAM(Quantity.MASS, 1.0, "g", "g", "gram", "grams"),
    KILOGRAM(Quantity.MASS, 1000.0, "kg"),
    OUNCE(Quantity.MASS, 28.349523125, "oz", "oz", "ounce", "ounces"),
    POUND(Quantity.MASS, 453.59237, "lb"),
    MINUTE(Quantity.TIME, 1.0, "min", "min", "minute", "minutes"),
    SECOND(Quantity.TIME, 1 / 60.0, "s", "s", "sec", "second", "seconds"),
    HOUR(Quantity.TIME, 60.0, "h", "h", "hour", "hours"),
    CUBIC_CENTIMETRE_PER_MINUTE(Quantity.REMOVAL_RATE, 1.0, "cm³/min", "cm³/min", "cm3/min"),
    CUBIC_INCH_PER_MINUTE(Quantity.REMOVAL_RATE, 16.387064, "in³/min", "in³/min", "in3/min"),
    CELSIUS(Quantity.TEMPERATURE, 1.0, "°C", "°c", "c"),
    /** 32 °F is 0 °C: the one unit whose zero lies elsewhere. */
    FAHRENHEIT(Quantity.TEMPERATURE, 5 / 9.0, "°F", "°f", "f"),
    ROCKWELL_C(Quantity.HARDNESS, 1.0, "HRC", "hrc", "rc"),
    ONE(Quantity.RATIO, 1.0, ""),
    PERCENT(Quantity.RATIO, 0.01, "%", "%", "percent", "per cent");

    private static final Map<String, Unit> BY_WORD = new HashMap<>();

    static {
        for (Unit unit : values()) {
            for (String word : unit.words) {
                // The first unit to claim a word owns it (a bare ' is a foot; inside an angle the parser knows better).
                BY_WORD.putIfAbsent(word, unit);
            }
        }
    }

    private final Quantity quantity;
    private final double factor;
    private final String symbol;

    @SuppressWarnings("ImmutableEnumChecker") // never handed out, never written to
    private final String[] words;

    Unit(Quantity quantity, double factor, String symbol, String... words) {
        this.quantity = quantity;
        this.factor = factor;
        this.symbol = symbol;
        this.words = words;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** How the unit is written after a number. */
    public String symbol() {
        return symbol;
    }

    /** From a number in this unit to the base unit. */
    public double toBase(double number) {
        return this == FAHRENHEIT
                ? (number - 32) * factor
                : this == THREADS_PER_INCH ? factor / number : number * factor;
    }

    /** From the base unit to a number in this unit. */
    public double fromBase(double value) {
        return this == FAHRENHEIT ? value / factor + 32 : this == THREADS_PER_INCH ? factor / value : value / factor;
    }

    /** The unit that a word names, whatever its case; empty when nobody in the trade writes that. */
    static Optional<Unit> named(String word) {
        Unit exact = BY_WORD.get(word);
        return Optional.ofNullable(exact != null ? exact : BY_WORD.get(word.toLowerCase(Locale.ROOT)));
    }

    /** Some words mean the thing the field asks for: "4 thou" in a feed field is 4 thou per revolution. */
    Unit meantIn(Quantity asked) {
        if (asked == Quantity.FEED) {
            return switch (this) {
                case MILLIMETRE -> MILLIMETRE_PER_REV;
                case INCH -> INCH_PER_REV;
                case THOU -> THOU_PER_REV;
                default -> this;
            };
        }
        if (asked == Quantity.ROUGHNESS) {
            return switch (this) {
                case MICROMETRE -> RA_MICROMETRE;
                case MICROINCH -> RA_MICROINCH;
                default -> this;
            };
        }
        if (asked == Quantity.MASS) {
            return switch (this) {
                case KILOGRAM_FORCE -> KILOGRAM;
                case POUND_FORCE -> POUND;
                default -> this;
            };
        }
        if (asked == Quantity.ANGLE && this == FOOT) {
            return ARC_MINUTE;
        }
        return this;
    }
}
