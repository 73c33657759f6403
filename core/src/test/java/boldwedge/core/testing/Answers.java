package boldwedge.core.testing;

import boldwedge.core.family.Planner;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Whole answers that many tests look at, each planned once: an answer is a value, whoever looks changes nothing. With
 * {@code -Dboldwedge.answers=anew} each is planned whenever it is asked for: where the program is changed under the tests
 * ({@code ./bw mutate}) an answer of before the change would hide it.
 */
public final class Answers {
    private static final boolean ANEW = "anew".equals(System.getProperty("boldwedge.answers"));
    private static final Map<PlanRequest, PlanAnswer> PLANNED = new ConcurrentHashMap<>();

    private Answers() {}

    /** The whole answer to a question. */
    public static PlanAnswer of(PlanRequest request) {
        return ANEW ? Planner.plan(request) : PLANNED.computeIfAbsent(request, Planner::plan);
    }
}
