/** Jobs: several lots that belong together, what is ticked off of them, and what the clock teaches. */
@NullMarked
package boldwedge.server.jobs;

import org.jspecify.annotations.NullMarked;
