/** A casting and its bore in numbers; no words. */
@NullMarked
package boldwedge.core.families.casting.model;

import org.jspecify.annotations.NullMarked;
