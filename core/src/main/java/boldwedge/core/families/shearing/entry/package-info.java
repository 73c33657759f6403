/** What a shear tool is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.shearing.entry;

import org.jspecify.annotations.NullMarked;
