/** Turning and facing with a single-point bit, thought through from the fields as typed to the answer. */
@NullMarked
package boldwedge.core.families.turning;

import org.jspecify.annotations.NullMarked;
