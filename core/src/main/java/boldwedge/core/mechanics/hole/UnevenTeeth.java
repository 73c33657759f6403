package boldwedge.core.mechanics.hole;

import java.util.ArrayList;
import java.util.List;

/**
 * Angles from tooth to tooth of a reamer: uneven, so that no tooth falls into the mark of the one before, and the same again in the second half of the turn, so that
 * opposite edges stand on a diameter and can be measured.
 */
public final class UnevenTeeth {
    private UnevenTeeth() {}

    /**
     * Angles from each tooth to the next, degrees, summing to a whole turn. Within each half turn they grow evenly about the mean; three teeth, whose edges
     * nobody can measure across, vary about a third of a turn.
     *
     * @param teeth how many
     * @param stepDegrees how much one differs from the next
     */
    public static List<Double> steps(int teeth, double stepDegrees) {
        int group = teeth % 2 == 0 ? teeth / 2 : teeth;
        double mean = 360.0 / teeth;
        List<Double> steps = new ArrayList<>();
        for (int i = 0; i < teeth; i++) {
            steps.add(mean + stepDegrees * (i % group - (group - 1) / 2.0));
        }
        return List.copyOf(steps);
    }

    /** Where the teeth stand, degrees from the first. */
    public static List<Double> places(int teeth, double stepDegrees) {
        List<Double> places = new ArrayList<>();
        double at = 0;
        for (double step : steps(teeth, stepDegrees)) {
            places.add(at);
            at += step;
        }
        return List.copyOf(places);
    }
}
