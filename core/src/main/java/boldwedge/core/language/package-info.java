/**
 * What all parts of the core speak in: quantities and their units, the catalogue of the stock, findings, drawings. It knows
 * neither mechanics nor families.
 */
@NullMarked
package boldwedge.core.language;

import org.jspecify.annotations.NullMarked;
