package boldwedge.server.schedule;

import boldwedge.server.storage.JsonHandler;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;

/** A plan as a jsonb column. */
@Component
@MappedTypes(PlanOfDays.class)
class PlanHandler extends JsonHandler<PlanOfDays> {
    /** For statements that must name it. */
    static final String NAME = "boldwedge.server.schedule.PlanHandler";

    PlanHandler() {
        super(PlanOfDays.class);
    }
}
