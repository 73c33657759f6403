package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.Span;
import java.util.OptionalDouble;

/**
 * The spindle speed for a surface speed.
 *
 * @param wantedRpm the speed a chart would ask for
 * @param rpm the speed taken: the next one down that this lathe has, or its slowest
 * @param higherRpm the next one up, if there is one
 * @param higherLifeShare share of the edge's life that the next one up leaves, by Taylor; 1 when there is none
 * @param tooFast whether even the slowest speed is above the range for these materials
 */
public record SpeedChoice(
        double wantedRpm, double rpm, OptionalDouble higherRpm, double higherLifeShare, boolean tooFast) {

    /**
     * Chooses a speed.
     *
     * @param surface range of surface speed for work and tool material, m/min
     * @param diameterMm diameter where the cut is fastest, mm
     * @param speeds what the spindle can do
     * @param taylorExponent n of Taylor's v·Tⁿ = C for the tool material
     */
    public static SpeedChoice of(Span surface, double diameterMm, SpindleSpeeds speeds, double taylorExponent) {
        double wanted = rpm(surface.chosen(), diameterMm);
        OptionalDouble lower = speeds.atOrBelow(wanted);
        double taken = lower.orElse(speeds.slowest());
        OptionalDouble higher = speeds.above(taken);
        double life = higher.isPresent() ? lifeShare(taken, higher.getAsDouble(), taylorExponent) : 1;
        boolean tooFast = surfaceSpeed(taken, diameterMm) > surface.high() * (1 + 1e-9);
        return new SpeedChoice(wanted, taken, higher, life, tooFast);
    }

    /** Spindle speed in rpm for a surface speed in m/min on a diameter in mm: 1000 v / πD. */
    public static double rpm(double surfaceSpeed, double diameterMm) {
        return 1000 * surfaceSpeed / (Math.PI * diameterMm);
    }

    /** Surface speed in m/min of a diameter in mm at a spindle speed in rpm: πDn / 1000. */
    public static double surfaceSpeed(double rpm, double diameterMm) {
        return Math.PI * diameterMm * rpm / 1000;
    }

    /** Share of tool life left when the speed is raised: (v1 / v2)^(1/n), Taylor 1907. */
    public static double lifeShare(double from, double to, double taylorExponent) {
        return Math.pow(from / to, 1 / taylorExponent);
    }
}
