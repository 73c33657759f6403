/** Scenes in millimetres with roles, and their export as SVG and STL. */
@NullMarked
package boldwedge.core.drawing;

import org.jspecify.annotations.NullMarked;
