/** Work set up true: in a four-jaw chuck by an indicator, a block squared, a block bored in place in its post. */
@NullMarked
package boldwedge.core.families.truing;

import org.jspecify.annotations.NullMarked;
