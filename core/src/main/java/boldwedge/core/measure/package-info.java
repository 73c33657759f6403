/** Lengths, angles, speeds and tolerances as machinists write them; drill tables; ISO 286 limits. */
@NullMarked
package boldwedge.core.measure;

import org.jspecify.annotations.NullMarked;
