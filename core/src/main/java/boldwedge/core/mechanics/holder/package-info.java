/**
 * What holds a tool: split blocks, clamps and their screws, stacks of shims. Forces in N, lengths in mm.
 */
@NullMarked
package boldwedge.core.mechanics.holder;

import org.jspecify.annotations.NullMarked;
