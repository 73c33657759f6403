/** How the shop's records are kept up: backups, and the room that is left for them. */
@NullMarked
package boldwedge.server.upkeep;

import org.jspecify.annotations.NullMarked;
