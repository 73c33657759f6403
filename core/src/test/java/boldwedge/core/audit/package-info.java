/**
 * The audit: random jobs over all families, machines and units, each answer held to laws that are true of every job. A law that is broken is told with the
 * smallest job that still breaks it.
 */
@NullMarked
package boldwedge.core.audit;

import org.jspecify.annotations.NullMarked;
