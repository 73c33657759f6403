/** A reamed hole and its reamer in numbers. */
@NullMarked
package boldwedge.core.families.reaming.model;

import org.jspecify.annotations.NullMarked;
