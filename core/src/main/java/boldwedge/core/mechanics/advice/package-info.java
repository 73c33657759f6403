/**
 * Recommended angles by material: a number with its range and its reason, from the tables of {@code stock}. Angles in radians.
 */
@NullMarked
package boldwedge.core.mechanics.advice;

import org.jspecify.annotations.NullMarked;
