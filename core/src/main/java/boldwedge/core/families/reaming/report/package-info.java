/** What is said, drawn and judged of a reamed hole and its reamer. */
@NullMarked
package boldwedge.core.families.reaming.report;

import org.jspecify.annotations.NullMarked;
