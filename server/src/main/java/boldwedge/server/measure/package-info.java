/** Readings of what machinists type, over HTTP. */
@NullMarked
package boldwedge.server.measure;

import org.jspecify.annotations.NullMarked;
