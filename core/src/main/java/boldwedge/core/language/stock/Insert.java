package boldwedge.core.language.stock;

import java.util.List;
import java.util.Optional;

/**
 * An indexable insert.
 *
 * @param id key in the tables and the API
 * @param name as asked for over a counter
 * @param pointRad corner angle, radians
 * @param clearanceRad clearance ground under its edge, radians
 * @param circleMm inscribed circle, mm
 * @param thicknessMm thickness, mm
 * @param rakeRad rake of its chip groove, radians
 * @param nosesMm corner radii it is sold with, mm, ascending
 * @param toolMaterial id of its material
 * @param source citations, joined
 */
public record Insert(
        String id,
        String name,
        double pointRad,
        double clearanceRad,
        double circleMm,
        double thicknessMm,
        double rakeRad,
        List<Double> nosesMm,
        String toolMaterial,
        String source) {

    /** The corner radius sold that lies nearest, mm. */
    public double nearestNose(double wantedMm) {
        double best = nosesMm.getFirst();
        for (double nose : nosesMm) {
            best = Math.abs(nose - wantedMm) < Math.abs(best - wantedMm) ? nose : best;
        }
        return best;
    }

    /** Length of a cutting edge: d / sin ε of a rhombus, d·√3 of a triangle, mm. */
    public double edgeMm() {
        return triangle() ? circleMm * Math.sqrt(3) : circleMm / Math.sin(pointRad);
    }

    /** Whether it has three corners. */
    public boolean triangle() {
        return Math.abs(pointRad - Math.toRadians(60)) < 1e-9;
    }

    /** The room it takes, as a blank: its circle across, its thickness down. */
    public Blank asBlank() {
        return new Blank(
                id, name, toolMaterial, circleMm, thicknessMm, circleMm, Optional.empty(), Optional.empty(), source);
    }
}
