/** What is set up and bored in place, in numbers; no words. */
@NullMarked
package boldwedge.core.families.truing.model;

import org.jspecify.annotations.NullMarked;
