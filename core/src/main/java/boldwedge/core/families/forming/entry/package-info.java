/** What a form is asked, and how it is read. */
@NullMarked
package boldwedge.core.families.forming.entry;

import org.jspecify.annotations.NullMarked;
