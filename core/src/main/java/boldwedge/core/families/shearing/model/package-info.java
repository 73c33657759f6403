/** A shear tool and its cut in numbers: mm, N, radians, minutes. */
@NullMarked
package boldwedge.core.families.shearing.model;

import org.jspecify.annotations.NullMarked;
