/** Angles for bits and inserts in a bar, with their reasons. */
@NullMarked
package boldwedge.core.families.boring.advice;

import org.jspecify.annotations.NullMarked;
