package boldwedge.core.families.boring.model;

import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Influence;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.SizePrediction;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.List;

/** What may be other than reckoned in a bored hole, as influences on its diameters at the mouth and at the bottom. */
public final class BoreInfluences {
    /** Of a bar reckoned from its size, with its clamp and post. */
    private static final double ASSUMED_SPREAD = 0.4;

    private BoreInfluences() {}

    /**
     * What is expected of the two diameters.
     *
     * @param dialledMm what was dialled since the point was first set, on the diameter, above 0 to make it larger
     * @param swungMm taper that was swung since, the bottom over the mouth, mm on the diameter
     */
    public static SizePrediction predicted(BoreCut cut, double dialledMm, double swungMm, Measured.Warmth felt) {
        BoreJob job = cut.job();
        List<PushOff.At> stations = cut.push().stations();
        double mouth = -stations.getFirst().diameterErrorMm();
        double bottom = -stations.getLast().diameterErrorMm();
        return new SizePrediction(
                job.finishedMm() + job.tolerance().middleMm(),
                mouth,
                bottom,
                dialledMm,
                dialledMm + swungMm,
                influences(cut, mouth, bottom, felt));
    }

    /** What trials have taught of the dial adds so much to the diameter, mm; nothing untaught. */
    public static double taughtDialMm(BoreJob job) {
        return dial(job).middle();
    }

    /** What a bar was tried to be off by has the dial in it. */
    private static Influence dial(BoreJob job) {
        return job.taught().trials() > 0
                ? UsualFaults.dial()
                : UsualFaults.taught(UsualFaults.dial(), job.lessons().of(Calibration.Of.DIAL));
    }

    private static List<Influence> influences(BoreCut cut, double mouth, double bottom, Measured.Warmth felt) {
        BoreJob job = cut.job();
        List<Influence> all = new ArrayList<>();
        double untaught = cut.stiffness().measured() ? 0 : ASSUMED_SPREAD;
        double stiffness = job.taught().trials() > 0 ? job.taught().spread() : untaught;
        all.add(UsualFaults.spring(mouth, bottom, job.work().spread(), stiffness));
        if (job.held() == BarHeld.POST) {
            // The mouth lies furthest from the chuck.
            double out = Math.max(job.stickOutMm(), job.holeDepthMm());
            all.add(UsualFaults.taught(
                    UsualFaults.head(out, out - job.holeDepthMm()),
                    job.lessons().of(Calibration.Of.HEAD)));
        }
        all.add(dial(job));
        double over = cut.cutting().surfaceSpeed()
                / job.work().surfaceSpeed(job.tool()).high();
        all.add(UsualFaults.wear(0, -2, over));
        all.add(UsualFaults.warmth(job.finishedMm(), job.work().expansionPerK(), felt));
        return List.copyOf(all);
    }
}
