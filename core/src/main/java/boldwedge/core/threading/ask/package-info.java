/** What a thread to be cut is asked, and how it is read. */
@NullMarked
package boldwedge.core.threading.ask;

import org.jspecify.annotations.NullMarked;
