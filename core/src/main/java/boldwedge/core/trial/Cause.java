package boldwedge.core.trial;

import boldwedge.core.language.finding.Step;
import java.util.Comparator;
import java.util.List;

/**
 * Something that would explain what a trial cut showed.
 *
 * @param id stable name
 * @param title the cause in words
 * @param explains which sign it explains, with the numbers
 * @param fit how well its computed effect matches what was measured, 0 to 1; the causes are ranked by it
 * @param working how the fit came about
 */
public record Cause(String id, String title, String explains, double fit, List<Step> working) {
    /** A cause that fits worse is not worth a line. */
    static final double LEAST_FIT = 0.02;

    /** Those that are worth a line, the likeliest first. */
    public static List<Cause> ranked(List<Cause> causes) {
        return causes.stream()
                .filter(cause -> cause.fit() > LEAST_FIT)
                .sorted(Comparator.comparingDouble(Cause::fit).reversed())
                .toList();
    }
}
