/** What is asked and answered, whatever the tool: fields as typed, the answer with its findings, drawings and steps. */
@NullMarked
package boldwedge.core.ask;

import org.jspecify.annotations.NullMarked;
