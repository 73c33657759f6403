/** Trial cuts: predicted beside measured, and the causes that would explain the difference. */
@NullMarked
package boldwedge.core.proof;

import org.jspecify.annotations.NullMarked;
