/** What a counterbored seat is asked, and how it is read. */
@NullMarked
package boldwedge.core.counterboring.ask;

import org.jspecify.annotations.NullMarked;
