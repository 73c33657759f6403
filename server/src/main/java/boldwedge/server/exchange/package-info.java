/** Shop, tools and crib in and out as open formats. */
@NullMarked
package boldwedge.server.exchange;

import org.jspecify.annotations.NullMarked;
