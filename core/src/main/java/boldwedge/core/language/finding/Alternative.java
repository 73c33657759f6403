package boldwedge.core.language.finding;

/**
 * One of several ways that practitioners hold right.
 *
 * @param name what it is called here
 * @param reason why they hold it
 * @param inForce whether this job follows it
 */
public record Alternative(String name, String reason, boolean inForce) {}
