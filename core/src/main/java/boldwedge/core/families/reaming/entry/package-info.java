/** What a reamed hole is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.reaming.entry;

import org.jspecify.annotations.NullMarked;
