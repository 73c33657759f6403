/** What is said of a shaped cut: findings, drawings, route, trial. */
@NullMarked
package boldwedge.core.families.shaping.report;

import org.jspecify.annotations.NullMarked;
