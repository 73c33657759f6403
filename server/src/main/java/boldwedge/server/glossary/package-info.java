/** The words of the trade, explained. */
@NullMarked
package boldwedge.server.glossary;

import org.jspecify.annotations.NullMarked;
