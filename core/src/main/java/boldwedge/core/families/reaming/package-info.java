/** Reamers, of a size that nobody sells too. */
@NullMarked
package boldwedge.core.families.reaming;

import org.jspecify.annotations.NullMarked;
