package boldwedge.server.schedule;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import boldwedge.core.jobs.schedule.Layer;
import boldwedge.core.jobs.schedule.Layout;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the solver works at: an order, and how what comes of it is weighed. */
@PlanningSolution
public class Sought {
    private Turns turns = new Turns();

    private List<Integer> units = List.of();

    /** Shared by all copies: they are weighed one after the other, in one thread. */
    private @Nullable Layer layer;

    private @Nullable BendableLongScore score;

    /** For the solver, which copies it. */
    public Sought() {}

    Sought(Layer layer, List<Integer> order) {
        this.layer = layer;
        turns = new Turns(order);
        units = List.copyOf(order);
    }

    /** The order. */
    @PlanningEntityProperty
    public Turns getTurns() {
        return turns;
    }

    /** For the solver. */
    public void setTurns(Turns turns) {
        this.turns = turns;
    }

    /** What is put in order. */
    @ValueRangeProvider
    public List<Integer> getUnits() {
        return units;
    }

    /** For the solver. */
    public void setUnits(List<Integer> units) {
        this.units = units;
    }

    /** What lays it into hours. */
    public @Nullable Layer getLayer() {
        return layer;
    }

    /** For the solver. */
    public void setLayer(@Nullable Layer layer) {
        this.layer = layer;
    }

    /** All laid; then less late, done sooner, each job done sooner. */
    @PlanningScore(bendableHardLevelsSize = 1, bendableSoftLevelsSize = 3)
    public @Nullable BendableLongScore getScore() {
        return score;
    }

    /** For the solver. */
    public void setScore(@Nullable BendableLongScore score) {
        this.score = score;
    }

    /** What comes of the order. */
    Layout layout() {
        if (layer == null) {
            throw new IllegalStateException("Nothing is laid without its layer.");
        }
        return layer.lay(turns.getOrder());
    }
}
