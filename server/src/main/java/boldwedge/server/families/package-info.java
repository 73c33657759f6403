/** What the families of tools declare, as the page is told it. */
@NullMarked
package boldwedge.server.families;

import org.jspecify.annotations.NullMarked;
