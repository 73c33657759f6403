/** What a drilled hole is asked, and how it is read. */
@NullMarked
package boldwedge.core.drilling.ask;

import org.jspecify.annotations.NullMarked;
