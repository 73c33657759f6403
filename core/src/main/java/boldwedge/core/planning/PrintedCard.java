package boldwedge.core.planning;

import java.util.List;

/**
 * What is printed of a cut besides findings and steps.
 *
 * @param sentence the cut in a line
 * @param scene id of the drawing
 * @param measured fields with a box for what was measured
 * @param settings fields of the setting
 */
public record PrintedCard(String sentence, String scene, List<String> measured, List<String> settings) {}
