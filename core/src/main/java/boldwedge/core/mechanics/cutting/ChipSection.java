package boldwedge.core.mechanics.cutting;

/**
 * The section of the chip that one turn takes: what lies between the edge as it stands and where it stood a feed before, under the
 * uncut surface. It is shared out along the edge. On the nose a share reaches square to the edge to the last mark, to the free
 * surface or to the nose's centre, whichever is nearest; on a straight edge to the last mark, and near a small nose no further
 * than the line that halves the wedge, past which it is nearer to the other edge. The shares are then scaled so that their sum
 * is the exact area, feed times depth less what the cusp keeps; for feeds under the nose radius the scale is within a few
 * parts in a hundred of 1.
 *
 * <p>An edge past square (κr over 90°) is taken as square for the shape. Radians, mm.
 */
final class ChipSection {
    private static final int FLANK_PARTS = 6;
    /** Room for a nose in 24 parts between two straight edges. */
    private static final int USUAL_PARTS = 24 + 2 * FLANK_PARTS + 1;

    private final double feed;
    private final double r;
    private final double lead;
    private final double leadSin;
    private final double leadCos;
    private final double trail;
    private final EdgeProfile.Outline outline;
    private final EdgeProfile.Meeting meeting;
    /** Growth along a straight edge of the way to the line that halves the wedge. */
    private final double towardsHalf;

    private double[] chip = new double[USUAL_PARTS];
    private double[] breadth = new double[USUAL_PARTS];
    private double[] length = new double[USUAL_PARTS];
    private double[] direction = new double[USUAL_PARTS];
    private boolean[] facesMark = new boolean[USUAL_PARTS];
    private int count;
    private double area;

    /** What takes the shares one after the other. */
    interface Share {
        /**
         * A share of the chip.
         *
         * @param chipMm its thickness
         * @param breadthMm its area over its thickness
         * @param edgeMm the length of edge that takes it
         * @param direction of the edge there: the angle of its tangent with the feed
         * @param facesMark whether it reaches to the mark of the turn before
         */
        void take(double chipMm, double breadthMm, double edgeMm, double direction, boolean facesMark);
    }

    ChipSection(EdgeProfile edge, double feedMm) {
        feed = feedMm;
        outline = edge.outline();
        r = edge.noseRadiusMm();
        lead = Math.min(edge.leading(), Math.PI / 2);
        leadSin = Math.sin(lead);
        leadCos = Math.cos(lead);
        trail = Math.max(0, edge.trailing());
        meeting = outline.meeting(feedMm);
        towardsHalf = Math.tan((Math.PI - lead - trail) / 2);
    }

    /** Exact area of the section at a depth, mm². */
    double areaMm2(double depth) {
        if (depth >= meeting.peakMm()) {
            return feed * depth - meeting.belowMm2();
        }
        // Shallower than the cusp: the last mark is not met at all.
        double ahead = outline.reachAt(depth, true);
        double behind = outline.reachAt(depth, false);
        return depth * (ahead + behind) - (outline.areaTo(ahead) - outline.areaTo(-behind));
    }

    /** Shares it out: the nose in so many parts. */
    void share(double depth, int noseParts, double leading, Share to) {
        count = 0;
        area = 0;
        double behind = depth >= meeting.peakMm() ? feed - meeting.aheadMm() : outline.reachAt(depth, false);
        trailing(depth, behind);
        nose(depth, behind, noseParts);
        leading(depth, leading);
        double scale = area > 0 ? areaMm2(depth) / area : 0;
        for (int i = 0; i < count; i++) {
            to.take(chip[i], breadth[i] * scale, length[i], direction[i], facesMark[i]);
        }
    }

    private void trailing(double depth, double behind) {
        double past = behind - outline.trailJoint();
        if (past <= 0) {
            return;
        }
        double sin = Math.sin(trail);
        double cos = Math.cos(trail);
        double part = past / cos / FLANK_PARTS;
        for (int i = 0; i < FLANK_PARTS; i++) {
            double along = (i + 0.5) * part;
            double height = outline.trailHeight() + along * sin;
            double most = Math.min(r + along * towardsHalf, (depth - height) / cos);
            double mark = toMark(-outline.trailJoint() - along * cos, height, -sin, cos);
            add(Math.min(mark, most), part, part, -trail, mark <= most);
        }
    }

    private void nose(double depth, double behind, int parts) {
        if (r <= 0) {
            return;
        }
        double last = depth < outline.leadHeight() ? Math.acos(1 - depth / r) : lead;
        double first = behind < outline.trailJoint() ? -Math.asin(Math.min(1, behind / r)) : -trail;
        double part = (last - first) / parts;
        for (int i = 0; i < parts; i++) {
            double at = first + (i + 0.5) * part;
            double sin = Math.sin(at);
            double cos = Math.cos(at);
            double mark = toMark(r * sin, r * (1 - cos), sin, cos);
            double most = Math.min(r, r - (r - depth) / cos);
            double reach = Math.min(mark, most);
            // The share's breadth is that of its middle, which lies nearer the nose's centre than the edge does.
            add(reach, (r - reach / 2) * part, r * part, at, mark <= most);
        }
    }

    /**
     * From a place on the edge, square to it, to the last mark: its arc, or past that its straight edge; infinite where the way leads
     * off from it.
     *
     * @param sin of the edge's direction there
     * @param cos of it
     */
    private double toMark(double u, double height, double sin, double cos) {
        double acrossNormal = -sin;
        double alongNormal = cos;
        // From the centre of the last mark's nose.
        double du = u + feed;
        double dh = height - r;
        double towards = du * acrossNormal + dh * alongNormal;
        double outside = du * du + dh * dh - r * r;
        double root = towards * towards - outside;
        if (r > 0 && root >= 0 && towards < 0) {
            double way = Math.max(0, -towards - Math.sqrt(root));
            double across = du + way * acrossNormal;
            // Whether it is met on the arc: no further round than the joint with the straight edge.
            if (across <= 0 || across * leadCos <= -(dh + way * alongNormal) * leadSin) {
                return way;
            }
        }
        double meets = leadCos * cos + leadSin * sin;
        return meets <= 1e-12 ? Double.POSITIVE_INFINITY : Math.max(0, (du * leadSin - dh * leadCos - r) / meets);
    }

    private void leading(double depth, double towards) {
        if (depth <= outline.leadHeight()) {
            return;
        }
        double all = (depth - outline.leadHeight()) / Math.sin(lead);
        double full = feed * Math.sin(lead);
        double narrow = Math.clamp((full - r) / towardsHalf, 0, all);
        double part = narrow / FLANK_PARTS;
        for (int i = 0; part > 0 && i < FLANK_PARTS; i++) {
            add(r + (i + 0.5) * part * towardsHalf, part, part, towards, false);
        }
        if (all > narrow) {
            add(full, all - narrow, all - narrow, towards, true);
        }
    }

    private void add(double thick, double broad, double edge, double towards, boolean mark) {
        if (thick <= 0 || broad <= 0) {
            return;
        }
        if (count == chip.length) {
            grow();
        }
        chip[count] = thick;
        breadth[count] = broad;
        length[count] = edge;
        direction[count] = towards;
        facesMark[count++] = mark;
        area += thick * broad;
    }

    private void grow() {
        int more = 2 * chip.length;
        chip = java.util.Arrays.copyOf(chip, more);
        breadth = java.util.Arrays.copyOf(breadth, more);
        length = java.util.Arrays.copyOf(length, more);
        direction = java.util.Arrays.copyOf(direction, more);
        facesMark = java.util.Arrays.copyOf(facesMark, more);
    }
}
