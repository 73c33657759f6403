/**
 * The route of a whole piece of work in one chucking: its cuts in an order with reasons, tools in the post's places, dials. Lengths in mm
 * from the free end.
 */
@NullMarked
package boldwedge.core.jobs.chucking;

import org.jspecify.annotations.NullMarked;
