/** Hardening: whether, which steel, how hot, how long, in what, and what was tempered out again. */
@NullMarked
package boldwedge.core.families.hardening;

import org.jspecify.annotations.NullMarked;
