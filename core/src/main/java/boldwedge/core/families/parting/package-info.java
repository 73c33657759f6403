/** Parting off and grooving: the blade, what holds it, what breaks first; the holder as a thing to design and make. */
@NullMarked
package boldwedge.core.families.parting;

import org.jspecify.annotations.NullMarked;
