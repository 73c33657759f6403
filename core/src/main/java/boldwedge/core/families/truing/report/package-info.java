/** What is said of it: findings, drawings, the route, its trial. */
@NullMarked
package boldwedge.core.families.truing.report;

import org.jspecify.annotations.NullMarked;
