/** Angles for parting tips, with their reasons. */
@NullMarked
package boldwedge.core.families.parting.advice;

import org.jspecify.annotations.NullMarked;
