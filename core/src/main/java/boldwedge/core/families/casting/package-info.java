/** Castings bored in place: the axis that keeps stock on every side, the first pass under the skin, cap and shims, and what is pressed in. */
@NullMarked
package boldwedge.core.families.casting;

import org.jspecify.annotations.NullMarked;
