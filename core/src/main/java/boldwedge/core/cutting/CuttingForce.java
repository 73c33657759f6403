package boldwedge.core.cutting;

import boldwedge.core.stock.WorkMaterial;

/**
 * Force on the tool, by Kienzle along the engaged edge: each element of edge, of length ds under a chip of thickness h,
 * takes kc1.1 · h^(1−mc) · ds along the cut, corrected for rake, and a push of that times tan(β − γn) square to itself in
 * the plane of the edge (Merchant's force circle with mean friction angle β). On the straight edge all elements push the
 * same way; on the nose the push turns towards the work's axis, which is why a cut shallower than the nose is nearly all
 * push.
 *
 * @param cuttingN along the cut, N (Fc)
 * @param feedN against the feed, N (Ff)
 * @param pushN square to the finished surface, pushing tool and work apart, N (Fp)
 * @param chipAreaMm2 area of chip actually cut, mm²
 * @param thickestMm thickest place of the chip, mm
 * @param edgeMm engaged length of edge, mm
 */
public record CuttingForce(
        double cuttingN, double feedN, double pushN, double chipAreaMm2, double thickestMm, double edgeMm) {
    /** Cutting force falls by this share per degree of rake over the reference (Klocke, Fertigungsverfahren 1: 1.5 %/°). */
    public static final double RAKE_PER_DEGREE = 0.015;

    /** Kienzle's law holds down to about this chip thickness, mm; below it the force per area grows faster. */
    public static final double THIN_CHIP_MM = 0.01;

    private static final double FRICTION_PER_RAKE = 0.5;

    private static final int ARC_PARTS = 24;

    /** Nothing is cut. */
    public static final CuttingForce NONE = new CuttingForce(0, 0, 0, 0, 0, 0);

    /**
     * Works out the force.
     *
     * @param work the material
     * @param edge the edge in use
     * @param normalRake γn of the leading edge in use, radians
     * @param depthMm depth of cut, mm
     * @param feedMm feed per revolution, mm
     */
    public static CuttingForce of(
            WorkMaterial work, EdgeProfile edge, double normalRake, double depthMm, double feedMm) {
        return of(work, edge, normalRake, depthMm, feedMm, ARC_PARTS);
    }

    static CuttingForce of(
            WorkMaterial work, EdgeProfile edge, double normalRake, double depthMm, double feedMm, int arcParts) {
        if (depthMm <= 0 || feedMm <= 0) {
            return NONE;
        }
        double r = edge.noseRadiusMm();
        double lead = Math.min(edge.leading(), Math.PI / 2);
        double arcDepth = r * (1 - Math.cos(lead));
        Sum sum = new Sum(work, rakeFactor(work, normalRake), pushRatio(work, normalRake));
        if (r > 0) {
            double last = depthMm < arcDepth ? Math.acos(1 - depthMm / r) : lead;
            double first = -Math.min(Math.asin(Math.min(1, feedMm / (2 * r))), Math.max(0, edge.trailing()));
            double part = (last - first) / arcParts;
            for (int i = 0; i < arcParts; i++) {
                double at = first + (i + 0.5) * part;
                // Near the free surface the chip ends there, not at the last mark.
                double toSurface = r - (r - depthMm) / Math.cos(at);
                double chip = Math.min(arcChip(r, feedMm, at), toSurface);
                // The chip's breadth is that of its middle, which lies nearer the nose's centre than the edge does.
                sum.add(chip, (r - chip / 2) * part, at);
            }
        }
        if (depthMm > arcDepth) {
            double length = (depthMm - arcDepth) / Math.sin(lead);
            sum.add(feedMm * Math.sin(lead), length, edge.leading());
        }
        return new CuttingForce(sum.cutting, sum.feed, sum.push, sum.area, sum.thickest, sum.edge);
    }

    /**
     * How much the push grows per mm that the edge moves into the work while the wave of the turn before stands still, N/mm:
     * the directional cutting stiffness of regenerative chatter. Σ (1 − mc) kc1.1 h^(−mc) · Kγ · tan(β − γn) · cos²φ · ds over
     * the edge that cuts what the turn before left, φ from the radius; h not below {@link #THIN_CHIP_MM}, under which Kienzle's
     * law is not tabled. A straight edge at κr = 90° adds nothing: it does not feel a radial wave.
     *
     * @see #of for the parameters
     */
    public static double directionalStiffness(
            WorkMaterial work, EdgeProfile edge, double normalRake, double depthMm, double feedMm) {
        if (depthMm <= 0 || feedMm <= 0) {
            return 0;
        }
        double r = edge.noseRadiusMm();
        double lead = Math.min(edge.leading(), Math.PI / 2);
        double arcDepth = r * (1 - Math.cos(lead));
        double sum = 0;
        if (r > 0) {
            double last = depthMm < arcDepth ? Math.acos(1 - depthMm / r) : lead;
            double first = -Math.min(Math.asin(Math.min(1, feedMm / (2 * r))), Math.max(0, edge.trailing()));
            double part = (last - first) / ARC_PARTS;
            for (int i = 0; i < ARC_PARTS; i++) {
                double at = first + (i + 0.5) * part;
                double chip = arcChip(r, feedMm, at);
                double toSurface = r - (r - depthMm) / Math.cos(at);
                if (chip > 0 && chip <= toSurface) {
                    sum += tangent(work, chip) * Math.cos(at) * Math.cos(at) * r * part;
                }
            }
        }
        if (depthMm > arcDepth) {
            double across = Math.cos(edge.leading());
            double length = (depthMm - arcDepth) / Math.sin(lead);
            sum += tangent(work, feedMm * Math.sin(lead)) * across * across * length;
        }
        return sum * rakeFactor(work, normalRake) * Math.max(0, pushRatio(work, normalRake));
    }

    /** Slope of Kienzle's law at a chip thickness, N/mm². */
    private static double tangent(WorkMaterial work, double chip) {
        return (1 - work.mc()) * work.kc11MPa() * Math.pow(Math.max(chip, THIN_CHIP_MM), -work.mc());
    }

    /** Correction for rake: 1 − 0.015 per degree over the reference, held between 0.5 and 1.6. */
    public static double rakeFactor(WorkMaterial work, double normalRake) {
        double degrees = Math.toDegrees(normalRake - work.referenceRakeRad());
        return Math.clamp(1 - RAKE_PER_DEGREE * degrees, 0.5, 1.6);
    }

    /**
     * Push over cutting force: tan(β − γn); below zero the tool is drawn in (Merchant; Boothroyd &amp; Knight ch. 2).
     */
    public static double pushRatio(WorkMaterial work, double normalRake) {
        return Math.tan(Math.clamp(frictionAngle(work, normalRake) - normalRake, -0.5, 1.2));
    }

    /**
     * Mean friction angle at a rake, radians: the tabled one at the table's rake, and half a degree more for each degree of
     * rake, because a keener face is pressed less and so rubs relatively harder (trend of the orthogonal cutting tests in
     * Boothroyd &amp; Knight ch. 2).
     */
    public static double frictionAngle(WorkMaterial work, double normalRake) {
        return work.frictionRad().chosen() + FRICTION_PER_RAKE * (normalRake - work.referenceRakeRad());
    }

    /** Power at the edge, W: force in N times surface speed in m/min over 60. */
    public double powerWatt(double surfaceSpeed) {
        return cuttingN * surfaceSpeed / 60;
    }

    /** Mean chip thickness: area over engaged edge, mm. */
    public double meanChipMm() {
        return edgeMm > 0 ? chipAreaMm2 / edgeMm : 0;
    }

    /** Chip thickness on the nose at angle φ ahead of its lowest point, exact for two equal arcs a feed apart. */
    private static double arcChip(double r, double feed, double phi) {
        double along = feed * Math.sin(phi);
        double across = feed * Math.cos(phi);
        double inside = r * r - across * across;
        return inside <= 0 ? Math.max(0, r + along) : Math.max(0, r + along - Math.sqrt(inside));
    }

    private static final class Sum {
        private final WorkMaterial work;
        private final double rakeFactor;
        private final double pushRatio;
        private double cutting;
        private double feed;
        private double push;
        private double area;
        private double thickest;
        private double edge;

        Sum(WorkMaterial work, double rakeFactor, double pushRatio) {
            this.work = work;
            this.rakeFactor = rakeFactor;
            this.pushRatio = pushRatio;
        }

        void add(double chip, double length, double direction) {
            if (chip <= 0) {
                return;
            }
            double force = work.kc11MPa() * rakeFactor * Math.pow(chip, 1 - work.mc()) * length;
            cutting += force;
            feed += force * pushRatio * Math.sin(direction);
            push += force * pushRatio * Math.cos(direction);
            area += chip * length;
            thickest = Math.max(thickest, chip);
            edge += length;
        }
    }
}
