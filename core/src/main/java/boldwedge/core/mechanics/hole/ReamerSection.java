package boldwedge.core.mechanics.hole;

import java.util.ArrayList;
import java.util.List;

/**
 * The section of a fluted reamer, square to its axis, as it is cut: for each tooth a cylindrical land on the circle, the clearance behind it as a straight flat, a
 * second one behind that, the back that falls to the flute's floor, the floor's round and the face up to the next edge. Frame: the axis in the origin, teeth
 * anticlockwise from the right; the tool turns clockwise as it is seen, so a land trails behind its edge anticlockwise.
 *
 * @param diameterMm over the lands, mm
 * @param places where the edges stand, degrees
 * @param rakeRad radial rake, radians: positive leans the face back from the radius
 * @param landMm width of the cylindrical land, mm
 * @param clearanceRad clearance behind the land, radians
 * @param secondRad second clearance, radians
 * @param fluteMm depth of the flutes from the circle, mm
 */
public record ReamerSection(
        double diameterMm,
        List<Double> places,
        double rakeRad,
        double landMm,
        double clearanceRad,
        double secondRad,
        double fluteMm) {
    private static final int ARC_PARTS = 12;

    /** Widths of the two clearances at the most, over the pitch of the teeth. */
    private static final double FIRST_SHARE = 0.15;

    private static final double SECOND_SHARE = 0.25;

    /** A flat under an angle α falls away from the circle until an angle α about the axis, and comes back to it at 2α: it is left off before it turns. */
    private static final double FLAT_SHARE = 0.9;

    /** A point of the section. */
    public record Corner(double x, double y) {}

    /** Radius of the core that the flutes leave, mm. */
    public double coreMm() {
        return diameterMm / 2 - fluteMm;
    }

    /** Its outline, anticlockwise. */
    public List<Corner> outline() {
        List<Corner> outline = new ArrayList<>();
        int teeth = places.size();
        for (int i = 0; i < teeth; i++) {
            double at = Math.toRadians(places.get(i));
            double next = Math.toRadians(i + 1 < teeth ? places.get(i + 1) : 360 + places.getFirst());
            tooth(outline, at, next);
        }
        return outline;
    }

    private void tooth(List<Corner> outline, double edge, double next) {
        double radius = diameterMm / 2;
        double pitch = next - edge;
        double land = Math.min(landMm / radius, 0.25 * pitch);
        for (int i = 0; i <= ARC_PARTS / 3; i++) {
            outline.add(polar(radius, edge + land * i / (ARC_PARTS / 3.0)));
        }
        double heel = edge + land + Math.min(FIRST_SHARE * pitch, FLAT_SHARE * clearanceRad);
        double first = fallen(radius, heel - edge - land, clearanceRad);
        outline.add(polar(first, heel));
        double back = heel + Math.min(SECOND_SHARE * pitch, FLAT_SHARE * secondRad);
        double second = Math.max(fallen(first, back - heel, secondRad), coreMm());
        outline.add(polar(second, back));
        // The back falls to the floor, the floor is round about the axis, and the face rises to the next edge.
        double foot = faceFoot();
        double floorTo = next - foot;
        double floorFrom = Math.min(back + 0.45 * (floorTo - back), floorTo);
        for (int i = 0; i <= ARC_PARTS / 2; i++) {
            outline.add(polar(coreMm(), floorFrom + (floorTo - floorFrom) * i / (ARC_PARTS / 2.0)));
        }
    }

    /** Angle about the axis between the edge and where its face meets the core, radians; positive rake puts the foot ahead. */
    private double faceFoot() {
        double radius = diameterMm / 2;
        double core = coreMm();
        // Law of sines in the triangle of axis, edge and foot: the face makes the angle γ with the radius at the edge.
        double atFoot = Math.asin(Math.clamp(radius * Math.sin(rakeRad) / core, -1, 1));
        return rakeRad - atFoot;
    }

    /** Widest flat of the first clearance before its heel comes out again, mm: R · sin α from the end of the land. */
    public double widestFlatMm() {
        return diameterMm / 2 * Math.sin(clearanceRad);
    }

    /** Radius at the end of a flat that leaves the circle at an angle, after an angle about the axis. */
    private static double fallen(double radius, double about, double clearance) {
        return radius * Math.cos(clearance) / Math.cos(about - clearance);
    }

    private static Corner polar(double radius, double angle) {
        return new Corner(radius * Math.cos(angle), radius * Math.sin(angle));
    }

    /** Its area, mm²: half the sum of the cross products round the outline. */
    public double areaMm2() {
        List<Corner> corners = outline();
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            sum += cross(corners.get(i), corners.get((i + 1) % corners.size()));
        }
        return sum / 2;
    }

    /** Polar second moment about the axis, mm⁴: Ix + Iy of the outline by Green's theorem. */
    public double polarMm4() {
        List<Corner> corners = outline();
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            sum += cross(a, b)
                    * (a.x() * a.x() + a.x() * b.x() + b.x() * b.x() + a.y() * a.y() + a.y() * b.y() + b.y() * b.y());
        }
        return sum / 12;
    }

    private static double cross(Corner a, Corner b) {
        return a.x() * b.y() - b.x() * a.y();
    }
}
