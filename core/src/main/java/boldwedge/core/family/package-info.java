/**
 * What a family declares ({@code ToolFamily}, {@code DeclaredFamily}), the list of all of them ({@code Families}), and the ways
 * in: {@code Planner} for questions, {@code TrialJudge} for trials, {@code TypedCut} for a cut typed in one line.
 */
@NullMarked
package boldwedge.core.family;

import org.jspecify.annotations.NullMarked;
