/** A shaped cut in numbers: lengths in mm, forces in N, angles in radians. */
@NullMarked
package boldwedge.core.families.shaping.model;

import org.jspecify.annotations.NullMarked;
