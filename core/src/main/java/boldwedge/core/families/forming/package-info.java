/** Form bits: a profile of lines and arcs, put into turning work by one bit that is ground to it. */
@NullMarked
package boldwedge.core.families.forming;

import org.jspecify.annotations.NullMarked;
