/** What is asked, and the reader of what was typed. */
@NullMarked
package boldwedge.core.boring.ask;

import org.jspecify.annotations.NullMarked;
