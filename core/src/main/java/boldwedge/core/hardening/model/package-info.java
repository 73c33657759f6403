/** A load to be hardened in numbers. */
@NullMarked
package boldwedge.core.hardening.model;

import org.jspecify.annotations.NullMarked;
