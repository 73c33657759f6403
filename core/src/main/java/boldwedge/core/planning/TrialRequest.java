package boldwedge.core.planning;

import java.util.Map;

/**
 * A trial cut to judge.
 *
 * @param plan the job it was made for
 * @param readings texts by reading: speed, feed, depth (what was really run; empty as planned), near and far diameter,
 *     apart, finish, chip, sound
 */
public record TrialRequest(PlanRequest plan, Map<String, String> readings) {
    /** The same as it would be judged if no trial had taught anything. */
    public TrialRequest untaught() {
        return new TrialRequest(plan.untaught(), readings);
    }
}
