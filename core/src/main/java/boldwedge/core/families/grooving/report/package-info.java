/** What is said of a groove: findings, drawings, its making, its trial. */
@NullMarked
package boldwedge.core.families.grooving.report;

import org.jspecify.annotations.NullMarked;
