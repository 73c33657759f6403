/** Holders, seats and heights: bringing a cutting edge to the spindle's axis with what the shop has. */
@NullMarked
package boldwedge.core.holder;

import org.jspecify.annotations.NullMarked;
