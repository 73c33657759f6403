/**
 * Chips and forces of a cut, speeds and feeds of a machine, roughness and edge. Forces in N by specific cutting force (MPa) and
 * chip area (mm²), speeds in mm/min or rev/min as named, power in W.
 */
@NullMarked
package boldwedge.core.mechanics.cutting;

import org.jspecify.annotations.NullMarked;
