/** What every answer over HTTP has in common: problems in words, the page, limits. */
@NullMarked
package boldwedge.server.web;

import org.jspecify.annotations.NullMarked;
