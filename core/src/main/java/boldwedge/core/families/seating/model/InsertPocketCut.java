package boldwedge.core.families.seating.model;

import boldwedge.core.families.seating.model.InsertPocketJob.Height;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.holder.InsertShape;
import boldwedge.core.mechanics.holder.SeatMeasured;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * An insert's seat, worked out. Plan view as {@link InsertShape}: the sharp corner at the origin; the shank runs away from the work along
 * −y, the bar along +x with the wall of the hole toward +y. Heights count from the shank's base or the bar's axis, up.
 *
 * @param job the job
 * @param shape the insert as it sits
 * @param tiltRad clearance that the tilt of the seat gives both edges, for an insert without enough of its own
 */
public record InsertPocketCut(InsertPocketJob job, InsertShape shape, double tiltRad) {
    /** No cutter for the corner is chosen smaller than this, mm. */
    public static final double LEAST_RELIEF_MM = 1;

    /** Inserts with less clearance than this are tilted. */
    private static final double ENOUGH_CLEARANCE = Math.toRadians(4);

    private static final double USUAL_TILT = Math.toRadians(6);
    /** Of the circle that an insert stands over its body, so that nothing but it touches. */
    private static final double OVERHANG = 0.12;

    /** Of the edge that stands over the front of a shank. */
    private static final double FRONT_SHARE = 0.15;

    private static final double UNDER_EDGE_MM = 0.15;
    /** Holes of inserts over their circle: 2.8 for 6.35, 4.4 for 9.525, 5.5 for 12.7 (ISO 6987). */
    private static final double[][] HOLES = {{5.56, 2.5}, {6.35, 2.8}, {9.525, 4.4}, {12.7, 5.5}};

    private static final double SCREW_ROOM_MM = 0.3;
    private static final double RELIEF_SHARE = 0.32;
    private static final double LEAST_POINT_OUT_MM = 0.5;
    private static final double CHIP_ROOM_MM = 0.4;

    /** Metal that must stay round a seat, mm. */
    public static final double LEAST_WALL_MM = 1.5;

    /** Works a job out. */
    public static InsertPocketCut of(InsertPocketJob job) {
        InsertShape shape = new InsertShape(
                job.insert().circleMm(),
                job.insert().pointRad(),
                job.noseMm(),
                job.kappaRad(),
                job.insert().triangle());
        double tilt = job.tiltRad().orElse(job.insert().clearanceRad() < ENOUGH_CLEARANCE ? USUAL_TILT : 0);
        return new InsertPocketCut(job, shape, tilt);
    }

    /** Clearance under the edges in use, radians. */
    public double clearanceRad() {
        return job.insert().clearanceRad() + tiltRad;
    }

    /** The trailing edge to the feed, radians. */
    private double trailingRad() {
        return Math.PI - job.kappaRad() - job.insert().pointRad();
    }

    /**
     * How much the seat dips toward the work, radians. A plane that dips by the gradient g clears an edge of the outward normal n by
     * atan(n · g); both edges by one angle a: g = tan a · (sin κ + sin κ') / sin ε toward the work.
     */
    public double dipToWorkRad() {
        return Math.atan(Math.tan(tiltRad)
                * (Math.sin(job.kappaRad()) + Math.sin(trailingRad()))
                / Math.sin(job.insert().pointRad()));
    }

    /** How much it dips toward where it is fed, radians: tan a · (cos κ' − cos κ) / sin ε; below 0 away from there. */
    public double dipToFeedRad() {
        return Math.atan(Math.tan(tiltRad)
                * (Math.cos(trailingRad()) - Math.cos(job.kappaRad()))
                / Math.sin(job.insert().pointRad()));
    }

    /** How much it dips in all, along the corner's bisector, radians: tan a / sin(ε / 2). */
    public double dipRad() {
        return Math.atan(Math.tan(tiltRad) / Math.sin(job.insert().pointRad() / 2));
    }

    /** Thickness of the insert square to the base, mm: s · cos τ. */
    public double thicknessMm() {
        return job.insert().thicknessMm() * Math.cos(dipRad());
    }

    /** The edge above the shank's base, or above the bar's axis, mm. */
    public double edgeMm() {
        return job.bar()
                ? job.height() == Height.TOP ? 0 : thicknessMm() / 2
                : job.edgeAboveMm().orElse(job.heightMm());
    }

    /** The floor above the shank's base, or the bar's axis, mm. */
    public double floorMm() {
        return edgeMm() - thicknessMm();
    }

    /** Depth of the flat from the bar's top to the edge's height, mm: r − edge; 0 of a shank. */
    public double flatMm() {
        return job.bar() ? job.heightMm() / 2 - edgeMm() : Math.max(0, job.heightMm() - edgeMm());
    }

    /** Depth of the floor from the body's top, mm. */
    public double floorDepthMm() {
        return flatMm() + thicknessMm();
    }

    /** What is left under the floor, mm. */
    public double underMm() {
        return job.bar() ? job.heightMm() / 2 + floorMm() : floorMm();
    }

    /** Point from the bar's axis, mm: as typed, or so that the thread's depth and chips find room. */
    public double outMm() {
        return job.outMm()
                .orElseGet(() -> job.heightMm() / 2
                        + Math.max(LEAST_POINT_OUT_MM, OVERHANG * shape.circleMm())
                        + (job.threadDepthMm() > 0 ? job.threadDepthMm() + CHIP_ROOM_MM : 0));
    }

    /** Diameter that the bar is reduced to behind the insert for the thread's depth, mm; its own where it need not be. */
    public double reducedMm() {
        if (!job.bar() || job.threadDepthMm() <= 0) {
            return job.heightMm();
        }
        return Math.min(job.heightMm(), 2 * (outMm() - job.threadDepthMm() - CHIP_ROOM_MM));
    }

    /** Hole of the insert, mm. */
    public double holeMm() {
        double[] nearest = HOLES[0];
        for (double[] row : HOLES) {
            nearest = Math.abs(row[0] - shape.circleMm()) < Math.abs(nearest[0] - shape.circleMm()) ? row : nearest;
        }
        return job.holeMm().orElse(Math.rint(10 * nearest[1] / nearest[0] * shape.circleMm()) / 10);
    }

    /** The screw that goes through it with a little room; of the system that is asked. */
    public ScrewSize screw(UnitSystem system) {
        return StockCatalogue.shipped().screwAtMost(holeMm() - SCREW_ROOM_MM, system);
    }

    /** The screw's hole in the body: the insert's, drawn toward the walls. */
    public Vector2D screwAt() {
        return shape.hole().add(shape.drawn().scalarMultiply(job.drawMm()));
    }

    /** Cutter that relieves the walls' corner, diameter, mm. */
    public double reliefMm() {
        return job.reliefMm()
                .orElseGet(() -> Math.clamp(
                        Math.floor(4 * (wallMm() - LEAST_WALL_MM)) / 2,
                        LEAST_RELIEF_MM,
                        Math.max(LEAST_RELIEF_MM, Math.rint(2 * RELIEF_SHARE * shape.circleMm()) / 2)));
    }

    /** Left side, right side, front and back of the body in plan, mm: x0, y0, x1, y1. */
    public double[] box() {
        double least = Math.min(
                0, Math.min(shape.leadingEnd().getX(), shape.wallCorner().getX()));
        double end = least + OVERHANG * shape.circleMm();
        if (job.bar()) {
            return new double[] {end, -outMm() - job.heightMm() / 2, end + job.lengthMm(), -outMm() + job.heightMm() / 2
            };
        }
        return new double[] {end, -job.lengthMm(), end + job.widthMm(), -FRONT_SHARE * shape.edgeMm()};
    }

    /** Outline of the body at the floor and below: its box, cut back under the leading edge; the insert stands over its front. */
    public List<Vector2D> lower() {
        double[] b = box();
        double back = thicknessMm() * Math.tan(clearanceRad()) + UNDER_EDGE_MM;
        List<Vector2D> outline = Outline.rectangle(b[0], b[1], b[2], b[3]);
        // Metal lies on the left of the leading edge gone along from the corner.
        Vector2D lead = shape.leading();
        Vector2D in = new Vector2D(-lead.getY(), lead.getX());
        return Outline.leftOf(outline, in.scalarMultiply(back), lead);
    }

    /** Outline above the floor: without the pocket. Empty where the walls' corner does not lie in the body. */
    public List<Vector2D> upper() {
        return withoutPocket(lower());
    }

    /**
     * A layer between two long sides of the body, mm across the axis of a bar, above or below the floor. Where the walls' corner lies
     * outside so narrow a layer only what stands behind the wall behind is left.
     */
    public List<Vector2D> layer(double low, double high, boolean belowFloor) {
        List<Vector2D> outline = Outline.leftOf(lower(), new Vector2D(0, low), new Vector2D(1, 0));
        outline = Outline.leftOf(outline, new Vector2D(0, high), new Vector2D(-1, 0));
        if (belowFloor || outline.size() < 3) {
            return outline;
        }
        List<Vector2D> open = withoutPocket(outline);
        Vector2D back = shape.backWall();
        return open.isEmpty()
                ? Outline.leftOf(outline, shape.wallCorner(), holeIsLeftOf(back) ? back.negate() : back)
                : open;
    }

    private boolean holeIsLeftOf(Vector2D wall) {
        Vector2D toHole = shape.hole().subtract(shape.wallCorner());
        return wall.getX() * toHole.getY() - wall.getY() * toHole.getX() > 0;
    }

    private List<Vector2D> withoutPocket(List<Vector2D> outline) {
        Vector2D corner = shape.wallCorner();
        Vector2D back = shape.backWall();
        return holeIsLeftOf(back)
                ? Outline.withoutWedge(outline, corner, back, shape.sideWall())
                : Outline.withoutWedge(outline, corner, shape.sideWall(), back);
    }

    /** Least metal between the walls' corner and the outside of the body, mm; below 0 where the corner lies outside. */
    public double wallMm() {
        double[] b = box();
        Vector2D c = shape.wallCorner();
        double left = c.getX() - b[0];
        double right = b[2] - c.getX();
        double low = c.getY() - b[1];
        double high = b[3] - c.getY();
        // A bar's front is open on the side of its point; a shank's on the side of the work.
        return job.bar() ? Math.min(right, Math.min(low, high)) : Math.min(right, Math.min(left, low));
    }

    /** Whether a wider shank would thicken it: it is thinnest on the side away from the chuck. */
    public boolean wallGrowsWithWidth() {
        return !job.bar() && box()[2] - shape.wallCorner().getX() <= wallMm() + 1e-9;
    }

    /** The same less what the corner's cutter takes, mm. */
    public double wallLeftMm() {
        return wallMm() - reliefMm() / 2;
    }

    /** Length of the shorter wall, mm: from the corner's relief to the edge of the insert. */
    public double shorterWallMm() {
        return shape.edgeMm() - reliefMm() / 2 - shape.noseMm();
    }

    /** Swing of the vise for a wall, radians from the body's length: the wall then lies along the table. */
    public double swingRad(Vector2D wall) {
        Vector2D length = job.bar() ? new Vector2D(1, 0) : new Vector2D(0, -1);
        double cross = length.getX() * wall.getY() - length.getY() * wall.getX();
        double angle = Math.atan2(cross, length.dotProduct(wall));
        return angle > Math.PI / 2 ? angle - Math.PI : angle < -Math.PI / 2 ? angle + Math.PI : angle;
    }

    /** A place from the stated zero: the body's end and the side toward the chuck of a shank, the axis of a bar; mm along and across. */
    public double[] fromZero(Vector2D at) {
        double[] b = box();
        return job.bar()
                ? new double[] {at.getX() - b[0], at.getY() + outMm()}
                : new double[] {b[3] - at.getY(), at.getX() - b[0]};
    }

    /** The edge angle that an old holder gives; empty when none was measured. */
    public OptionalDouble oldKappaRad() {
        return job.old()
                .map(old -> OptionalDouble.of(SeatMeasured.edgeRad(old.setRad(), old.offMm(), old.wayMm())))
                .orElse(OptionalDouble.empty());
    }

    /** Edge below its height when the floor came out deeper, mm: above 0 too low. */
    public OptionalDouble edgeLowMm() {
        return job.madeDepthMm().isPresent()
                ? OptionalDouble.of(job.madeDepthMm().getAsDouble() - floorDepthMm())
                : OptionalDouble.empty();
    }

    /** Least diameter of a hole that the bar enters with its point, mm: r + out. */
    public double leastHoleMm() {
        return job.bar() ? job.heightMm() / 2 + outMm() + CHIP_ROOM_MM : 0;
    }

    /** Corners of the insert in plan. */
    public List<Vector2D> insert() {
        List<Vector2D> corners = new ArrayList<>(List.of(Vector2D.ZERO, shape.leadingEnd()));
        if (!shape.triangle()) {
            corners.add(shape.wallCorner());
        }
        corners.add(shape.trailingEnd());
        return corners;
    }
}
