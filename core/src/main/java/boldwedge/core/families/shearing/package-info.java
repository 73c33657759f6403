/** Shear tools: an upright edge that shaves the last hair off round work. */
@NullMarked
package boldwedge.core.families.shearing;

import org.jspecify.annotations.NullMarked;
