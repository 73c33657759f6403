/** Lathes, and the choices that ship with the program. */
@NullMarked
package boldwedge.server.shop;

import org.jspecify.annotations.NullMarked;
