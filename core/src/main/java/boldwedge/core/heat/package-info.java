/** Hardening and tempering in numbers: temperatures in °C, times in minutes, hardness in HRC, lengths in mm. */
@NullMarked
package boldwedge.core.heat;

import org.jspecify.annotations.NullMarked;
