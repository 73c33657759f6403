package boldwedge.core.jobs.entry;

import boldwedge.core.jobs.model.Job;
import java.util.Map;

/**
 * What came of reading a job: as much of it as can be used, and what is wrong beside where it stands.
 *
 * @param job without the lots and operations that cannot be used
 * @param errors sentences by place: "lots[0].operations[2].each"
 */
public record JobRead(Job job, Map<String, String> errors) {}
