/** A load to be hardened in numbers. */
@NullMarked
package boldwedge.core.families.hardening.model;

import org.jspecify.annotations.NullMarked;
