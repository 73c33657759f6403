package boldwedge.core.language.measure;

/**
 * A value with what kind of thing it measures and where it came from. Numbers become words only from an amount, so that nothing is
 * called assumed that was measured.
 *
 * @param value in the base unit of its quantity
 * @param quantity what kind of thing it measures
 * @param origin where it came from
 */
public record Amount(double value, Quantity quantity, Origin origin) {
    /** A value that was worked out, in the base unit of its quantity. */
    public static Amount of(Quantity quantity, double value) {
        return new Amount(value, quantity, Origin.RECKONED);
    }

    /** A length, mm. */
    public static Amount mm(double value) {
        return of(Quantity.LENGTH, value);
    }

    /** An angle, radians. */
    public static Amount rad(double value) {
        return of(Quantity.ANGLE, value);
    }

    /** A force, N. */
    public static Amount newtons(double value) {
        return of(Quantity.FORCE, value);
    }

    /** A stress, MPa. */
    public static Amount mpa(double value) {
        return of(Quantity.STRESS, value);
    }

    /** A stiffness, N/mm. */
    public static Amount newtonsPerMm(double value) {
        return of(Quantity.STIFFNESS, value);
    }

    /** A stiffness against turning, N·mm/rad. */
    public static Amount newtonMmPerRad(double value) {
        return of(Quantity.TILT_STIFFNESS, value);
    }

    /** A give, mm/N. */
    public static Amount mmPerNewton(double value) {
        return of(Quantity.COMPLIANCE, value);
    }

    /** A spindle speed, rpm. */
    public static Amount rpm(double value) {
        return of(Quantity.SPINDLE_SPEED, value);
    }

    /** A surface speed, m/min. */
    public static Amount metresPerMinute(double value) {
        return of(Quantity.SURFACE_SPEED, value);
    }

    /** A feed, mm per revolution. */
    public static Amount mmPerRev(double value) {
        return of(Quantity.FEED, value);
    }

    /** A power, W. */
    public static Amount watts(double value) {
        return of(Quantity.POWER, value);
    }

    /** A torque, N·m. */
    public static Amount newtonMetres(double value) {
        return of(Quantity.TORQUE, value);
    }

    /** A roughness given as a height in mm. */
    public static Amount ra(double mm) {
        return of(Quantity.ROUGHNESS, mm * 1000);
    }

    /** A height of a profile, given in mm. */
    public static Amount profile(double mm) {
        return of(Quantity.PROFILE_HEIGHT, mm * 1000);
    }

    /** An area, mm². */
    public static Amount mm2(double value) {
        return of(Quantity.AREA, value);
    }

    /** A second moment of area, mm⁴. */
    public static Amount mm4(double value) {
        return of(Quantity.SECOND_MOMENT, value);
    }

    /** A volume, mm³. */
    public static Amount mm3(double value) {
        return of(Quantity.VOLUME, value);
    }

    /** A mass, g. */
    public static Amount grams(double value) {
        return of(Quantity.MASS, value);
    }

    /** A time, minutes. */
    public static Amount minutes(double value) {
        return of(Quantity.TIME, value);
    }

    /** A frequency, Hz. */
    public static Amount hertz(double value) {
        return of(Quantity.FREQUENCY, value);
    }

    /** A plain number. */
    public static Amount number(double value) {
        return of(Quantity.RATIO, value);
    }

    /** The same, said to come from elsewhere. */
    public Amount from(Origin where) {
        return new Amount(value, quantity, where);
    }

    /** The same, put in because nobody measured it. */
    public Amount assumed() {
        return from(Origin.ASSUMED);
    }

    /** The same, typed by whoever asks. */
    public Amount typed() {
        return from(Origin.TYPED);
    }

    /** The same, from the machine's card. */
    public Amount fromCard() {
        return from(Origin.CARD);
    }

    /** The same, measured. */
    public Amount measured() {
        return from(Origin.MEASURED);
    }

    /** The same, from a table with its source. */
    public Amount fromTable() {
        return from(Origin.TABLE);
    }

    /** The same, the program's choice. */
    public Amount chosen() {
        return from(Origin.CHOSEN);
    }

    /** As a unit system writes it. */
    public String written(UnitSystem system) {
        return Written.full(quantity, value, system);
    }
}
