/** A family that exists only in the tests: scribers. It is the example of {@code docs/adding.md}. */
@NullMarked
package boldwedge.core.families.scribing;

import org.jspecify.annotations.NullMarked;
