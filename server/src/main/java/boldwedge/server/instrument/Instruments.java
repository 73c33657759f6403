package boldwedge.server.instrument;

import boldwedge.core.family.ToolTests;

/** What hangs on a bar while it is tested: an indicator and a pull scale at its point, a pick-up on it. */
interface Instruments {
    /**
     * A recording.
     *
     * @param samples full scale is 1
     * @param rate samples a second
     */
    record Recording(double[] samples, int rate) {}

    /** What the instruments are, for whoever reads the numbers. */
    String name();

    /** Reading of the indicator at the point in mm, the scale pulling so many newtons. */
    double indicator(ToolTests.AtRest bar, double pullNewton, boolean comingDown);

    /** What the pick-up hears when the bar is tapped. */
    Recording tap(ToolTests.AtRest bar);
}
