package boldwedge.core.families.boring.model;

import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.FlankDamping;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.cutting.WaveGrowth;
import boldwedge.core.mechanics.rigidity.Stability;
import java.util.function.ToDoubleFunction;

/**
 * From which depth a bar sings, over the spindle speed: how it stands, how the edge answers waves, and what damps them.
 *
 * @param mode the bar's first mode, bare
 * @param growth how the edge answers waves
 * @param own damping ratio of the bar
 * @param flankNPerMm coefficient of the flank's damping
 * @param diameterMm of the hole
 */
record Singing(Stability mode, WaveGrowth growth, Span own, Span flankNPerMm, double diameterMm) {
    /** Of a job; a damping that was measured or typed leaves no doubt of the bar's own. */
    static Singing of(BoreJob job, Stability mode, WaveGrowth growth, double normalClearance) {
        Span own = job.damping().isPresent()
                ? new Span(mode.damping(), mode.damping(), mode.damping())
                : job.barMaterial().damping();
        return new Singing(mode, growth, own, FlankDamping.of(job.work(), normalClearance), job.finishedMm());
    }

    /** The band before anything was heard. */
    BoreCut.Quiet quiet(double rpm) {
        return new BoreCut.Quiet(
                from(Span::low, rpm, WaveGrowth.DEEPEST_MM),
                from(Span::chosen, rpm, WaveGrowth.DEEPEST_MM),
                from(Span::high, rpm, WaveGrowth.DEEPEST_MM));
    }

    /**
     * The depth from which it sings, mm; infinite where it surely lies deeper than is of interest.
     *
     * @param damping which of the possible dampings, of bar and flank
     */
    double from(ToDoubleFunction<Span> damping, double rpm, double deepestMm) {
        Stability bare = new Stability(mode.hz(), mode.stiffnessNPerMm(), damping.applyAsDouble(own));
        double mmPerSecond = SpeedChoice.surfaceSpeed(rpm, diameterMm) * 1000 / 60;
        double flankPerMmSpeed = damping.applyAsDouble(flankNPerMm) / mmPerSecond;
        return growth.depthWhere(
                new WaveGrowth.Limit() {
                    @Override
                    public double at(double flankMm) {
                        return bare.damped(flankPerMmSpeed * flankMm).limitAt(rpm);
                    }

                    @Override
                    public double neverBelow(double flankMm) {
                        return bare.damped(flankPerMmSpeed * flankMm).absoluteLimit();
                    }
                },
                deepestMm);
    }
}
