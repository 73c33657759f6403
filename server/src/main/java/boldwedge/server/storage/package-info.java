/** How values are kept in the database. */
@NullMarked
package boldwedge.server.storage;

import org.jspecify.annotations.NullMarked;
