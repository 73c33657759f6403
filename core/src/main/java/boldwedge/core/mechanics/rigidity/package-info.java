/**
 * How what holds tool and work gives way and sings: bars, shanks, chucks, work between supports. Stiffness in N/mm or N·mm/rad,
 * deflection in mm, frequency in Hz.
 */
@NullMarked
package boldwedge.core.mechanics.rigidity;

import org.jspecify.annotations.NullMarked;
