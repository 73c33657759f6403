/** What is said of a thread to be cut. */
@NullMarked
package boldwedge.core.threading.tell;

import org.jspecify.annotations.NullMarked;
