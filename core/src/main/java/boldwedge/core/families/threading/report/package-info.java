/** What is said of a thread to be cut. */
@NullMarked
package boldwedge.core.families.threading.report;

import org.jspecify.annotations.NullMarked;
