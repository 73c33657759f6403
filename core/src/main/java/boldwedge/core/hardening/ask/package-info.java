/** What a load to be hardened is asked, and how it is read. */
@NullMarked
package boldwedge.core.hardening.ask;

import org.jspecify.annotations.NullMarked;
