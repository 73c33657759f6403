/** Beams and springs: how far the work and the tool are pushed off. */
@NullMarked
package boldwedge.core.rigidity;

import org.jspecify.annotations.NullMarked;
