/**
 * The families of tools and jobs, a package each: turning, boring, parting, drilling, reaming, counterboring, hardening,
 * threading, seating.
 *
 * <p>Each has a class that declares it ({@code TurningFamily}), {@code model} (the job and the cut as records, in mm, N, MPa
 * and radians, without words), {@code entry} (the fields and the reader of what was typed), {@code report} (findings, drawings,
 * route, trial) and, where it recommends angles, {@code advice}. No family knows another, and nobody outside knows one.
 */
@NullMarked
package boldwedge.core.families;

import org.jspecify.annotations.NullMarked;
