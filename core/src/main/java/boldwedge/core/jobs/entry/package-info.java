/** What was typed of a job, read into numbers; what is wrong is told beside where it stands. */
@NullMarked
package boldwedge.core.jobs.entry;

import org.jspecify.annotations.NullMarked;
