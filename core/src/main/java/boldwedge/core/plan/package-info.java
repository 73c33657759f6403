/** One cut thought through: from the fields as typed to the answer the stations show. */
@NullMarked
package boldwedge.core.plan;

import org.jspecify.annotations.NullMarked;
