package boldwedge.core.mechanics.heat;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import java.util.OptionalDouble;

/**
 * What a piece of steel goes through to become hard.
 *
 * @param steel the steel
 * @param sectionMm the section that governs: the thickest, round
 * @param quench what it is cooled in
 * @param hardenC hardening heat, °C
 * @param soakMin soak once it is hot through, minutes
 * @param temperC temper, °C
 * @param temperMin each temper's time at heat, minutes
 */
public record HeatTreatment(
        ToolSteel steel,
        double sectionMm,
        Quench quench,
        double hardenC,
        double soakMin,
        double temperC,
        double temperMin) {
    /** An hour at temper, and an hour more for each inch over one. */
    private static final double TEMPER_MIN = 60;

    /** A tenth on the diameter cleans a ground piece up, mm. */
    public static final double CLEAN_UP_MM = 0.1;

    private static final double BEND_PER_MM = 0.0015;

    private static final double TEMPER_PER_MM = 60 / 25.4;
    private static final double TEMPER_FROM_MM = 25.4;

    /** The usual treatment of a steel, tempered for a hardness where it can be, else as cool as its curve begins. */
    public static HeatTreatment usual(ToolSteel steel, double sectionMm, OptionalDouble wantedHrc) {
        double minutes = Math.rint(temperMinutes(sectionMm));
        double hour = wantedHrc.isPresent()
                ? Tempering.celsiusFor(steel, wantedHrc.getAsDouble())
                        .orElse(steel.tempering().getFirst().celsius())
                : steel.tempering().getFirst().celsius();
        return new HeatTreatment(
                steel,
                sectionMm,
                steel.quench(),
                steel.hardenC().chosen(),
                Math.ceil(Heating.soakMinutes(steel, sectionMm)),
                Tempering.equivalent(hour, TEMPER_MIN, minutes),
                minutes);
    }

    /** Time of one temper by section, minutes. */
    public static double temperMinutes(double sectionMm) {
        return TEMPER_MIN + Math.max(0, sectionMm - TEMPER_FROM_MM) * TEMPER_PER_MM;
    }

    /** Whether the whole section becomes hard. */
    public boolean through() {
        return sectionMm <= steel.throughMm();
    }

    /** The temper's equal in one hour, °C: what the curve is drawn for. */
    public double hourC() {
        return Tempering.equivalent(temperC, temperMin, TEMPER_MIN);
    }

    /** Hardness that is left, HRC: about 2 either way; never more than as quenched. */
    public Span hrc() {
        double left =
                Math.min(Tempering.hardness(steel, hourC()), steel.asQuenched().high());
        return new Span(left - 2, left, Math.min(left + 2, steel.asQuenched().high() + 1));
    }

    /** Bend that a slender piece is likely to take, mm over its length, within three times; ours: more in faster baths. */
    public double bendMm(double lengthMm) {
        double bath = switch (quench) {
            case WATER -> 1.6;
            case OIL -> 1;
            case AIR -> 0.35;
        };
        double slender = Math.clamp(lengthMm / (10 * sectionMm), 0.1, 1.5);
        return BEND_PER_MM * lengthMm * bath * slender;
    }

    /**
     * What grinding needs on the diameter after it, mm: the bend, the soft skin on both sides, a tenth to clean up; growth not counted.
     *
     * @param skinShare share of the bare skin that its wrapping leaves soft
     */
    public double grindStockMm(double lengthMm, double skinShare) {
        return Math.ceil(100 * (CLEAN_UP_MM + bendMm(lengthMm) + 2 * steel.skinMm() * skinShare)) / 100;
    }

    /** High-alloy steels change again as they cool from the first temper, and are tempered twice. */
    public int tempers() {
        return steel.quench() == Quench.AIR ? 2 : 1;
    }

    /** Linear growth of a length, mm: low, usual, high. */
    public Span growthMm(double lengthMm) {
        return new Span(
                steel.growth().low() * lengthMm,
                steel.growth().chosen() * lengthMm,
                steel.growth().high() * lengthMm);
    }
}
