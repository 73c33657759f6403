/** What lies in the drawers and what became of it; the session at the grinder for all that is dull. */
@NullMarked
package boldwedge.server.stock;

import org.jspecify.annotations.NullMarked;
