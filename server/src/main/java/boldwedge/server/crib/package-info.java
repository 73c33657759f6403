/** The crib: tools, their grinds, and which of them will do a cut. */
@NullMarked
package boldwedge.server.crib;

import org.jspecify.annotations.NullMarked;
