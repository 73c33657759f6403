/** A groove and its bit in numbers: mm, N, radians, minutes. */
@NullMarked
package boldwedge.core.families.grooving.model;

import org.jspecify.annotations.NullMarked;
