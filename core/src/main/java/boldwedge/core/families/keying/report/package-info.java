/** What is said of a keyway: findings, drawings, the making of its bar, its trial. */
@NullMarked
package boldwedge.core.families.keying.report;

import org.jspecify.annotations.NullMarked;
