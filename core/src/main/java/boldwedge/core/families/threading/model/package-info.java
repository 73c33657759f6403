/** A thread to be cut in numbers. */
@NullMarked
package boldwedge.core.families.threading.model;

import org.jspecify.annotations.NullMarked;
