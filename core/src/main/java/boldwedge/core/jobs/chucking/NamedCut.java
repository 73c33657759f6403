package boldwedge.core.jobs.chucking;

import boldwedge.core.planning.PlanRequest;

/**
 * A cut of the shop's.
 *
 * @param id of its record
 * @param name what it is called
 * @param request as it was asked
 */
public record NamedCut(String id, String name, PlanRequest request) {}
