/** What is said, drawn and judged of a drilled hole. */
@NullMarked
package boldwedge.core.families.drilling.report;

import org.jspecify.annotations.NullMarked;
