/** What a keyway is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.keying.entry;

import org.jspecify.annotations.NullMarked;
