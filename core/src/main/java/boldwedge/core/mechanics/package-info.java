/**
 * Geometry and physics of cutting: numbers in, numbers out, no words. Lengths are mm, forces N, stresses MPa, angles radians,
 * times s, unless a name says otherwise.
 */
@NullMarked
package boldwedge.core.mechanics;

import org.jspecify.annotations.NullMarked;
