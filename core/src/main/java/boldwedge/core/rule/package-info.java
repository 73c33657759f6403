/**
 * Questions that are asked of a cut, each answered by findings ({@code Rule}); those that every cut is asked alike.
 */
@NullMarked
package boldwedge.core.rule;

import org.jspecify.annotations.NullMarked;
