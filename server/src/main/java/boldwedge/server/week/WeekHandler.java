package boldwedge.server.week;

import boldwedge.server.storage.JsonHandler;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;

/** The week as a jsonb column. */
@Component
@MappedTypes(Week.class)
class WeekHandler extends JsonHandler<Week> {
    /** For statements that must name it. */
    static final String NAME = "boldwedge.server.week.WeekHandler";

    WeekHandler() {
        super(Week.class);
    }
}
