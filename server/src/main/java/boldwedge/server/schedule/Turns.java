package boldwedge.server.schedule;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** The order in which units are laid: the one thing that is searched for. */
@PlanningEntity
public class Turns {
    @PlanningListVariable
    private List<Integer> order = new ArrayList<>();

    /** For the solver, which copies it. */
    public Turns() {}

    Turns(List<Integer> order) {
        this.order = new ArrayList<>(order);
    }

    /** Units, the first first. */
    public List<Integer> getOrder() {
        return order;
    }

    /** For the solver. */
    public void setOrder(List<Integer> order) {
        this.order = order;
    }
}
