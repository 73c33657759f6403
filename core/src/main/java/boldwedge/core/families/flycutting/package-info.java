/** Fly cutters: one bit on a turning head that planes a surface, on a mill or in a lathe with the work on its slide. */
@NullMarked
package boldwedge.core.families.flycutting;

import org.jspecify.annotations.NullMarked;
