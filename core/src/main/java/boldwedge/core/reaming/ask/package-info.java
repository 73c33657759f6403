/** What a reamed hole is asked, and how it is read. */
@NullMarked
package boldwedge.core.reaming.ask;

import org.jspecify.annotations.NullMarked;
