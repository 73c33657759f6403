/** Outside keyways, flats and faces, planed on a shaper. */
@NullMarked
package boldwedge.core.families.shaping;

import org.jspecify.annotations.NullMarked;
