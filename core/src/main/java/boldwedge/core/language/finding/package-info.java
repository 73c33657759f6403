/**
 * A finding: a verdict with its margin, notes, alternatives, fixes and working ({@code Working}: a formula whose symbols are
 * amounts).
 */
@NullMarked
package boldwedge.core.language.finding;

import org.jspecify.annotations.NullMarked;
