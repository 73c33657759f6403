package boldwedge.core.finding;

/**
 * One of several ways that practitioners hold right.
 *
 * @param name what it is called here
 * @param reason why they hold it
 * @param inForce whether this job follows it
 */
public record School(String name, String reason, boolean inForce) {}
