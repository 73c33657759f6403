/** A drilled hole in numbers. */
@NullMarked
package boldwedge.core.drilling.model;

import org.jspecify.annotations.NullMarked;
