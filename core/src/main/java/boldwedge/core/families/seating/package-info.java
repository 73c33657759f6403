/** Holders and bars whose seats for inserts are milled in the shop. */
@NullMarked
package boldwedge.core.families.seating;

import org.jspecify.annotations.NullMarked;
