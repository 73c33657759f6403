/** What a fly cutter is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.flycutting.entry;

import org.jspecify.annotations.NullMarked;
