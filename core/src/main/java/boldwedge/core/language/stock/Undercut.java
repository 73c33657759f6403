package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;

/**
 * The undercut at a square shoulder, so that what is pushed against it seats and a wheel runs out.
 *
 * @param changing whether it is for what bends the shaft to and fro
 * @param overMm shafts over this diameter, mm
 * @param toMm up to and including this, mm
 * @param radiusMm between the shoulder and its floor, mm
 * @param depthMm of its floor under the shaft, mm
 * @param widthMm along the shaft from the shoulder, run-out included, mm
 * @param faceMm how far form F goes into the shoulder besides, mm
 * @param source citations, joined
 */
public record Undercut(
        boolean changing,
        double overMm,
        double toMm,
        double radiusMm,
        double depthMm,
        double widthMm,
        double faceMm,
        String source) {
    /** Its floor runs out to the shaft at so much (DIN 509). */
    public static final double RUN_OUT_RAD = Math.toRadians(15);

    static Undercut of(Table.Row row, String cited) {
        return new Undercut(
                row.text("load").equals("changing"),
                row.number("over"),
                row.number("to"),
                row.number("radius"),
                row.number("depth"),
                row.number("width"),
                row.number("face"),
                cited);
    }

    /** Whether it is for a shaft of that diameter. */
    public boolean suits(double diameterMm) {
        return diameterMm > overMm && diameterMm <= toMm;
    }
}
