package boldwedge.core.mechanics.heat;

/**
 * The bath that a load is quenched in.
 *
 * @param litres its volume
 * @param celsius its temperature before
 * @param densityKgPerL density, kg/l
 * @param heatKjPerKgK specific heat, kJ/(kg·K)
 */
public record QuenchBath(double litres, double celsius, double densityKgPerL, double heatKjPerKgK) {
    /** Mean specific heat of steel from hardening heat down, the change of its lattice in it, kJ/(kg·K). */
    public static final double STEEL_HEAT = 0.65;

    private static final double OIL_DENSITY = 0.88;
    private static final double OIL_HEAT = 2.0;
    private static final double WATER_DENSITY = 1.0;
    private static final double WATER_HEAT = 4.18;

    /** A bath of quenching oil. */
    public static QuenchBath oil(double litres, double celsius) {
        return new QuenchBath(litres, celsius, OIL_DENSITY, OIL_HEAT);
    }

    /** A bath of water. */
    public static QuenchBath water(double litres, double celsius) {
        return new QuenchBath(litres, celsius, WATER_DENSITY, WATER_HEAT);
    }

    /**
     * Temperature that bath and load come to, °C: what the steel gives up the bath takes, nothing lost.
     *
     * @param loadKg mass of the load, kg
     * @param loadCelsius its temperature
     */
    public double settlesAt(double loadKg, double loadCelsius) {
        double steel = loadKg * STEEL_HEAT;
        double bath = litres * densityKgPerL * heatKjPerKgK;
        return (steel * loadCelsius + bath * celsius) / (steel + bath);
    }

    /** How much the bath warms, K. */
    public double rise(double loadKg, double loadCelsius) {
        return settlesAt(loadKg, loadCelsius) - celsius;
    }

    /** The least volume that warms by no more than this, litres. */
    public double litresFor(double loadKg, double loadCelsius, double rise) {
        return loadKg * STEEL_HEAT * (loadCelsius - celsius - rise) / (rise * densityKgPerL * heatKjPerKgK);
    }
}
