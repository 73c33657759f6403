package boldwedge.core.language.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/**
 * Bodies that touch face to face, made into one closed shell: where two faces of theirs lie against each other both go, and every corner that lies on
 * another face's edge becomes a corner of that face too, so that no triangle ends in the middle of another's side.
 */
public final class OneBody {
    /** A flat face; its corners run anticlockwise seen from outside. It may bend inward, but does not cross itself. */
    public record Face(Vector3D normal, List<Vector3D> corners) {}

    /** Corners nearer than this are one, mm: nobody makes anything to a fiftieth of a micrometre. */
    private static final double SAME_MM = 2e-5;

    /** Faces lie in one plane within this, mm; much nearer than corners are told apart, so that a corner laid into the plane stays the one that it was. */
    private static final double FLAT_MM = 1e-6;

    private static final double SAME_WAY = 1e-9;
    /** Leans are looked up by so many steps to a whole. */
    private static final double LEANS = 1e4;

    /** Flat figures are laid over each other on a grid of so many to a millimetre. */
    private static final double GRID = 1e7;

    private static final GeometryFactory FLAT = new GeometryFactory(new PrecisionModel(GRID));

    private final List<Plane> planes = new ArrayList<>();
    private final Map<List<Long>, List<Plane>> leaning = new HashMap<>();
    private final Corners corners = new Corners();

    private OneBody() {}

    /**
     * The shell of all of them.
     *
     * @param bodies each closed by itself; none reaches into another
     */
    public static Mesh of(String name, List<List<Face>> bodies) {
        OneBody one = new OneBody();
        bodies.forEach(body -> body.forEach(one::add));
        return one.mesh(name);
    }

    /**
     * An outline drawn straight along z, by its faces.
     *
     * @param outline corners in x and y, anticlockwise seen from +z, not crossing itself
     * @param from lower z, mm
     * @param to upper z, mm
     */
    public static List<Face> prism(List<Point> outline, double from, double to) {
        List<Face> faces = new ArrayList<>();
        List<Vector3D> below =
                outline.stream().map(p -> new Vector3D(p.x(), p.y(), from)).toList();
        List<Vector3D> above =
                outline.stream().map(p -> new Vector3D(p.x(), p.y(), to)).toList();
        for (int i = 0; i < outline.size(); i++) {
            int j = (i + 1) % outline.size();
            Vector3D along = below.get(j).subtract(below.get(i));
            if (along.getNorm() > 0) {
                faces.add(new Face(
                        new Vector3D(along.getY(), -along.getX(), 0).normalize(),
                        List.of(below.get(i), below.get(j), above.get(j), above.get(i))));
            }
        }
        faces.add(new Face(Vector3D.PLUS_K, above));
        faces.add(new Face(Vector3D.MINUS_K, below.reversed()));
        return faces;
    }

    /** A shell's faces, triangle by triangle. */
    public static List<Face> faces(Mesh shell) {
        return shell.triangles().stream()
                .map(one -> new Face(one.normal(), List.of(one.a(), one.b(), one.c())))
                .toList();
    }

    private void add(Face face) {
        face.corners().forEach(corners::at);
        // A plane is looked for among those that lean alike, whichever way they look: put under all that its lean may
        // round to.
        List<Long> lean = lean(face.normal(), 0);
        leaning.getOrDefault(lean, List.of()).stream()
                .filter(plane -> plane.holds(face))
                .findFirst()
                .orElseGet(() -> {
                    Plane plane = new Plane(face);
                    planes.add(plane);
                    IntStream.range(0, 8)
                            .mapToObj(i -> lean(face.normal(), i))
                            .distinct()
                            .forEach(key -> leaning.computeIfAbsent(key, k -> new ArrayList<>())
                                    .add(plane));
                    return plane;
                })
                .add(face);
    }

    /** A lean by its size along each axis, in steps; or, by the bits of the number, rounded the other way. */
    private static List<Long> lean(Vector3D normal, int corner) {
        return List.of(
                step(Math.abs(normal.getX()), (corner & 1) != 0),
                step(Math.abs(normal.getY()), (corner & 2) != 0),
                step(Math.abs(normal.getZ()), (corner & 4) != 0));
    }

    private static long step(double size, boolean other) {
        double at = size * LEANS;
        long near = Math.round(at);
        return other ? near + (at > near ? 1 : -1) : near;
    }

    private Mesh mesh(String name) {
        List<Outline> outlines = new ArrayList<>();
        planes.forEach(plane -> plane.outlines(corners, outlines));
        Map<Edge, Integer> edges = new HashMap<>();
        outlines.forEach(outline -> outline.edges(edges));
        List<Mesh.Triangle> triangles = new ArrayList<>();
        outlines.forEach(outline -> outline.triangles(corners, edges, triangles));
        return new Mesh(name, List.copyOf(triangles));
    }

    /** A side of a face, the way that it is walked. */
    private record Edge(Vector3D from, Vector3D to) {
        Edge back() {
            return new Edge(to, from);
        }
    }

    /** Corners in space, each once. */
    private static final class Corners {
        private final List<Vector3D> all = new ArrayList<>();
        private final Map<List<Long>, Vector3D> cells = new HashMap<>();

        /** The corner that lies there, or this one from now on. */
        Vector3D at(Vector3D point) {
            for (int i = 0; i < 8; i++) {
                Vector3D near = cells.get(cell(point, i));
                if (near != null && near.distance(point) <= SAME_MM) {
                    return near;
                }
            }
            all.add(point);
            // Put into every cell that it is near to, so that one look at a point's own eight finds it.
            for (int i = 0; i < 8; i++) {
                cells.putIfAbsent(cell(point, i), point);
            }
            return point;
        }

        private static List<Long> cell(Vector3D point, int corner) {
            double wide = 4 * SAME_MM;
            return List.of(
                    Math.round(point.getX() / wide + ((corner & 1) == 0 ? 0.25 : -0.25)),
                    Math.round(point.getY() / wide + ((corner & 2) == 0 ? 0.25 : -0.25)),
                    Math.round(point.getZ() / wide + ((corner & 4) == 0 ? 0.25 : -0.25)));
        }

        /** Those that lie between two, in order from the first. */
        List<Vector3D> between(Vector3D from, Vector3D to) {
            Vector3D along = to.subtract(from);
            double length = along.getNorm();
            Vector3D way = along.scalarMultiply(1 / length);
            return all.stream()
                    .filter(corner -> {
                        double at = corner.subtract(from).dotProduct(way);
                        return at > SAME_MM
                                && at < length - SAME_MM
                                && corner.subtract(from)
                                                .subtract(way.scalarMultiply(at))
                                                .getNorm()
                                        <= SAME_MM;
                    })
                    .sorted((a, b) -> Double.compare(
                            a.subtract(from).dotProduct(way), b.subtract(from).dotProduct(way)))
                    .toList();
        }
    }

    /** A plane with the faces that lie in it, seen along the axis that it is squarest to. */
    private static final class Plane {
        private final Vector3D normal;
        private final double offset;
        private final int dropped;
        private final List<Face> faces = new ArrayList<>();

        Plane(Face face) {
            normal = face.normal();
            offset = normal.dotProduct(face.corners().getFirst());
            double[] size = {Math.abs(normal.getX()), Math.abs(normal.getY()), Math.abs(normal.getZ())};
            dropped = size[0] >= size[1] && size[0] >= size[2] ? 0 : size[1] >= size[2] ? 1 : 2;
        }

        boolean holds(Face face) {
            return Math.abs(Math.abs(normal.dotProduct(face.normal())) - 1) < SAME_WAY
                    && face.corners().stream()
                            .allMatch(corner -> Math.abs(normal.dotProduct(corner) - offset) < FLAT_MM);
        }

        void add(Face face) {
            faces.add(face);
        }

        private Geometry figure(Face face) {
            List<Coordinate> ring = new ArrayList<>();
            for (Vector3D corner : face.corners()) {
                ring.add(flat(corner));
            }
            ring.add(ring.getFirst());
            return FLAT.createPolygon(ring.toArray(Coordinate[]::new));
        }

        private Coordinate flat(Vector3D corner) {
            double[] at = corner.toArray();
            Coordinate flat = new Coordinate(at[dropped == 0 ? 1 : 0], at[dropped == 2 ? 1 : 2]);
            FLAT.getPrecisionModel().makePrecise(flat);
            return flat;
        }

        private Vector3D inSpace(Coordinate flat) {
            double[] n = normal.toArray();
            double[] at = new double[3];
            at[dropped == 0 ? 1 : 0] = flat.x;
            at[dropped == 2 ? 1 : 2] = flat.y;
            at[dropped] = (offset - n[0] * at[0] - n[1] * at[1] - n[2] * at[2]) / n[dropped];
            return new Vector3D(at);
        }

        /** What is left of its faces, with its corners told. */
        void outlines(Corners corners, List<Outline> found) {
            if (faces.size() == 1) {
                List<Vector3D> ring = faces.getFirst().corners().stream()
                        .map(corners::at)
                        .distinct()
                        .toList();
                if (ring.size() > 2) {
                    found.add(new Outline(this, faces.getFirst().normal(), List.of(ring)));
                }
                return;
            }
            List<Geometry> along = new ArrayList<>();
            List<Geometry> against = new ArrayList<>();
            for (Face face : faces) {
                (normal.dotProduct(face.normal()) > 0 ? along : against).add(figure(face));
            }
            Geometry all = UnaryUnionOp.union(along, FLAT);
            Geometry other = UnaryUnionOp.union(against, FLAT);
            left(all, other).forEach(figure -> found.add(outline(figure, false, corners)));
            left(other, all).forEach(figure -> found.add(outline(figure, true, corners)));
        }

        private static List<Polygon> left(Geometry of, Geometry less) {
            if (of == null) {
                return List.of();
            }
            Geometry left = less == null ? of : OverlayNGRobust.overlay(of, less, OverlayNG.DIFFERENCE);
            List<Polygon> figures = new ArrayList<>();
            for (int i = 0; i < left.getNumGeometries(); i++) {
                // Where two bodies' corners differ in their last places a thread of nothing is left: it is no face.
                if (left.getGeometryN(i) instanceof Polygon figure
                        && !figure.isEmpty()
                        && figure.getArea() > SAME_MM * figure.getLength()) {
                    figures.add(figure);
                }
            }
            return figures;
        }

        private Outline outline(Polygon figure, boolean turned, Corners corners) {
            List<List<Vector3D>> rings = new ArrayList<>();
            rings.add(ring(figure.getExteriorRing(), corners));
            for (int i = 0; i < figure.getNumInteriorRing(); i++) {
                rings.add(ring(figure.getInteriorRingN(i), corners));
            }
            return new Outline(this, turned ? normal.negate() : normal, rings);
        }

        private List<Vector3D> ring(LinearRing ring, Corners corners) {
            return Arrays.stream(ring.getCoordinates())
                    .skip(1)
                    .map(flat -> corners.at(inSpace(flat)))
                    .distinct()
                    .toList();
        }
    }

    /** A face of the whole: its outer ring first, then its holes. */
    private record Outline(Plane plane, Vector3D normal, List<List<Vector3D>> rings) {
        void edges(Map<Edge, Integer> faces) {
            for (List<Vector3D> ring : rings) {
                for (int i = 0; i < ring.size(); i++) {
                    Edge edge = new Edge(ring.get(i), ring.get((i + 1) % ring.size()));
                    faces.merge(edge, 1, Integer::sum);
                    faces.merge(edge.back(), 1, Integer::sum);
                }
            }
        }

        void triangles(Corners corners, Map<Edge, Integer> faces, List<Mesh.Triangle> found) {
            List<List<Vector3D>> whole = rings.stream()
                    .filter(ring -> ring.size() > 2)
                    .map(ring -> withCorners(ring, corners, faces))
                    .toList();
            if (whole.isEmpty()) {
                return;
            }
            List<Mesh.Triangle> here = new ArrayList<>();
            Map<Coordinate, Vector3D> inSpace = new HashMap<>();
            List<LinearRing> flat =
                    whole.stream().map(ring -> ring(ring, inSpace)).toList();
            Polygon figure = FLAT.createPolygon(
                    flat.getFirst(), flat.subList(1, flat.size()).toArray(LinearRing[]::new));
            Geometry parts =
                    flat.size() == 1 && figure.getNumPoints() == 4 ? figure : PolygonTriangulator.triangulate(figure);
            for (int i = 0; i < parts.getNumGeometries(); i++) {
                Coordinate[] at = parts.getGeometryN(i).getCoordinates();
                here.add(new Mesh.Triangle(inSpace(at[0], inSpace), inSpace(at[1], inSpace), inSpace(at[2], inSpace)));
            }
            // All run the same way round: which, the whole face tells, and not each by itself: a sliver's normal says
            // nothing.
            double outward = here.stream().mapToDouble(t -> outward(t)).sum();
            here.forEach(t -> found.add(outward >= 0 ? t : new Mesh.Triangle(t.a(), t.c(), t.b())));
        }

        private Vector3D inSpace(Coordinate at, Map<Coordinate, Vector3D> known) {
            return known.getOrDefault(at, plane.inSpace(at));
        }

        private double outward(Mesh.Triangle t) {
            return t.b().subtract(t.a()).crossProduct(t.c().subtract(t.a())).dotProduct(normal);
        }

        /** A ring with the corners of others that lie on its sides; a side that another face has too can have none. */
        private static List<Vector3D> withCorners(List<Vector3D> ring, Corners corners, Map<Edge, Integer> faces) {
            List<Vector3D> whole = new ArrayList<>();
            for (int i = 0; i < ring.size(); i++) {
                Edge edge = new Edge(ring.get(i), ring.get((i + 1) % ring.size()));
                whole.add(edge.from());
                if (faces.getOrDefault(edge, 0) < 2) {
                    whole.addAll(corners.between(edge.from(), edge.to()));
                }
            }
            return whole;
        }

        private LinearRing ring(List<Vector3D> ring, Map<Coordinate, Vector3D> inSpace) {
            List<Coordinate> flat = new ArrayList<>();
            for (Vector3D corner : ring) {
                Coordinate at = plane.flat(corner);
                flat.add(at);
                inSpace.put(at, corner);
            }
            flat.add(flat.getFirst());
            return FLAT.createLinearRing(flat.toArray(Coordinate[]::new));
        }
    }
}
