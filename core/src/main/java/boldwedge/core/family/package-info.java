/** The way in: sends a question to the tool family that it is for, and judges the shop's own lathes and tools. */
@NullMarked
package boldwedge.core.family;

import org.jspecify.annotations.NullMarked;
