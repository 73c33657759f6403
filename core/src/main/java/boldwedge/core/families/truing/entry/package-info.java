/** What is asked of work to be set up, and how that is read. */
@NullMarked
package boldwedge.core.families.truing.entry;

import org.jspecify.annotations.NullMarked;
