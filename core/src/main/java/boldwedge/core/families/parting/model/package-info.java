/** Records and numbers: what a job is and what is computed of it. No words. */
@NullMarked
package boldwedge.core.families.parting.model;

import org.jspecify.annotations.NullMarked;
