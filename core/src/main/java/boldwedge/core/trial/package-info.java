/**
 * Trial cuts: what was predicted beside what was measured, the causes that would explain the difference, and what kept trials
 * teach ({@code Calibration}, {@code Lessons}). Errors of size are mm, with sign: above 0 the work is too large.
 */
@NullMarked
package boldwedge.core.trial;

import org.jspecify.annotations.NullMarked;
