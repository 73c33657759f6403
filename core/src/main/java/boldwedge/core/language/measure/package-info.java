/**
 * Quantities: reading what is typed in any unit, writing numbers as the shop writes them ({@code UnitFormat}, {@code Written}),
 * a value with its origin ({@code Amount}), drill sizes, ISO 286. Only here is a number read from text or written.
 */
@NullMarked
package boldwedge.core.language.measure;

import org.jspecify.annotations.NullMarked;
