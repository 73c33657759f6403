/** The plan of the shop's days: tasks of all open jobs laid into hours, searched for by a constraint solver, told and exported. */
@NullMarked
package boldwedge.server.schedule;

import org.jspecify.annotations.NullMarked;
