/** Grooves for rings, reliefs and seals: outside, inside and in a face, with a bit ground for them. */
@NullMarked
package boldwedge.core.families.grooving;

import org.jspecify.annotations.NullMarked;
