/** A counterbored seat and its tool in numbers. */
@NullMarked
package boldwedge.core.families.counterboring.model;

import org.jspecify.annotations.NullMarked;
