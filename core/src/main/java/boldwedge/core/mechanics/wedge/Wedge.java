package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The cutting wedge as three planes through the point (the corner before it is rounded) and a nose radius. Normals are
 * unit vectors in the tool's own {@link Frame}, pointing out of the metal. All angles are read off these vectors, in any
 * frame; the closed forms of ISO 3002-2 serve as the check on them.
 *
 * @param face rake face
 * @param sideFlank flank under the side (major, when turning) cutting edge
 * @param endFlank flank under the end cutting edge
 * @param noseRadiusMm nose radius seen from above, mm
 */
public record Wedge(Vector3D face, Vector3D sideFlank, Vector3D endFlank, double noseRadiusMm) {

    /** The wedge that has this signature. */
    public static Wedge of(ToolSignature s) {
        Vector3D face = new Vector3D(Math.tan(s.sideRake()), -Math.tan(s.backRake()), 1).normalize();
        double lead = s.sideCuttingEdge();
        double end = s.endCuttingEdge();
        Vector3D sideEdge = onFace(face, new Vector3D(-Math.sin(lead), -Math.cos(lead), 0));
        Vector3D endEdge = onFace(face, new Vector3D(Math.cos(end), -Math.sin(end), 0));
        Vector3D downSide = new Vector3D(Math.sin(s.sideRelief()), 0, -Math.cos(s.sideRelief()));
        Vector3D downEnd = new Vector3D(0, -Math.sin(s.endRelief()), -Math.cos(s.endRelief()));
        return new Wedge(
                face,
                outward(sideEdge, downSide, Vector3D.MINUS_I),
                outward(endEdge, downEnd, Vector3D.PLUS_J),
                s.noseRadiusMm());
    }

    /**
     * The wedge that has these ISO 3002 angles in hand, radians.
     *
     * @param approach κr of the side edge
     * @param inclination λs
     * @param orthogonalRake γo
     * @param orthogonalClearance αo of the side flank
     * @param endApproach κr' of the end edge
     * @param endClearance αo' of the end flank, square to the end edge's projection
     * @param noseRadiusMm nose radius, mm
     */
    public static Wedge ofIso(
            double approach,
            double inclination,
            double orthogonalRake,
            double orthogonalClearance,
            double endApproach,
            double endClearance,
            double noseRadiusMm) {
        Vector3D flat = new Vector3D(-Math.cos(approach), -Math.sin(approach), 0);
        Vector3D square = new Vector3D(Math.sin(approach), -Math.cos(approach), 0);
        Vector3D edge = new Vector3D(Math.cos(inclination), flat, -Math.sin(inclination), Vector3D.PLUS_K);
        Vector3D downFace = new Vector3D(Math.cos(orthogonalRake), square, -Math.sin(orthogonalRake), Vector3D.PLUS_K);
        Vector3D downFlank =
                new Vector3D(Math.sin(orthogonalClearance), square, -Math.cos(orthogonalClearance), Vector3D.PLUS_K);
        Vector3D face = outward(edge, downFace, Vector3D.PLUS_K);
        Vector3D endFlat = new Vector3D(Math.cos(endApproach), -Math.sin(endApproach), 0);
        Vector3D endSquare = new Vector3D(-Math.sin(endApproach), -Math.cos(endApproach), 0);
        Vector3D downEnd = new Vector3D(Math.sin(endClearance), endSquare, -Math.cos(endClearance), Vector3D.PLUS_K);
        return new Wedge(
                face,
                outward(edge, downFlank, Vector3D.MINUS_I),
                outward(onFace(face, endFlat), downEnd, Vector3D.PLUS_J),
                noseRadiusMm);
    }

    /** Direction of the side cutting edge, from the point back along the shank; a unit vector. */
    public Vector3D sideEdge() {
        Vector3D edge = Products.cross(face, sideFlank).normalize();
        return edge.getY() > 0 ? edge.negate() : edge;
    }

    /** Direction of the end cutting edge, from the point across the shank; a unit vector. */
    public Vector3D endEdge() {
        Vector3D edge = Products.cross(face, endFlank).normalize();
        return edge.getX() < 0 ? edge.negate() : edge;
    }

    /** The side edge's angles in a frame. */
    public EdgeAngles sideAngles(Frame frame) {
        return EdgeAngles.measure(face, sideFlank, sideEdge(), endEdge(), frame);
    }

    /**
     * The end edge's angles in a frame. Its approach is κr', measured from the x axis: positive when the edge falls away
     * from the finished surface.
     */
    public EdgeAngles endAngles(Frame frame) {
        EdgeAngles angles = EdgeAngles.measure(face, endFlank, endEdge(), sideEdge(), frame);
        return new EdgeAngles(
                endTrail(frame).angle(),
                angles.inclination(),
                angles.orthogonalRake(),
                angles.normalRake(),
                angles.orthogonalClearance(),
                angles.normalClearance());
    }

    /**
     * How a plane leans, seen along one axis of a frame: its angle is atan2(down, out).
     *
     * @param down component of its outward normal down the cut
     * @param out component out of the metal
     */
    public record Lean(double down, double out) {
        /** The angle, radians. */
        public double angle() {
            return Math.atan2(down, out);
        }
    }

    /** How the side flank falls away from the work in a frame. */
    public Lean sideFall(Frame frame) {
        return new Lean(-Products.dot(sideFlank, frame.z()), -Products.dot(sideFlank, frame.x()));
    }

    /** How the end flank falls away from the work in a frame. */
    public Lean endFall(Frame frame) {
        return new Lean(-Products.dot(endFlank, frame.z()), Products.dot(endFlank, frame.y()));
    }

    /** How the face falls back from the work in a frame. */
    public Lean backFall(Frame frame) {
        return new Lean(-Products.dot(face, frame.y()), Products.dot(face, frame.z()));
    }

    /** How the end edge trails behind the finished surface in a frame. */
    public Lean endTrail(Frame frame) {
        Vector3D end = endEdge();
        return new Lean(-Products.dot(end, frame.y()), Products.dot(end, frame.x()));
    }

    /** How the side edge leads in a frame. */
    public Lean sideLead(Frame frame) {
        Vector3D side = sideEdge();
        return new Lean(-Products.dot(side, frame.x()), -Products.dot(side, frame.y()));
    }

    /** The older American signature in a frame: in hand it gives back what the tool was ground to. */
    public ToolSignature signature(Frame frame) {
        return new ToolSignature(
                backFall(frame).angle(),
                Math.atan2(Products.dot(face, frame.x()), Products.dot(face, frame.z())),
                endFall(frame).angle(),
                sideFall(frame).angle(),
                endTrail(frame).angle(),
                sideLead(frame).angle(),
                noseRadiusMm);
    }

    /**
     * Outward normals of the nose flank, from the side flank to the end flank, both included. The nose is an oblique
     * cylinder whose level sections are circles of the nose radius touching both flanks, so each of these planes touches
     * it along a line parallel to the line where the flanks meet.
     *
     * @param count how many planes, at least 2
     */
    public Vector3D[] noseFlanks(int count) {
        Vector3D down = Products.cross(sideFlank, endFlank);
        down = down.scalarMultiply(-1 / down.getZ());
        double from = Math.atan2(sideFlank.getY(), sideFlank.getX());
        double to = Math.atan2(endFlank.getY(), endFlank.getX());
        if (from < to) {
            from += 2 * Math.PI;
        }
        Vector3D[] normals = new Vector3D[count];
        for (int i = 0; i < count; i++) {
            double at = from + (to - from) * i / (count - 1);
            double cos = Math.cos(at);
            double sin = Math.sin(at);
            normals[i] = new Vector3D(cos, sin, cos * down.getX() + sin * down.getY()).normalize();
        }
        return normals;
    }

    /**
     * The least clearance anywhere along the nose in a frame, each measured square to the nose where it stands, radians.
     */
    public double leastNoseClearance(Frame frame) {
        return leastNoseFall(frame).angle();
    }

    /** How the nose falls away where it does so least, of nine places along it. */
    public Lean leastNoseFall(Frame frame) {
        Lean least = new Lean(1, 0);
        for (Vector3D normal : noseFlanks(9)) {
            double level = Math.hypot(Products.dot(normal, frame.x()), Products.dot(normal, frame.y()));
            Lean here = new Lean(-Products.dot(normal, frame.z()), level);
            least = here.angle() < least.angle() ? here : least;
        }
        return least;
    }

    /** A level direction raised or lowered until it lies in the face. */
    private static Vector3D onFace(Vector3D face, Vector3D level) {
        return new Vector3D(
                        level.getX(),
                        level.getY(),
                        -(face.getX() * level.getX() + face.getY() * level.getY()) / face.getZ())
                .normalize();
    }

    private static Vector3D outward(Vector3D a, Vector3D b, Vector3D roughly) {
        Vector3D normal = Products.cross(a, b).normalize();
        return Products.dot(normal, roughly) < 0 ? normal.negate() : normal;
    }
}
