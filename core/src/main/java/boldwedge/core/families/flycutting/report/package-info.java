/** What is said of a fly cutter: findings, drawings, its making, its trial. */
@NullMarked
package boldwedge.core.families.flycutting.report;

import org.jspecify.annotations.NullMarked;
