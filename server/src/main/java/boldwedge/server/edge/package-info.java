/** What a tool's edge has cut since it was ground: summed from its trials, the jobs cut with it and its grinds; nothing is kept here. */
@NullMarked
package boldwedge.server.edge;

import org.jspecify.annotations.NullMarked;
