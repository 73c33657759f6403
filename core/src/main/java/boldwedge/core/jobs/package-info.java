/**
 * Making many: jobs of several lots, what a batch of them takes, and when each operation is done. {@code model} is what is made and
 * what it takes, {@code schedule} lays operations into hours, {@code entry} reads what was typed, {@code report} tells it.
 */
@NullMarked
package boldwedge.core.jobs;

import org.jspecify.annotations.NullMarked;
