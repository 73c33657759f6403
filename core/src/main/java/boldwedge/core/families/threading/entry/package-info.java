/** What a thread to be cut is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.threading.entry;

import org.jspecify.annotations.NullMarked;
