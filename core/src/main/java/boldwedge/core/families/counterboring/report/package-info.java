/** What is said, drawn and judged of a counterbored seat and its tool. */
@NullMarked
package boldwedge.core.families.counterboring.report;

import org.jspecify.annotations.NullMarked;
