/** A drilled hole in numbers. */
@NullMarked
package boldwedge.core.families.drilling.model;

import org.jspecify.annotations.NullMarked;
