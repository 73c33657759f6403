/**
 * The shop's stock from tables with sources: work and tool materials, blanks, inserts, blades, screws, steels and their heat,
 * words of the trade. SI values as the columns' heads say.
 */
@NullMarked
package boldwedge.core.language.stock;

import org.jspecify.annotations.NullMarked;
