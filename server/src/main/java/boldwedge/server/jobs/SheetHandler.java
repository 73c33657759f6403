package boldwedge.server.jobs;

import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.server.storage.JsonHandler;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;

/** A job's sheet as a jsonb column. */
@Component
@MappedTypes(JobTexts.class)
class SheetHandler extends JsonHandler<JobTexts> {
    /** For statements that must name it. */
    static final String NAME = "boldwedge.server.jobs.SheetHandler";

    SheetHandler() {
        super(JobTexts.class);
    }
}
