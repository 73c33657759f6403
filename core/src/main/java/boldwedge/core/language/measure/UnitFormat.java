package boldwedge.core.language.measure;

/** Numbers in the units that the reader asked for. */
public record UnitFormat(UnitSystem units) {
    private static final double HOURS_FROM_MIN = 100;
    private static final double NO_SECONDS_FROM_MIN = 20;
    private static final double FINE_MM = 2;

    public String length(double mm) {
        return Written.full(Quantity.LENGTH, mm, units);
    }

    /** A small length with its sign: "+0.4 mm", "−5 thou". */
    public String signed(double mm) {
        return (mm > 0 ? "+" : "") + length(mm);
    }

    public String angle(double radians) {
        return Written.degrees(radians);
    }

    public String feed(double mmPerRev) {
        return Written.full(Quantity.FEED, mmPerRev, units);
    }

    public String surfaceSpeed(double metresPerMinute) {
        return Written.full(Quantity.SURFACE_SPEED, metresPerMinute, units);
    }

    public String rpm(double rpm) {
        return Written.full(Quantity.SPINDLE_SPEED, rpm, units);
    }

    public String force(double newtons) {
        return Written.force(newtons, units);
    }

    public String power(double watts) {
        return Written.full(Quantity.POWER, watts, units);
    }

    public String ra(double mm) {
        return Written.full(Quantity.ROUGHNESS, mm * 1000, units);
    }

    public String share(double share) {
        return Written.places(share * 100, Math.abs(share) < 0.1 ? 1 : 0) + " %";
    }

    /** A pitch as it is called: threads to the inch where that is a whole or half number and no round number of millimetres, else a length. */
    public String pitch(double mm) {
        double threads = 25.4 / mm;
        boolean inch = Math.abs(2 * threads - Math.rint(2 * threads)) < 1e-5;
        boolean metric = Math.abs(mm * 100 - Math.rint(mm * 100)) < 1e-5;
        return inch && !(metric && units == UnitSystem.METRIC)
                ? Written.places(threads, 1) + " tpi"
                : Written.millimetres(mm);
    }

    /** A length that is known to a figure or two, as finely as it matters: tenths from two millimetres on, eighty thou and up to hundredths of an inch. */
    public String about(double mm) {
        return length(mm < FINE_MM ? units.measured(mm) : units.turned(mm));
    }

    /** A length rounded to what is easily set, as a mend types it. */
    public String typed(double mm) {
        return units == UnitSystem.METRIC
                ? Written.places(mm, mm < 5 ? 2 : 0) + " mm"
                : Written.places(mm / 25.4, 3) + " in";
    }

    /** A nose radius as a gauge of the shop has it, as a mend types it. */
    public String nose(double mm) {
        return length(units.nose(mm));
    }

    /** A chance, 0 to 1. */
    public String chance(double chance) {
        return chance < 0.005 ? "under 1 %" : Math.round(chance * 100) + " %";
    }

    /** A drill by its name, with its size where the name does not tell it. */
    public String drill(Drill drill) {
        if (drill.series() == Drill.Series.METRIC) {
            return drill.name();
        }
        String size = units == UnitSystem.METRIC
                ? length(drill.diameterMm())
                : Written.places(drill.diameterMm() / 25.4, 4) + " in";
        // A whole number of inches is called by its size.
        return size.equals(drill.name() + " in") ? size : drill.name() + " (" + size + ")";
    }

    /** A plain number with so many places. */
    public String number(double value, int places) {
        return Written.places(value, places);
    }

    /** Seconds, minutes or hours, as fine as anybody keeps them. */
    public String time(double minutes) {
        long whole = Math.round(minutes);
        return minutes >= HOURS_FROM_MIN
                ? whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60 + " min")
                : minutes >= NO_SECONDS_FROM_MIN ? whole + " min" : Written.time(minutes);
    }

    /** A stress, MPa. */
    public String stress(double mpa) {
        return Written.full(Quantity.STRESS, mpa, units);
    }

    /** A torque, N·m. */
    public String torque(double newtonMetres) {
        return Written.full(Quantity.TORQUE, newtonMetres, units);
    }

    /** A give, mm/N. */
    public String give(double mmPerN) {
        return Written.full(Quantity.COMPLIANCE, mmPerN, units);
    }

    /** A stiffness, N/mm. */
    public String stiffness(double nPerMm) {
        return Written.full(Quantity.STIFFNESS, nPerMm, units);
    }

    /** A value in these units. */
    public String amount(Amount amount) {
        return amount.written(units);
    }
}
