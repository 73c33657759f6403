/** What is said, drawn and judged of a load that is hardened. */
@NullMarked
package boldwedge.core.families.hardening.report;

import org.jspecify.annotations.NullMarked;
