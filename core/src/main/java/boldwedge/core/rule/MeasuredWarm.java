package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.WorkMaterial;

/**
 * What the warmth of the cut does to what is measured: Δd = α · d · ΔT, work against micrometer. Sizes hold at 20 °C (ISO 1). How warm
 * the work really gets is not reckoned; it is told for a step that a hand does not feel.
 */
public final class MeasuredWarm {
    /** In °C and °F: warm work that still feels like nothing much. */
    private static final int STEP_C = 10;

    private static final int STEP_F = 20;
    private static final double K_PER_F = 5 / 9.0;
    /** From this share of the tolerance on it is worth a line, and from the whole of it on it decides. */
    private static final double TOLD_FROM = 0.3;

    /** Tighter than this nothing is measured. */
    private static final double NO_TOLERANCE_MM = 1e-5;

    private MeasuredWarm() {}

    /** Growth of a diameter that is so much warmer than what it is measured with, mm. */
    public static double growthMm(WorkMaterial work, double diameterMm, double kelvin) {
        return work.expansionPerK() * diameterMm * kelvin;
    }

    /**
     * Asked of a diameter that is measured after the cut.
     *
     * @param what the thing measured, as a sentence goes on with it: "it", "the hole"
     * @param finishedMm its size
     */
    public static Finding of(String what, WorkMaterial work, double finishedMm, Tolerance tolerance, UnitFormat say) {
        boolean metric = say.units() == UnitSystem.METRIC;
        int step = metric ? STEP_C : STEP_F;
        double kelvin = metric ? STEP_C : STEP_F * K_PER_F;
        double growth = growthMm(work, finishedMm, kelvin);
        double share = growth / Math.max(NO_TOLERANCE_MM, tolerance.widthMm());
        Verdict verdict = share >= 1 ? Verdict.DOUBTFUL : share >= TOLD_FROM ? Verdict.TOLD : Verdict.FINE;
        String warm = step + (metric ? " °C" : " °F") + " warmer than the gauge " + what + " measures "
                + say.length(growth) + " larger, ";
        String words = switch (verdict) {
            case DOUBTFUL ->
                "Let it cool before you measure: " + warm + "more than the whole tolerance of "
                        + say.length(tolerance.widthMm()) + ".";
            case TOLD -> "Let it cool before the last measurement: " + warm + say.share(share) + " of the tolerance.";
            default -> "Measured " + warm + say.share(share) + " of the tolerance.";
        };
        return Finding.at(Station.CUT, "warm", say)
                .says(verdict, words)
                .margin(1 - share)
                .step(Working.of("Growth by warmth", "α · d · Δ / 1000000", mm(growth))
                        .with("α", "millionths for each degree", number(work.expansionPerK() * 1e6 * kelvin / step))
                        .with("d", mm(finishedMm).typed())
                        .with("Δ", "degrees warmer", number(step)))
                .source("Linear expansion; ISO 1: sizes hold at 20 °C. " + work.source())
                .build();
    }
}
