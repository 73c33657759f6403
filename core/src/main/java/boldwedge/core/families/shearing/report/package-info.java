/** What is said of a shear tool: findings, drawings, its making, its trial. */
@NullMarked
package boldwedge.core.families.shearing.report;

import org.jspecify.annotations.NullMarked;
