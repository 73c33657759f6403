/** People of the shop: who may come in over the network, who may change what, who saved what. */
@NullMarked
package boldwedge.server.people;

import org.jspecify.annotations.NullMarked;
