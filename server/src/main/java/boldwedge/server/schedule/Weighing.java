package boldwedge.server.schedule;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import boldwedge.core.jobs.schedule.Layout;

/** Lays an order into hours and weighs what comes of it. */
public class Weighing implements EasyScoreCalculator<Sought, BendableLongScore> {
    @Override
    public BendableLongScore calculateScore(Sought sought) {
        Layout layout = sought.layout();
        return BendableLongScore.of(
                new long[] {-layout.unlaid()}, new long[] {-layout.late(), -layout.last(), -layout.ends()});
    }
}
