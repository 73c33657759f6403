package boldwedge.server.trial;

import boldwedge.core.family.Experiment;
import java.time.LocalDate;
import java.util.UUID;

/**
 * Two trials of a cut that followed each other, as one experiment.
 *
 * @param before the first
 * @param beforeDay when it was made
 * @param after the second
 * @param afterDay when it was made
 * @param experiment what was changed and what that did
 */
record PairedTrials(UUID before, LocalDate beforeDay, UUID after, LocalDate afterDay, Experiment experiment) {}
