/** What is said, drawn and judged of a drilled hole. */
@NullMarked
package boldwedge.core.drilling.tell;

import org.jspecify.annotations.NullMarked;
