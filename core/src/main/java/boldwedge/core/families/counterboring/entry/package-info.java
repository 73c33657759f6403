/** What a counterbored seat is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.counterboring.entry;

import org.jspecify.annotations.NullMarked;
