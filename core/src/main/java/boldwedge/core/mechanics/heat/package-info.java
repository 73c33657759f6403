/**
 * Hardening and tempering: temperatures in °C, times in s, sections in mm, hardness in HRC.
 */
@NullMarked
package boldwedge.core.mechanics.heat;

import org.jspecify.annotations.NullMarked;
