/** A fly cutter and its cut in numbers: mm, N, radians, minutes, grams. */
@NullMarked
package boldwedge.core.families.flycutting.model;

import org.jspecify.annotations.NullMarked;
