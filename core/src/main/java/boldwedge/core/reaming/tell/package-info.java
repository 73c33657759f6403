/** What is said, drawn and judged of a reamed hole and its reamer. */
@NullMarked
package boldwedge.core.reaming.tell;

import org.jspecify.annotations.NullMarked;
