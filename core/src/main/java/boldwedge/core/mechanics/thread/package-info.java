/**
 * Threads by ISO 68-1 and the inch standards, their limits, wires over which they are measured, wheels that cut them. Lengths
 * in mm, pitch in mm a thread.
 */
@NullMarked
package boldwedge.core.mechanics.thread;

import org.jspecify.annotations.NullMarked;
