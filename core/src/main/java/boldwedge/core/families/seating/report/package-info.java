/** What is said of an insert’s seat. */
@NullMarked
package boldwedge.core.families.seating.report;

import org.jspecify.annotations.NullMarked;
