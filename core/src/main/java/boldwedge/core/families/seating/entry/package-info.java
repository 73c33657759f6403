/** What an insert’s seat is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.seating.entry;

import org.jspecify.annotations.NullMarked;
