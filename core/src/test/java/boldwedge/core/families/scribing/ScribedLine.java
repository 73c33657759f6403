package boldwedge.core.families.scribing;

/**
 * A line scribed by a cone.
 *
 * @param widthMm its width, mm
 * @param pointRad angle of the cone, radians
 * @param lengthMm length of the scriber, mm
 * @param hardnessMPa what the work bears under a point, MPa
 */
record ScribedLine(double widthMm, double pointRad, double lengthMm, double hardnessMPa) {
    /** The usual point, radians. */
    static final double USUAL_POINT = Math.toRadians(30);

    /** How deep the line is, mm: w / 2 tan(ε/2). */
    double depthMm() {
        return widthMm / (2 * Math.tan(pointRad / 2));
    }

    /** Force that sinks a cone so wide, N: half of its circle bears while it ploughs. */
    double pressN() {
        return hardnessMPa * Math.PI * widthMm * widthMm / 8;
    }
}
