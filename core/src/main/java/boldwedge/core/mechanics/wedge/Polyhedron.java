package boldwedge.core.mechanics.wedge;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A convex solid bounded by polygons; vertices run anticlockwise seen from outside; millimetres. Grinding a plane is
 * {@link #cut}: everything outside the half space goes and the cap carries the plane's name.
 */
public record Polyhedron(List<Facet> facets) {
    private static final double ON_PLANE = 1e-9;

    /** One polygon with its outward unit normal. */
    public record Facet(Surface surface, Vector3D normal, List<Vector3D> corners) {
        /** Area, mm². */
        public double areaMm2() {
            return Products.dot(areaVector(corners), normal) / 2;
        }
    }

    /** A box. */
    public static Polyhedron box(double x0, double x1, double y0, double y1, double z0, double z1) {
        Vector3D[] c = new Vector3D[8];
        for (int i = 0; i < 8; i++) {
            c[i] = new Vector3D((i & 1) == 0 ? x0 : x1, (i & 2) == 0 ? y0 : y1, (i & 4) == 0 ? z0 : z1);
        }
        return new Polyhedron(List.of(
                new Facet(Surface.BLANK, Vector3D.MINUS_K, List.of(c[0], c[2], c[3], c[1])),
                new Facet(Surface.BLANK, Vector3D.PLUS_K, List.of(c[4], c[5], c[7], c[6])),
                new Facet(Surface.BLANK, Vector3D.MINUS_J, List.of(c[0], c[1], c[5], c[4])),
                new Facet(Surface.BLANK, Vector3D.PLUS_J, List.of(c[2], c[6], c[7], c[3])),
                new Facet(Surface.BLANK, Vector3D.MINUS_I, List.of(c[0], c[4], c[6], c[2])),
                new Facet(Surface.BLANK, Vector3D.PLUS_I, List.of(c[1], c[3], c[7], c[5]))));
    }

    /** What is left inside a half space. */
    public Polyhedron cut(HalfSpace plane) {
        List<Facet> kept = new ArrayList<>(facets.size() + 1);
        List<Vector3D> rim = new ArrayList<>();
        boolean touched = false;
        boolean capped = false;
        for (Facet facet : facets) {
            List<Vector3D> corners = facet.corners();
            int n = corners.size();
            double[] out = new double[n];
            boolean onPlane = true;
            boolean anyOut = false;
            boolean anyIn = false;
            for (int i = 0; i < n; i++) {
                out[i] = plane.outside(corners.get(i));
                onPlane &= Math.abs(out[i]) <= ON_PLANE;
                anyOut |= out[i] > ON_PLANE;
                anyIn |= out[i] < -ON_PLANE;
            }
            if (onPlane) {
                // The surface is there already: grinding it takes nothing off, but it is now this surface.
                kept.add(new Facet(plane.surface(), plane.normal(), corners));
                touched = true;
                capped = true;
                continue;
            }
            if (!anyOut) {
                kept.add(facet);
                continue;
            }
            touched = true;
            if (!anyIn) {
                continue;
            }
            List<Vector3D> inside = new ArrayList<>(n + 1);
            for (int i = 0; i < n; i++) {
                int j = (i + 1) % n;
                if (out[i] <= ON_PLANE) {
                    inside.add(corners.get(i));
                    if (out[i] >= -ON_PLANE) {
                        rim.add(corners.get(i));
                    }
                }
                if ((out[i] > ON_PLANE && out[j] < -ON_PLANE) || (out[i] < -ON_PLANE && out[j] > ON_PLANE)) {
                    double t = out[i] / (out[i] - out[j]);
                    Vector3D at = between(corners.get(i), corners.get(j), t);
                    inside.add(at);
                    rim.add(at);
                }
            }
            kept.add(new Facet(facet.surface(), facet.normal(), inside));
        }
        if (!touched) {
            return this;
        }
        List<Vector3D> cap = capped ? List.of() : ring(rim, plane.normal());
        if (cap.size() >= 3) {
            kept.add(new Facet(plane.surface(), plane.normal(), cap));
        }
        return new Polyhedron(kept);
    }

    /** Whether anything is left. */
    public boolean isEmpty() {
        return facets.size() < 4;
    }

    /** Volume by the divergence theorem, mm³. */
    public double volumeMm3() {
        if (isEmpty()) {
            return 0;
        }
        // From a corner of the solid, so that large offsets do not cancel.
        Vector3D origin = facets.get(0).corners().get(0);
        double sixfold = 0;
        for (Facet facet : facets) {
            sixfold += Products.dot(
                    areaVector(facet.corners()), facet.corners().get(0).subtract(origin));
        }
        return sixfold / 6;
    }

    /** The facets that belong to a surface. */
    public List<Facet> on(Surface surface) {
        return facets.stream().filter(facet -> facet.surface() == surface).toList();
    }

    private static Vector3D between(Vector3D a, Vector3D b, double t) {
        return new Vector3D(
                a.getX() + t * (b.getX() - a.getX()),
                a.getY() + t * (b.getY() - a.getY()),
                a.getZ() + t * (b.getZ() - a.getZ()));
    }

    private static Vector3D areaVector(List<Vector3D> corners) {
        Vector3D first = corners.get(0);
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 1; i + 1 < corners.size(); i++) {
            Vector3D a = corners.get(i);
            Vector3D b = corners.get(i + 1);
            double ax = a.getX() - first.getX();
            double ay = a.getY() - first.getY();
            double az = a.getZ() - first.getZ();
            double bx = b.getX() - first.getX();
            double by = b.getY() - first.getY();
            double bz = b.getZ() - first.getZ();
            x += ay * bz - az * by;
            y += az * bx - ax * bz;
            z += ax * by - ay * bx;
        }
        return new Vector3D(x, y, z);
    }

    /** Orders the points of a convex cap anticlockwise about its normal and drops those met twice. */
    private static List<Vector3D> ring(List<Vector3D> points, Vector3D normal) {
        List<Vector3D> distinct = new ArrayList<>();
        for (Vector3D point : points) {
            boolean seen = false;
            for (Vector3D other : distinct) {
                if (other.distanceSq(point) < 1e-16) {
                    seen = true;
                    break;
                }
            }
            if (!seen) {
                distinct.add(point);
            }
        }
        if (distinct.size() < 3) {
            return distinct;
        }
        Vector3D centre = Vector3D.ZERO;
        for (Vector3D point : distinct) {
            centre = centre.add(point);
        }
        Vector3D middle = centre.scalarMultiply(1.0 / distinct.size());
        Vector3D u = normal.orthogonal();
        Vector3D v = Products.cross(normal, u);
        record Spoke(double angle, Vector3D point) {}
        List<Spoke> spokes = new ArrayList<>();
        for (Vector3D point : distinct) {
            Vector3D arm = point.subtract(middle);
            spokes.add(new Spoke(Math.atan2(Products.dot(arm, v), Products.dot(arm, u)), point));
        }
        spokes.sort((a, b) -> Double.compare(a.angle(), b.angle()));
        return spokes.stream().map(Spoke::point).toList();
    }
}
