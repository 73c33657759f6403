package boldwedge.core.families.turning.report;

import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Polyhedron;
import boldwedge.core.mechanics.wedge.Products;
import boldwedge.core.mechanics.wedge.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Paints the ground bit from any side: areas first, then the lines that are seen, then those that are hidden. Head and
 * shank are convex and meet in a plane, so painting the farther one first hides what should be hidden.
 */
final class BitView {
    private final GroundBit bit;
    private final Solid head;
    private final Solid shank;
    private final List<Vector3D> edge;
    private final double shownShankMm;

    /** Which way one looks, and what is right and up on the plate. */
    record Look(Vector3D along, Vector3D right, Vector3D up) {
        static final Look FROM_ABOVE = new Look(Vector3D.MINUS_K, Vector3D.PLUS_I, Vector3D.PLUS_J);
        static final Look FROM_THE_LEFT = new Look(Vector3D.PLUS_I, Vector3D.MINUS_J, Vector3D.PLUS_K);
        static final Look FROM_THE_RIGHT = new Look(Vector3D.MINUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K);
        static final Look FROM_THE_WORK = new Look(Vector3D.MINUS_J, Vector3D.MINUS_I, Vector3D.PLUS_K);
        /** From the front, left and above, as one holds the bit up to look at it. */
        static final Look HELD_UP = turned(Math.toRadians(-35), Math.toRadians(28));

        private static Look turned(double about, double down) {
            Vector3D level = new Vector3D(-Math.sin(about), -Math.cos(about), 0);
            Vector3D along = new Vector3D(Math.cos(down), level, -Math.sin(down), Vector3D.PLUS_K);
            Vector3D right = Products.cross(along, Vector3D.PLUS_K).normalize();
            return new Look(along, right, Products.cross(right, along));
        }

        Point project(Vector3D p) {
            return new Point(Products.dot(p, right), Products.dot(p, up));
        }
    }

    BitView(GroundBit bit, double shownShankMm) {
        this.bit = bit;
        this.shownShankMm = Math.min(shownShankMm, bit.blank().lengthMm() - bit.groundLengthMm());
        double half = bit.blank().widthMm() / 2;
        head = new Solid(bit.head());
        Polyhedron part = box(
                -half,
                half,
                -bit.groundLengthMm() - this.shownShankMm,
                -bit.groundLengthMm(),
                bit.blank().heightMm());
        shank = new Solid(part);
        edge = cuttingEdge(bit);
    }

    private static Polyhedron box(double x0, double x1, double y0, double y1, double z1) {
        return Polyhedron.box(x0, x1, y0, y1, 0, z1);
    }

    /** Paints with the bit's own origin at the builder's origin. */
    void paint(SceneBuilder scene, Look look) {
        boolean headNearer = look.along().getY() <= 0;
        if (headNearer) {
            paint(scene, look, shank, Role.TOOL);
            paint(scene, look, head, Role.GROUND);
        } else {
            paint(scene, look, head, Role.GROUND);
            paint(scene, look, shank, Role.TOOL);
        }
        breakLine(scene, look);
        scene.run(Role.CUTTING_EDGE, false, projected(look, edge));
    }

    Point project(Look look, Vector3D p) {
        return look.project(p);
    }

    private static List<Point> projected(Look look, List<Vector3D> points) {
        List<Point> flat = new ArrayList<>(points.size());
        for (Vector3D point : points) {
            flat.add(look.project(point));
        }
        return flat;
    }

    private void paint(SceneBuilder scene, Look look, Solid solid, Role ground) {
        for (Polyhedron.Facet facet : solid.facets()) {
            if (Products.dot(facet.normal(), look.along()) < -1e-9) {
                Role role = facet.surface() == Surface.BLANK || facet.surface() == Surface.RUN_OUT ? Role.TOOL : ground;
                scene.run(role, true, projected(look, facet.corners()));
            }
        }
        // What is hidden behind a line that is seen, or behind another hidden one, would be drawn twice.
        Set<Line> drawn = new HashSet<>();
        List<Line> hidden = new ArrayList<>();
        for (Ridge ridge : solid.ridges()) {
            boolean firstSeen = Products.dot(ridge.first().normal(), look.along()) < -1e-9;
            boolean secondSeen = Products.dot(ridge.second().normal(), look.along()) < -1e-9;
            if (ridge.smooth() && firstSeen == secondSeen) {
                continue;
            }
            Line line = new Line(look.project(ridge.from()), look.project(ridge.to()));
            if (!firstSeen && !secondSeen) {
                hidden.add(line);
            } else if (drawn.add(line.onPlate(scene))) {
                scene.line(Role.EDGE, line.a(), line.b());
            }
        }
        if (!look.equals(Look.HELD_UP)) {
            for (Line line : hidden) {
                if (drawn.add(line.onPlate(scene))) {
                    scene.line(Role.HIDDEN, line.a(), line.b());
                }
            }
        }
    }

    /** A line by its ends. */
    private record Line(Point a, Point b) {
        /** The same on the plate with its ends in one order: equal for lines that cover each other. */
        Line onPlate(SceneBuilder scene) {
            Point from = scene.on(a.x(), a.y());
            Point to = scene.on(b.x(), b.y());
            return from.x() < to.x() || (from.x() == to.x() && from.y() <= to.y())
                    ? new Line(from, to)
                    : new Line(to, from);
        }
    }

    /** Two short zigzags where the shank goes on beyond the view. */
    private void breakLine(SceneBuilder scene, Look look) {
        double y = -bit.groundLengthMm() - shownShankMm;
        if (Math.abs(look.along().getY()) > 0.3) {
            return;
        }
        Vector3D side = look.right().getY() == 0 ? look.right() : look.up();
        double from = Math.abs(side.getX()) > 0.5 ? -bit.blank().widthMm() / 2 : 0;
        double to = Math.abs(side.getX()) > 0.5
                ? bit.blank().widthMm() / 2
                : bit.blank().heightMm();
        List<Point> zigzag = new ArrayList<>();
        int teeth = 6;
        for (int i = 0; i <= teeth; i++) {
            double at = from + (to - from) * i / teeth;
            double out = i == 0 || i == teeth
                    ? 0
                    : (i % 2 == 0 ? 1 : -1) * 0.05 * bit.blank().widthMm();
            zigzag.add(look.project(new Vector3D(1, new Vector3D(0, y + out, 0), at, axis(side))));
        }
        scene.run(Role.EDGE, false, zigzag);
    }

    private static Vector3D axis(Vector3D side) {
        return Math.abs(side.getX()) > 0.5 ? Vector3D.PLUS_I : Vector3D.PLUS_K;
    }

    /** The cutting edge from the end of the side edge round the nose to the end of the end edge. */
    private static List<Vector3D> cuttingEdge(GroundBit bit) {
        List<Vector3D> points = new ArrayList<>();
        for (Surface surface : new Surface[] {Surface.SIDE_FLANK, Surface.NOSE, Surface.END_FLANK}) {
            points.addAll(bit.edgeWithFace(surface));
        }
        // Anticlockwise distance round the point orders them: the side edge comes from behind, the end edge leaves
        // across.
        Vector3D centre = bit.point()
                .add(new Vector3D(
                        bit.wedge().noseRadiusMm() + 1e-3, -bit.wedge().noseRadiusMm() - 1e-3, 0));
        record Placed(double bearing, Vector3D point) {}
        List<Placed> placed = new ArrayList<>(points.size());
        for (Vector3D point : points) {
            placed.add(new Placed(bearing(centre, point), point));
        }
        placed.sort((a, b) -> Double.compare(b.bearing(), a.bearing()));
        return placed.stream().map(Placed::point).toList();
    }

    /** Angle about the nose's middle, running from behind on the left (largest) over the point to the right. */
    private static double bearing(Vector3D centre, Vector3D p) {
        double angle = Math.atan2(p.getY() - centre.getY(), p.getX() - centre.getX());
        return angle < -Math.PI * 0.4 ? angle + 2 * Math.PI : angle;
    }

    /** Where two facets meet; smooth when both stand for the one curved surface of the nose. */
    private record Ridge(Vector3D from, Vector3D to, Polyhedron.Facet first, Polyhedron.Facet second, boolean smooth) {
        static Ridge between(Vector3D from, Vector3D to, Polyhedron.Facet first, Polyhedron.Facet second) {
            boolean smooth = (first.surface() == Surface.NOSE || second.surface() == Surface.NOSE)
                    && first.surface() != Surface.FACE
                    && second.surface() != Surface.FACE
                    && Products.dot(first.normal(), second.normal()) > 0.8;
            return new Ridge(from, to, first, second, smooth);
        }
    }

    private record Solid(List<Polyhedron.Facet> facets, List<Ridge> ridges) {
        Solid(Polyhedron solid) {
            this(solid.facets(), ridges(solid));
        }

        private static List<Ridge> ridges(Polyhedron solid) {
            Map<Key, Polyhedron.Facet> open = new HashMap<>();
            List<Ridge> ridges = new ArrayList<>();
            for (Polyhedron.Facet facet : solid.facets()) {
                List<Vector3D> corners = facet.corners();
                for (int i = 0; i < corners.size(); i++) {
                    Vector3D a = corners.get(i);
                    Vector3D b = corners.get((i + 1) % corners.size());
                    Key key = Key.of(a, b);
                    Polyhedron.Facet other = open.remove(key);
                    if (other == null) {
                        open.put(key, facet);
                    } else {
                        ridges.add(Ridge.between(a, b, other, facet));
                    }
                }
            }
            return ridges;
        }
    }

    /** An edge by its ends, whichever way it is run, to a nanometre or so. */
    private record Key(long a, long b) {
        static Key of(Vector3D p, Vector3D q) {
            long a = hash(p);
            long b = hash(q);
            return a < b ? new Key(a, b) : new Key(b, a);
        }

        private static long hash(Vector3D p) {
            return (Math.round(p.getX() * 1e5) * 73_856_093L)
                    ^ (Math.round(p.getY() * 1e5) * 19_349_663L)
                    ^ (Math.round(p.getZ() * 1e5) * 83_492_791L);
        }
    }
}
