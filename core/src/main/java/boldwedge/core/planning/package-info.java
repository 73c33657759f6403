/**
 * A question and its answer, whatever the tool: fields as typed and as read, the sentence, stations, figures, steps, the form
 * of a trial. {@code PlanRequest} comes in, {@code PlanAnswer} goes out.
 */
@NullMarked
package boldwedge.core.planning;

import org.jspecify.annotations.NullMarked;
