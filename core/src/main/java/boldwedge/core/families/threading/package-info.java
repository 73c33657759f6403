/** Cutting threads with a single point, outside and inside. */
@NullMarked
package boldwedge.core.families.threading;

import org.jspecify.annotations.NullMarked;
