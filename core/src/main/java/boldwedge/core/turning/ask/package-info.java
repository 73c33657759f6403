/** What is asked, and the reader of what was typed. */
@NullMarked
package boldwedge.core.turning.ask;

import org.jspecify.annotations.NullMarked;
