/** Boring a hole with a bar: fits, clears, holds size, does not sing. */
@NullMarked
package boldwedge.core.families.boring;

import org.jspecify.annotations.NullMarked;
