/** What a shaped cut is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.shaping.entry;

import org.jspecify.annotations.NullMarked;
