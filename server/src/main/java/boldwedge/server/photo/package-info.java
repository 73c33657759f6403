/** Photos of tools, grinds and trials. */
@NullMarked
package boldwedge.server.photo;

import org.jspecify.annotations.NullMarked;
