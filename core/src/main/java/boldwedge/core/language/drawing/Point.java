package boldwedge.core.language.drawing;

/** A point of a scene: x to the right, y up, millimetres on the plate. */
public record Point(double x, double y) {}
