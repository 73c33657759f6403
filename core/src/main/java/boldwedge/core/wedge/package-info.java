/** The wedge: angles in hand and in use, the ground solid, and how to grind it. */
@NullMarked
package boldwedge.core.wedge;

import org.jspecify.annotations.NullMarked;
