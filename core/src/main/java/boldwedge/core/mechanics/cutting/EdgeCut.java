package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.OptionalDouble;

/**
 * A single-point edge in use: the feed and speed it runs at, and what comes of them. Every family that cuts with such an edge has one
 * and asks it the same questions, so that the same situation gets the same answer everywhere.
 *
 * @param at what it is set to do
 * @param profile the edge seen square to the cut, in use
 * @param normalRake γn of the leading edge in use, radians
 * @param feedChoice the feed that the finish allows
 * @param feedMm feed taken, mm/rev
 * @param speedChoice the speed that the materials allow
 * @param rpm spindle speed taken
 * @param force force on the tool
 * @param finish the marks it leaves
 * @param smallestChipMm smallest chip that this edge shaves, stoned to worn, mm
 */
public record EdgeCut(
        Situation at,
        EdgeProfile profile,
        double normalRake,
        FeedChoice feedChoice,
        double feedMm,
        SpeedChoice speedChoice,
        double rpm,
        CuttingForce force,
        Finish finish,
        Span smallestChipMm) {

    /** A torn surface is rougher than a clean one by this share at the most (ours; docs/formulas.md). */
    private static final double TORN = 1.3;

    /**
     * What an edge is set to do.
     *
     * @param lathe the machine
     * @param work what is cut
     * @param tool what cuts
     * @param depthMm depth of cut, mm
     * @param raMm finish wanted, Ra in mm
     * @param diameterMm diameter at which the cut is fastest, mm
     * @param typedFeedMm feed where it was typed, mm/rev
     * @param typedRpm spindle speed where it was typed
     */
    public record Situation(
            Lathe lathe,
            WorkMaterial work,
            ToolMaterial tool,
            double depthMm,
            double raMm,
            double diameterMm,
            OptionalDouble typedFeedMm,
            OptionalDouble typedRpm) {
        /** The feed that the finish allows, up to a coarsest one, with an edge that is not fed yet. */
        public FeedChoice feedFor(EdgeProfile unfed, double coarsestMm) {
            return FeedChoice.forFinish(unfed, raMm, coarsestMm, lathe.feedsMm());
        }

        /** The edge's own force. */
        public EdgePress press() {
            return EdgePress.of(tool, work);
        }

        /** Power at the spindle, W: the motor's less what the drive takes. */
        public double availableWatt() {
            return lathe.spindleWatt();
        }
    }

    /**
     * Works a cut out.
     *
     * @param at what the edge is set to do
     * @param feedChoice the feed that the finish allows; taken where none was typed
     * @param profile the edge in use, leaned by that feed
     * @param normalRake γn of the leading edge in use, radians
     */
    public static EdgeCut of(Situation at, FeedChoice feedChoice, EdgeProfile profile, double normalRake) {
        double feed = at.typedFeedMm().orElse(feedChoice.feedMm());
        SpeedChoice speed = SpeedChoice.of(
                at.work().surfaceSpeed(at.tool()),
                at.diameterMm(),
                at.lathe().speeds(),
                at.tool().taylorExponent());
        return new EdgeCut(
                at,
                profile,
                normalRake,
                feedChoice,
                feed,
                speed,
                at.typedRpm().orElse(speed.rpm()),
                CuttingForce.of(at.work(), at.press(), profile, normalRake, at.depthMm(), feed),
                Finish.of(profile, feed),
                smallestChip(at.tool()));
    }

    /** Smallest chip that an edge of this material shaves, mm: a share of its radius; stoned, as ground, worn. */
    public static Span smallestChip(ToolMaterial tool) {
        Span radius = tool.edgeRadiusMm();
        Span share = tool.minimumChipShare();
        return new Span(radius.low() * share.low(), radius.chosen() * share.chosen(), radius.high() * share.high());
    }

    /** Surface speed where the cut is fastest, m/min: πDn. */
    public double surfaceSpeed() {
        return SpeedChoice.surfaceSpeed(rpm, at.diameterMm());
    }

    /** Power at the edge, W. */
    public double powerWatt() {
        return force.powerWatt(surfaceSpeed());
    }

    /**
     * How strongly metal builds up on the edge here and tears off, 0 to 1: as the material does, most at low speed and gone towards the top of
     * the range (trend in Boothroyd &amp; Knight ch. 3; the line is ours).
     */
    public double buildsUp() {
        return at.work().builtUp()
                * slowness(surfaceSpeed(), at.work().surfaceSpeed(at.tool()).low());
    }

    /**
     * How much of what a material can build up shows at a speed, 0 to 1.
     *
     * @param speed surface speed
     * @param slowestGood low end of the range for work and tool, in the same unit
     */
    public static double slowness(double speed, double slowestGood) {
        return Math.clamp(1.25 - 0.7 * speed / slowestGood, 0, 1);
    }

    /** Finish where the edge builds up and tears, Ra in mm: up to a bit over twice the likely one. */
    public double tornRaMm() {
        return likelyRaMm() * (1 + TORN * buildsUp());
    }

    /** Finish that is likely measured, Ra in mm: the marks and what usually adds to them. */
    public double likelyRaMm() {
        return finish.raMm() * Finish.USUAL_OVER_THEORY;
    }
}
