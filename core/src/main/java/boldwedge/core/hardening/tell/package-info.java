/** What is said, drawn and judged of a load that is hardened. */
@NullMarked
package boldwedge.core.hardening.tell;

import org.jspecify.annotations.NullMarked;
