/** What is said: findings, drawings, the route, causes. */
@NullMarked
package boldwedge.core.parting.tell;

import org.jspecify.annotations.NullMarked;
