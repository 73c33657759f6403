/** The program: the trade's computation over HTTP, and the shop's records. */
@NullMarked
package boldwedge.server;

import org.jspecify.annotations.NullMarked;
