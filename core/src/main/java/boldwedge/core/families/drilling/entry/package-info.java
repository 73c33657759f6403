/** What a drilled hole is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.drilling.entry;

import org.jspecify.annotations.NullMarked;
