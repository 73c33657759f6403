/** What is said of a casting: findings, drawings, the route, its trial. */
@NullMarked
package boldwedge.core.families.casting.report;

import org.jspecify.annotations.NullMarked;
