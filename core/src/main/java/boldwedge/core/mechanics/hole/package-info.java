/**
 * Drilled, reamed and bored holes: what a drill's lips do, where it wanders, what a hole is left with. Lengths in mm, forces in
 * N, torque in N·mm.
 */
@NullMarked
package boldwedge.core.mechanics.hole;

import org.jspecify.annotations.NullMarked;
