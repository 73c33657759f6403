/** What has become of a record since a page read it, and who has it open: asked every few seconds by pages in a shop of several people. */
@NullMarked
package boldwedge.server.news;

import org.jspecify.annotations.NullMarked;
