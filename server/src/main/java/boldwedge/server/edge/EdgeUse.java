package boldwedge.server.edge;

import java.time.LocalDate;

/**
 * Something that was cut with a tool.
 *
 * @param onDay when
 * @param what the job and its operation, or the trial's verdict
 * @param pieces how many
 * @param minutes in the cut, all of them together
 * @param trial whether it was a trial cut
 */
record EdgeUse(LocalDate onDay, String what, int pieces, double minutes, boolean trial) {}
