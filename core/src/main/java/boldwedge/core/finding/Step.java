package boldwedge.core.finding;

/**
 * One line of a working.
 *
 * @param what what is worked out, in words
 * @param formula the formula with symbols
 * @param numbers the same with this job's numbers put in
 * @param result the result with its unit
 */
public record Step(String what, String formula, String numbers, String result) {}
