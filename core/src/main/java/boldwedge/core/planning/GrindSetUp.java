package boldwedge.core.planning;

/**
 * A set-up at the grinder in which a surface of a tool is ground.
 *
 * @param wheel the wheel, in words
 * @param surface what is ground, in words
 * @param tiltRad tilt of the rest, its wheel side up
 * @param swingRad of the shank, from pointing straight at the wheel; positive turns the point to the left
 */
public record GrindSetUp(String wheel, String surface, double tiltRad, double swingRad) {}
