/** Keyways planed in a bore: the key, the bar and its tooth, push or pull, strokes by a hand or a shaper. The cut is a stroke; nothing turns. */
@NullMarked
package boldwedge.core.families.keying;

import org.jspecify.annotations.NullMarked;
