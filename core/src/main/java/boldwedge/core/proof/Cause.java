package boldwedge.core.proof;

import boldwedge.core.finding.Step;
import java.util.List;

/**
 * Something that would explain what a trial cut showed.
 *
 * @param id stable name
 * @param title the cause in words
 * @param explains which sign it explains, with the numbers
 * @param fit how well its computed effect matches what was measured, 0 to 1; the causes are ranked by it
 * @param working how the fit came about
 */
public record Cause(String id, String title, String explains, double fit, List<Step> working) {}
