/** Twist drills: which one of the shop, what it will really make, and how it is run. */
@NullMarked
package boldwedge.core.families.drilling;

import org.jspecify.annotations.NullMarked;
