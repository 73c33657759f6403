/** What a groove is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.grooving.entry;

import org.jspecify.annotations.NullMarked;
