package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;

/**
 * Force on the tool, by Kienzle along the engaged edge: each element of edge, of breadth ds under a chip of thickness h (how the chip is shared out
 * stands in {@code ChipSection}), takes kc1.1 · h^(1−mc) · ds along the cut, corrected for rake, and a push of that times tan(β − γn) square to itself in
 * the plane of the edge (Merchant's force circle with mean friction angle β). To both comes the edge's own force ({@link EdgePress}). On the straight edge all elements push the
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
        return of(work, EdgePress.NONE, edge, normalRake, depthMm, feedMm);
    }

    /** The same with the edge's own force, which is there however thin the chip. */
    public static CuttingForce of(
            WorkMaterial work, EdgePress press, EdgeProfile edge, double normalRake, double depthMm, double feedMm) {
        return of(work, press, edge, normalRake, depthMm, feedMm, ARC_PARTS);
    }

    static CuttingForce of(
            WorkMaterial work,
            EdgePress press,
            EdgeProfile edge,
            double normalRake,
            double depthMm,
            double feedMm,
            int arcParts) {
        if (depthMm <= 0 || feedMm <= 0) {
            return NONE;
        }
        return of(work, press, edge, new ChipSection(edge, feedMm), normalRake, depthMm, arcParts);
    }

    /** The same with the section of the chip worked out before, for many depths of one feed. */
    static CuttingForce of(
            WorkMaterial work,
            EdgePress press,
            EdgeProfile edge,
            ChipSection section,
            double normalRake,
            double depthMm,
            int arcParts) {
        if (depthMm <= 0) {
            return NONE;
        }
        Sum sum = new Sum(work, press, rakeFactor(work, normalRake), pushRatio(work, normalRake));
        section.share(
                depthMm,
                arcParts,
                edge.leading(),
                (chip, breadth, length, at, mark) -> sum.add(chip, breadth, length, at));
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
        return depthMm <= 0 || feedMm <= 0
                ? 0
                : waves(work, edge, new ChipSection(edge, feedMm), normalRake, depthMm)
                        .stiffnessNPerMm();
    }

    /** Breadth of flank that presses on a wave across the axis: Σ cos²φ ds over the engaged edge, φ from the radius, mm. */
    public static double flankBreadth(EdgeProfile edge, double depthMm, double feedMm) {
        if (depthMm <= 0 || feedMm <= 0) {
            return 0;
        }
        double[] sum = {0};
        new ChipSection(edge, feedMm)
                .share(
                        depthMm,
                        ARC_PARTS,
                        edge.leading(),
                        (chip, breadth, length, at, mark) -> sum[0] += Math.cos(at) * Math.cos(at) * length);
        return sum[0];
    }

    /**
     * What a wave meets at an edge; see {@link #directionalStiffness} and {@link #flankBreadth}.
     *
     * @param stiffnessNPerMm directional cutting stiffness
     * @param flankMm breadth of flank that presses on it
     */
    record Waves(double stiffnessNPerMm, double flankMm) {}

    /** Both in one going over of a section of the chip worked out before; depth and feed above 0. */
    static Waves waves(WorkMaterial work, EdgeProfile edge, ChipSection section, double normalRake, double depthMm) {
        double[] sum = {0, 0};
        section.share(depthMm, ARC_PARTS, edge.leading(), (chip, breadth, length, at, mark) -> {
            double cos = Math.cos(at);
            double flank = cos * cos * length;
            sum[0] += mark ? tangent(work, chip) * flank : 0;
            sum[1] += flank;
        });
        return new Waves(sum[0] * rakeFactor(work, normalRake) * Math.max(0, pushRatio(work, normalRake)), sum[1]);
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

    /**
     * The even chip that would take the same force over the same edge, mm: the mean of h by its power 1 − mc. The edge's own force is left
     * out of it.
     *
     * @param rakeFactor correction for rake that the force was worked out with
     */
    public double evenChipMm(WorkMaterial work, EdgePress press, double rakeFactor) {
        double chips = cuttingN - press.alongNPerMm() * edgeMm;
        return edgeMm > 0 ? Math.pow(chips / (work.kc11MPa() * rakeFactor * edgeMm), 1 / (1 - work.mc())) : 0;
    }

    private static final class Sum {
        private final WorkMaterial work;
        private final EdgePress press;
        private final double rakeFactor;
        private final double pushRatio;
        private double cutting;
        private double feed;
        private double push;
        private double area;
        private double thickest;
        private double edge;

        Sum(WorkMaterial work, EdgePress press, double rakeFactor, double pushRatio) {
            this.work = work;
            this.press = press;
            this.rakeFactor = rakeFactor;
            this.pushRatio = pushRatio;
        }

        void add(double chip, double breadth, double length, double direction) {
            double force = work.kc11MPa() * rakeFactor * Math.pow(chip, 1 - work.mc()) * breadth;
            double square = force * pushRatio + press.acrossNPerMm() * length;
            cutting += force + press.alongNPerMm() * length;
            feed += square * Math.sin(direction);
            push += square * Math.cos(direction);
            area += chip * breadth;
            thickest = Math.max(thickest, chip);
            edge += length;
        }
    }
}
