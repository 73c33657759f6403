/** What lies in the drawers: how many are ready, dull or worn out, when to order, and one session at the grinder for all that are dull. */
@NullMarked
package boldwedge.core.jobs.stock;

import org.jspecify.annotations.NullMarked;
