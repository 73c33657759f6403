package boldwedge.core.mechanics.wedge;

import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.words.Worded;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A bit as a solid: the blank as bought, cut by its ground planes and the nose blend. Coordinates are the tool's own:
 * x across (−w/2 to w/2, the cutting side negative), y along (0 at the front of the blank, heel at −length), z up from the
 * base; millimetres. Grinding reaches back as far as the ground length and ends in a step; the shank behind it is as
 * bought.
 *
 * @param blank what it was ground from
 * @param wedge the planes, as directions
 * @param groundLengthMm how far back the grinding reaches
 * @param asBought the grinding end before grinding
 * @param head the grinding end after grinding
 * @param shank the rest
 * @param point the corner where face and both flanks meet, before the nose is rounded
 * @param planes the ground planes in the order of grinding
 * @param removedMm3 volume that each surface takes off, in the order of grinding
 * @param depthMm deepest stock that each surface takes off, square to it
 * @param tipLeftMm3 volume of the brazed tip that is left after grinding; 0 for a solid bit
 * @param massGram mass left; a brazed bit as steel with its tip of carbide
 */
public record GroundBit(
        Blank blank,
        Wedge wedge,
        double groundLengthMm,
        Polyhedron asBought,
        Polyhedron head,
        Polyhedron shank,
        Vector3D point,
        List<HalfSpace> planes,
        Map<Surface, Double> removedMm3,
        Map<Surface, Double> depthMm,
        double tipLeftMm3,
        double massGram) {
    private static final int NOSE_PLANES = 12;
    private static final double STEEL_G_PER_CM3 = 7.85;

    /** Which is ground first. */
    public enum Order implements Worded {
        FLANKS_FIRST,
        TOP_FIRST
    }

    /**
     * Grinds a bit.
     *
     * @param blank the blank as bought
     * @param wedge the wedge wanted
     * @param groundLengthMm how far back to grind, mm
     * @param damageMm stock to take off the end first (a burnt or crumbled tip), mm
     * @param order which faces first
     * @throws NothingLeft when the angles and the damage leave no bit
     */
    public static GroundBit grind(Blank blank, Wedge wedge, double groundLengthMm, double damageMm, Order order) {
        return grind(blank, wedge, groundLengthMm, damageMm, order, NOSE_PLANES);
    }

    /** The same with so many planes for the nose, at least 3: the more, the rounder. */
    public static GroundBit grind(
            Blank blank, Wedge wedge, double groundLengthMm, double damageMm, Order order, int nosePlanes) {
        double half = blank.widthMm() / 2;
        Polyhedron bought = asBought(blank, groundLengthMm);
        HalfSpace face = cleanedUp(Surface.FACE, wedge.face(), bought, groundLengthMm, 0);
        HalfSpace end = cleanedUp(Surface.END_FLANK, wedge.endFlank(), bought, groundLengthMm, damageMm);
        HalfSpace side = cleanedUp(
                Surface.SIDE_FLANK, wedge.sideFlank(), bought, sideEdgeReach(wedge, blank, groundLengthMm), 0);
        Vector3D point = meeting(face, side, end);
        List<HalfSpace> nose = nosePlanes(wedge, point, nosePlanes);

        List<HalfSpace> sequence = new ArrayList<>();
        if (order == Order.TOP_FIRST) {
            sequence.add(face);
        }
        sequence.add(side);
        sequence.add(end);
        if (order == Order.FLANKS_FIRST) {
            sequence.add(face);
        }
        sequence.addAll(nose);

        Map<Surface, Double> removed = new EnumMap<>(Surface.class);
        Map<Surface, Double> depth = new EnumMap<>(Surface.class);
        Polyhedron now = bought;
        double volume = now.volumeMm3();
        for (int i = 0; i < sequence.size(); i++) {
            HalfSpace plane = sequence.get(i);
            if (plane.surface() != Surface.NOSE || i == sequence.size() - nose.size()) {
                depth.merge(plane.surface(), deepest(now, plane), Math::max);
            }
            now = now.cut(plane);
            // The nose is one operation: weigh it once, at its end.
            if (plane.surface() != Surface.NOSE || i == sequence.size() - 1) {
                double left = now.volumeMm3();
                removed.merge(plane.surface(), Math.max(0, volume - left), Double::sum);
                volume = left;
            }
        }
        if (nose.isEmpty()) {
            removed.put(Surface.NOSE, 0.0);
            depth.put(Surface.NOSE, 0.0);
        }
        if (now.isEmpty()
                || now.on(Surface.FACE).isEmpty()
                || point.getX() > half
                || point.getY() < -groundLengthMm
                || point.getZ() < 0) {
            throw new NothingLeft();
        }
        Polyhedron shank = Polyhedron.box(-half, half, -blank.lengthMm(), -groundLengthMm, 0, blank.heightMm());
        double tipLeft = tipLeft(blank, sequence);
        return new GroundBit(
                blank,
                wedge,
                groundLengthMm,
                bought,
                now,
                shank,
                point,
                List.copyOf(sequence),
                removed,
                depth,
                tipLeft,
                mass(blank, now.volumeMm3() + shank.volumeMm3(), tipLeft));
    }

    /** A whole blank ground to a signature as far back as is usual, in the usual order; empty where that leaves nothing to cut with. */
    public static Optional<GroundBit> tried(Blank blank, ToolSignature signature, int nosePlanes) {
        try {
            return Optional.of(grind(
                    blank,
                    Wedge.of(signature),
                    usualGroundLength(blank, signature),
                    0,
                    Order.FLANKS_FIRST,
                    nosePlanes));
        } catch (NothingLeft none) {
            return Optional.empty();
        }
    }

    /** These angles leave nothing of the blank to cut with. */
    public static final class NothingLeft extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NothingLeft() {
            super("These angles leave nothing of the blank to cut with.");
        }
    }

    /** How far back to grind when nobody says: room for the side edge and for the end edge to run out. */
    public static double usualGroundLength(Blank blank, ToolSignature signature) {
        double endRunOut = blank.widthMm() * Math.tan(Math.max(0, signature.endCuttingEdge()));
        return Math.max(0.9 * blank.widthMm(), endRunOut + 0.4 * blank.widthMm());
    }

    /** Volume to grind away, mm³. */
    public double totalRemovedMm3() {
        return removedMm3.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Volume left, mm³. */
    public double volumeMm3() {
        return head.volumeMm3() + shank.volumeMm3();
    }

    private static double mass(Blank blank, double volumeMm3, double tipLeftMm3) {
        double density = StockCatalogue.shipped().toolMaterial(blank).densityGramPerCm3();
        return blank.tip().isEmpty()
                ? volumeMm3 * density / 1000
                : (volumeMm3 * STEEL_G_PER_CM3 + tipLeftMm3 * (density - STEEL_G_PER_CM3)) / 1000;
    }

    private static double tipLeft(Blank blank, List<HalfSpace> planes) {
        return blank.tip()
                .map(tip -> {
                    double left = -blank.widthMm() / 2;
                    Polyhedron carbide = Polyhedron.box(
                            left,
                            left + tip.widthMm(),
                            -tip.lengthMm(),
                            0,
                            blank.heightMm() - tip.thicknessMm(),
                            blank.heightMm());
                    for (HalfSpace plane : planes) {
                        carbide = carbide.cut(plane);
                    }
                    return carbide.volumeMm3();
                })
                .orElse(0.0);
    }

    /** True length of the side cutting edge, from the end of the nose to where it runs out, mm. */
    public double sideEdgeMm() {
        return edgeLength(Surface.SIDE_FLANK);
    }

    /** True length of the end cutting edge, mm. */
    public double endEdgeMm() {
        return edgeLength(Surface.END_FLANK);
    }

    /** How far the point lies below the top of the blank, mm. */
    public double pointBelowTopMm() {
        return blank.heightMm() - point.getZ();
    }

    /** How far the bit is shortened at the point, mm. */
    public double shortenedMm() {
        return -point.getY();
    }

    /**
     * Height of a ground surface, measured in it square to the wheel's axis, mm: what the wheel's periphery hollows.
     *
     * @param up the direction that is up when the surface stands at the wheel
     */
    double heightOf(Surface surface, Vector3D up) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Polyhedron.Facet facet : head.on(surface)) {
            Vector3D inPlane = up.subtract(facet.normal().scalarMultiply(Products.dot(facet.normal(), up)));
            if (inPlane.getNorm() < 1e-9) {
                continue;
            }
            Vector3D along = inPlane.normalize();
            for (Vector3D corner : facet.corners()) {
                double at = Products.dot(corner, along);
                least = Math.min(least, at);
                most = Math.max(most, at);
            }
        }
        return most > least ? most - least : 0;
    }

    /** The two ends of the edge between the face and another surface; empty when they do not meet. */
    public List<Vector3D> edgeWithFace(Surface other) {
        List<Vector3D> shared = new ArrayList<>();
        for (Polyhedron.Facet face : head.on(Surface.FACE)) {
            for (Vector3D corner : face.corners()) {
                for (HalfSpace plane : planes) {
                    if (plane.surface() == other && Math.abs(plane.outside(corner)) < 1e-7) {
                        shared.add(corner);
                    }
                }
            }
        }
        return shared;
    }

    private double edgeLength(Surface flank) {
        List<Vector3D> ends = edgeWithFace(flank);
        double longest = 0;
        for (Vector3D a : ends) {
            for (Vector3D b : ends) {
                longest = Math.max(longest, a.distance(b));
            }
        }
        return longest;
    }

    /** With a lead the side edge runs out at the blank's side; grinding it back further would only thin the bit. */
    private static double sideEdgeReach(Wedge wedge, Blank blank, double groundLengthMm) {
        double lead = wedge.signature(Frame.IN_HAND).sideCuttingEdge();
        return lead <= 0 ? groundLengthMm : Math.min(groundLengthMm, 0.4 * blank.widthMm() / Math.tan(lead));
    }

    private static Polyhedron asBought(Blank blank, double groundLengthMm) {
        double half = blank.widthMm() / 2;
        Polyhedron box = Polyhedron.box(-half, half, -groundLengthMm, 0, 0, blank.heightMm());
        if (blank.bought().isEmpty()) {
            return box;
        }
        Wedge wedge = Wedge.of(ToolSignature.of(blank.bought().get()));
        double tip = blank.tip().map(Blank.Tip::lengthMm).orElse(groundLengthMm);
        double reach = Math.min(groundLengthMm, tip);
        return box.cut(cleanedUp(Surface.BLANK, wedge.face(), box, reach, 0))
                .cut(cleanedUp(Surface.BLANK, wedge.endFlank(), box, reach, 0))
                .cut(cleanedUp(
                        Surface.BLANK, wedge.sideFlank(), box, Math.min(reach, sideEdgeReach(wedge, blank, reach)), 0));
    }

    /** The plane of this direction that just cleans up the stock's surface on that side, over the reach. */
    private static HalfSpace cleanedUp(
            Surface surface, Vector3D normal, Polyhedron stock, double reachMm, double extraMm) {
        HalfSpace within = new HalfSpace(Surface.RUN_OUT, Vector3D.MINUS_J, reachMm);
        double least = Double.POSITIVE_INFINITY;
        Polyhedron part = stock.cut(within);
        for (Polyhedron.Facet facet : part.facets()) {
            if (facet.surface() != Surface.RUN_OUT && facesTheSameWay(facet.normal(), normal)) {
                for (Vector3D corner : facet.corners()) {
                    least = Math.min(least, Products.dot(corner, normal));
                }
            }
        }
        return new HalfSpace(surface, normal, least - extraMm * Math.abs(normal.getY()));
    }

    private static boolean facesTheSameWay(Vector3D facet, Vector3D wanted) {
        Vector3D axis = Math.abs(wanted.getZ()) > 0.5
                ? Vector3D.PLUS_K
                : wanted.getY() > Math.abs(wanted.getX()) ? Vector3D.PLUS_J : Vector3D.MINUS_I;
        double along = Products.dot(facet, axis);
        return along > 0.7;
    }

    private static Vector3D meeting(HalfSpace a, HalfSpace b, HalfSpace c) {
        Vector3D bc = Products.cross(b.normal(), c.normal());
        double det = Products.dot(a.normal(), bc);
        return new Vector3D(
                a.offsetMm() / det,
                bc,
                b.offsetMm() / det,
                Products.cross(c.normal(), a.normal()),
                c.offsetMm() / det,
                Products.cross(a.normal(), b.normal()));
    }

    private static List<HalfSpace> nosePlanes(Wedge wedge, Vector3D point, int count) {
        double r = wedge.noseRadiusMm();
        if (r <= 0) {
            return List.of();
        }
        Vector3D s = wedge.sideFlank();
        Vector3D e = wedge.endFlank();
        double sLevel = Math.hypot(s.getX(), s.getY());
        double eLevel = Math.hypot(e.getX(), e.getY());
        double sx = s.getX() / sLevel;
        double sy = s.getY() / sLevel;
        double ex = e.getX() / eLevel;
        double ey = e.getY() / eLevel;
        // Centre of the level circle through the point's height: r inside both flanks' level traces.
        double det = sx * ey - sy * ex;
        double cx = point.getX() + (-r * ey + r * sy) / det;
        double cy = point.getY() + (-sx * r + ex * r) / det;
        Vector3D[] normals = wedge.noseFlanks(count);
        List<HalfSpace> planes = new ArrayList<>();
        for (int i = 1; i < normals.length - 1; i++) {
            Vector3D n = normals[i];
            double level = Math.hypot(n.getX(), n.getY());
            Vector3D touch = new Vector3D(cx + r * n.getX() / level, cy + r * n.getY() / level, point.getZ());
            planes.add(new HalfSpace(Surface.NOSE, n, Products.dot(n, touch)));
        }
        return planes;
    }

    private static double deepest(Polyhedron stock, HalfSpace plane) {
        double most = 0;
        for (Polyhedron.Facet facet : stock.facets()) {
            for (Vector3D corner : facet.corners()) {
                most = Math.max(most, plane.outside(corner));
            }
        }
        return most;
    }
}
