package boldwedge.core.planning;

import boldwedge.core.language.measure.Written;

/**
 * A set-up at the grinder that a tool's surface is ground in.
 *
 * @param wheel the wheel, in words
 * @param surface what is ground, in words
 * @param setting how rest and fence stand, in words: surfaces with the same words share the set-up
 */
public record GrindSetUp(String wheel, String surface, String setting) {
    /**
     * A surface ground with the rest tilted and the shank swung; to half a degree, for no rest is set finer from one tool to the next.
     *
     * @param tiltRad tilt of the rest, its wheel side up
     * @param swingRad from pointing straight at the wheel; positive turns the point to the left
     */
    public static GrindSetUp of(String wheel, String surface, double tiltRad, double swingRad) {
        return new GrindSetUp(
                wheel,
                surface,
                Written.words(
                        "rest tilted %s, shank swung %s to the %s",
                        halves(tiltRad), halves(Math.abs(swingRad)), swingRad >= 0 ? "left" : "right"));
    }

    private static String halves(double radians) {
        return Written.places(Math.rint(2 * Math.toDegrees(radians)) / 2, 1) + "°";
    }
}
