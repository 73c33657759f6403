package boldwedge.core.family;

import boldwedge.core.language.finding.Step;
import boldwedge.core.planning.PlanRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tests of a tool as it is held: pushed at its point, and tapped. What they measure takes the place of assumptions. */
public interface ToolTests {
    /**
     * One line of a push test, as typed.
     *
     * @param load the pull
     * @param up reading while it grew
     * @param down reading while it fell; may be empty
     */
    record Line(String load, String up, String down) {}

    /**
     * A test judged.
     *
     * @param worked whether it could be
     * @param errors sentences by line and column: {@code 2.up}
     * @param sentence what it says, in a line
     * @param working how
     * @param take texts by field that put the measured values in place
     */
    record Answer(
            boolean worked,
            Map<String, String> errors,
            String sentence,
            List<Step> working,
            Map<String, String> take) {}

    /**
     * The tool as it was computed, at rest.
     *
     * @param barMmPerN give of the tool alone
     * @param toolMmPerN give with its holder, as reckoned or measured before
     * @param hz frequency of its first mode
     * @param damping ratio
     */
    record AtRest(double barMmPerN, double toolMmPerN, double hz, double damping) {}

    /** The tool of a request at rest as reckoned, whatever has been measured; empty when a field is wrong. */
    Optional<AtRest> untested(PlanRequest request);

    /**
     * Judges a push test.
     *
     * @param before the stiffness from an earlier test, as text; may be empty
     */
    Answer push(PlanRequest request, List<Line> lines, String before);

    /**
     * Judges the ring of a tap.
     *
     * @param samples what a pick-up heard
     * @param rate samples per second
     */
    Answer ring(PlanRequest request, double[] samples, double rate);
}
