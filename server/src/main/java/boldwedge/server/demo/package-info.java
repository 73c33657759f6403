/** The demo shop, loaded once. */
@NullMarked
package boldwedge.server.demo;

import org.jspecify.annotations.NullMarked;
