package boldwedge.core.trial;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a blade's trials say of its life.
 *
 * @param cuts cuts made with it, all blades of its kind together
 * @param broken how many broke
 * @param cutsPerBlade cuts a blade lasted on average, counting the one in use as not yet ended; empty while none broke
 * @param costPerCut cost of a blade over that; empty without either
 */
public record BladeLife(int cuts, int broken, OptionalDouble cutsPerBlade, OptionalDouble costPerCut) {
    /** Reading: pieces cut in a trial; one when it is not said. */
    public static final String COUNT = "count";
    /** Reading: diameter at which the blade broke; empty when it did not. */
    public static final String BROKE = "broke";

    private static final Limits COUNTED = new Limits(Quantity.RATIO, 0, 100_000);

    /**
     * Adds trials up. With n breakages in N cuts the mean life is N / n: the best estimate when a blade that is still in use is
     * counted with its cuts but not as ended (exponential life, right-censored).
     *
     * @param trials readings of the trials with the blade, in any order
     * @param costText cost of a blade or of an edge as typed, in any currency; may be empty
     */
    public static BladeLife of(List<Map<String, String>> trials, String costText) {
        OptionalDouble cost = !costText.isBlank()
                        && MeasureParser.parse(costText, COUNTED, UnitSystem.METRIC)
                                instanceof Parsed.Good<Reading>(Reading good)
                ? OptionalDouble.of(good.value())
                : OptionalDouble.empty();
        int cuts = 0;
        int broken = 0;
        for (Map<String, String> trial : trials) {
            cuts += count(trial);
            broken += broke(trial) ? 1 : 0;
        }
        OptionalDouble life = broken == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) cuts / broken);
        return new BladeLife(
                cuts,
                broken,
                life,
                cost.isPresent() && life.isPresent() && cuts > 0
                        ? OptionalDouble.of(cost.getAsDouble() / life.getAsDouble())
                        : OptionalDouble.empty());
    }

    /** Whether the blade broke in a trial. */
    public static boolean broke(Map<String, String> trial) {
        return !trial.getOrDefault(BROKE, "").isBlank();
    }

    /** Pieces cut in a trial: one where it is not said. */
    public static int count(Map<String, String> trial) {
        String text = trial.getOrDefault(COUNT, "");
        return !text.isBlank()
                        && MeasureParser.parse(text, COUNTED, UnitSystem.METRIC)
                                instanceof Parsed.Good<Reading>(Reading good)
                ? (int) Math.rint(good.value())
                : 1;
    }

    /** In a line; empty before the first cut. */
    public String sentence() {
        if (cuts == 0) {
            return "";
        }
        String made = cuts + (cuts == 1 ? " cut" : " cuts");
        if (cutsPerBlade.isEmpty()) {
            return made + " so far, none broke it.";
        }
        return made + ", " + broken + " broken: " + Written.places(cutsPerBlade.getAsDouble(), 1) + " cuts to a blade"
                + (costPerCut.isPresent() ? ", " + Written.places(costPerCut.getAsDouble(), 2) + " a cut" : "") + ".";
    }
}
