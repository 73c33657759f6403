/** Chip, force, power, speed, feed and finish. */
@NullMarked
package boldwedge.core.cutting;

import org.jspecify.annotations.NullMarked;
