/** Work materials, tool materials and blanks, each figure with its source and spread. */
@NullMarked
package boldwedge.core.stock;

import org.jspecify.annotations.NullMarked;
