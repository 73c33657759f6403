/** What is said, drawn and judged of a counterbored seat and its tool. */
@NullMarked
package boldwedge.core.counterboring.tell;

import org.jspecify.annotations.NullMarked;
