/** A verdict in words with its margin, working, source and mends. */
@NullMarked
package boldwedge.core.finding;

import org.jspecify.annotations.NullMarked;
