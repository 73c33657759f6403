/** Questions that are asked of every cut alike, each answered by a finding. */
@NullMarked
package boldwedge.core.rule;

import org.jspecify.annotations.NullMarked;
