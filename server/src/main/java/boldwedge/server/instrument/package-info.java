/** Indicator, pull scale and pick-up, simulated until real ones are connected; recordings as files; the tests judged. */
@NullMarked
package boldwedge.server.instrument;

import org.jspecify.annotations.NullMarked;
