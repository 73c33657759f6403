package boldwedge.core.mechanics.holder;

/** Height of a point over the spindle's axis from what can be measured, mm; above is positive. */
public final class HeightMeasured {
    private HeightMeasured() {}

    /**
     * From the pip left by facing or parting: the point passes the axis at its height error, so that the pip's radius is the
     * error.
     *
     * @param acrossMm diameter of the pip
     * @param above whether the point is above: in front the pip is then rubbed off; below it is cut round and stands
     */
    public static double ofPip(double acrossMm, boolean above) {
        return (above ? 1 : -1) * acrossMm / 2;
    }

    /**
     * From two lines that the point has scribed on a face, the spindle turned half round between them: they lie twice the error
     * apart.
     *
     * @param apartMm distance of the lines
     * @param above whether the second line, scribed in front, lies above the first one that was turned to the back
     */
    public static double ofLines(double apartMm, boolean above) {
        return (above ? 1 : -1) * apartMm / 2;
    }

    /**
     * From a height gauge.
     *
     * @param pointMm point above the slide
     * @param axisMm axis above the slide
     */
    public static double ofGauge(double pointMm, double axisMm) {
        return pointMm - axisMm;
    }

    /**
     * How far a rocker must be turned to bring its point to the axis, radians: asin of the error over the arm to the point,
     * with the point level at first; positive lowers it.
     *
     * @param heightMm point above the axis
     * @param armMm from the rocker's pivot to the point
     */
    public static double rockerTurn(double heightMm, double armMm) {
        return Math.asin(Math.clamp(heightMm / armMm, -1, 1));
    }
}
