/** A form and its bit in numbers: mm, N, radians, minutes. */
@NullMarked
package boldwedge.core.families.forming.model;

import org.jspecify.annotations.NullMarked;
