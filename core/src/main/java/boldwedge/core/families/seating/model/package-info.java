/** An insert’s seat in numbers. */
@NullMarked
package boldwedge.core.families.seating.model;

import org.jspecify.annotations.NullMarked;
