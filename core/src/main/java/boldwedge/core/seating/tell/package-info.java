/** What is said of an insert’s seat. */
@NullMarked
package boldwedge.core.seating.tell;

import org.jspecify.annotations.NullMarked;
