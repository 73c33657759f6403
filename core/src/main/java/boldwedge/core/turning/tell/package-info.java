/** What is said: findings, drawings, the route, causes. */
@NullMarked
package boldwedge.core.turning.tell;

import org.jspecify.annotations.NullMarked;
