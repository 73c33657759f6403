/** Plans over HTTP, and the cuts that are kept. */
@NullMarked
package boldwedge.server.plan;

import org.jspecify.annotations.NullMarked;
