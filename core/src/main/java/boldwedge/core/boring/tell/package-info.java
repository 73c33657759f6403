/** What is said: findings, drawings, the route, causes. */
@NullMarked
package boldwedge.core.boring.tell;

import org.jspecify.annotations.NullMarked;
