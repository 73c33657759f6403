/** What a load to be hardened is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.hardening.entry;

import org.jspecify.annotations.NullMarked;
