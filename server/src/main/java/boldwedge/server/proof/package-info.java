/** Trial cuts, judged and kept. */
@NullMarked
package boldwedge.server.proof;

import org.jspecify.annotations.NullMarked;
