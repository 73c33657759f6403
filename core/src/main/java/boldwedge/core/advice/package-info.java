/** What angles are recommended, in which range and why: a number with its reason. */
@NullMarked
package boldwedge.core.advice;

import org.jspecify.annotations.NullMarked;
