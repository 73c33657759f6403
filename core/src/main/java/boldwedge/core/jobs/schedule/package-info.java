/** Operations laid into hours: persons, machines, bonds. Whole minutes from one origin that whoever asks chooses; numbers, no words. */
@NullMarked
package boldwedge.core.jobs.schedule;

import org.jspecify.annotations.NullMarked;
