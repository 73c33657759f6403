/** The hole and what goes into it: whether a tool fits, clears and comes out again. */
@NullMarked
package boldwedge.core.hole;

import org.jspecify.annotations.NullMarked;
