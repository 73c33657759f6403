/** Angles for bits and inserts in a bar, with their reasons. */
@NullMarked
package boldwedge.core.boring.advice;

import org.jspecify.annotations.NullMarked;
