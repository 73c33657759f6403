package boldwedge.core.language.drawing;

import java.util.List;

/**
 * A run of straight lines.
 *
 * @param role what it stands for
 * @param points its corners
 * @param closed whether it closes on itself; closed strokes of an area role are filled
 */
public record Stroke(Role role, List<Point> points, boolean closed) {}
