/** What is said of a form: findings, drawings, its making, its trial. */
@NullMarked
package boldwedge.core.families.forming.report;

import org.jspecify.annotations.NullMarked;
