/** What an insert’s seat is asked, and how it is read. */
@NullMarked
package boldwedge.core.seating.ask;

import org.jspecify.annotations.NullMarked;
