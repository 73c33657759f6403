/**
 * The wedge of an edge: angles as ground and as they work, the systems in which they are named (ISO 3002-1), and how one is
 * ground. Frame: x across the shank away from the side cutting edge, y along the shank to the work, z up from the base; angles
 * in radians, lengths in mm.
 */
@NullMarked
package boldwedge.core.mechanics.wedge;

import org.jspecify.annotations.NullMarked;
