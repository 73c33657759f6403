/**
 * Drawings in millimetres of the plate, y up, written as SVG or DXF; shells of triangles, written as STL.
 */
@NullMarked
package boldwedge.core.language.drawing;

import org.jspecify.annotations.NullMarked;
