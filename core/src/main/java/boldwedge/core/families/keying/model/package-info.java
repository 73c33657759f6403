/** A keyway in numbers: mm, N, MPa, radians, minutes. */
@NullMarked
package boldwedge.core.families.keying.model;

import org.jspecify.annotations.NullMarked;
