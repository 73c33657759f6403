/** Trial cuts, judged and kept. */
@NullMarked
package boldwedge.server.trial;

import org.jspecify.annotations.NullMarked;
