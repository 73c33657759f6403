/**
 * Cuts made by a stroke, nothing turning: a keyway in a bore and the bar that planes it. Lengths in mm, forces in N, angles in radians; seen from the
 * end of the bore, the keyway on top.
 */
@NullMarked
package boldwedge.core.mechanics.stroke;

import org.jspecify.annotations.NullMarked;
