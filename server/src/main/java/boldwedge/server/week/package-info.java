/** Who works when, and the places of the shop that are no machines with a card: furnace, oven, grinder, saw. */
@NullMarked
package boldwedge.server.week;

import org.jspecify.annotations.NullMarked;
