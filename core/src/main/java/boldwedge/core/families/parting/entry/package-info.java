/** What is asked, and the reader of what was typed. */
@NullMarked
package boldwedge.core.families.parting.entry;

import org.jspecify.annotations.NullMarked;
