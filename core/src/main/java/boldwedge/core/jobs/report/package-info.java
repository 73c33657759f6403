/** A job in words: what it takes, what to saw, what goes into the furnace together, and the day's list. */
@NullMarked
package boldwedge.core.jobs.report;

import org.jspecify.annotations.NullMarked;
