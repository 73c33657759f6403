/** Screw threads in numbers: forms and sizes, limits of the standards, what the tool cuts, how the lathe is geared, the passes, wires, and how a bar passes its hole. */
@NullMarked
package boldwedge.core.thread;

import org.jspecify.annotations.NullMarked;
