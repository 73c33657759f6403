/** What is said: findings, drawings, the route, causes. */
@NullMarked
package boldwedge.core.families.turning.report;

import org.jspecify.annotations.NullMarked;
