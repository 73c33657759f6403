package boldwedge.server.instrument;

import boldwedge.core.family.MachineTests;
import boldwedge.core.family.ToolTests;
import boldwedge.core.mechanics.cutting.Lathe;

/** What hangs on a bar or a machine while it is tested: an indicator and a pull scale, a pick-up on the bar. */
interface Instruments {
    /**
     * A recording.
     *
     * @param samples full scale is 1
     * @param rate samples a second
     */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    record Recording(double[] samples, int rate) {}

    /** What the instruments are, for whoever reads the numbers. */
    String name();

    /** Reading of the indicator at the point in mm, the scale pulling so many newtons. */
    double indicator(ToolTests.AtRest bar, double pullNewton, boolean comingDown);

    /**
     * Reading of the indicator at a machine's part in mm.
     *
     * @param barMm bar in the chuck, where that is pushed
     * @param outMm from the jaws to the pull, where the chuck is pushed
     */
    double machine(
            Lathe lathe, MachineTests.Part part, double barMm, double outMm, double pullNewton, boolean comingDown);

    /** What the pick-up on a machine's post hears when that is tapped. */
    Recording tapPost();

    /** What the pick-up hears when the bar is tapped. */
    Recording tap(ToolTests.AtRest bar);
}
