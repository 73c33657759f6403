package boldwedge.core.jobs.schedule;

/**
 * Somebody who works.
 *
 * @param name what they are called
 * @param hours when they are there
 */
public record Worker(String name, Hours hours) {}
