/**
 * A shop that exists only in figures: lathes, tools and pieces with faults that nobody is told of, which cut what they are set to and give
 * what would be measured. Its physics shares no class with what the program predicts and judges by; of the program it knows the materials'
 * published figures alone. mm, N, MPa, radians; errors of size on the diameter, above 0 when the work is too large.
 */
@NullMarked
package boldwedge.core.virtual;

import org.jspecify.annotations.NullMarked;
