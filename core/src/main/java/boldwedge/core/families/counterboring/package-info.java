/** Counterbores: seats for heads and washers, and the tools for them. */
@NullMarked
package boldwedge.core.families.counterboring;

import org.jspecify.annotations.NullMarked;
