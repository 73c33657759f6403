/** An insert’s seat in numbers. */
@NullMarked
package boldwedge.core.seating.model;

import org.jspecify.annotations.NullMarked;
