/** What a casting is asked, and how that is read. */
@NullMarked
package boldwedge.core.families.casting.entry;

import org.jspecify.annotations.NullMarked;
