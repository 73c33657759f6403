package boldwedge.core.families.turning.model;

import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Influence;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.List;

/**
 * What may be other than reckoned in a turned cut, as influences on its diameters at two places.
 *
 * @param cut the cut as it was run
 * @param nearMm from the chuck, or the headstock's centre, to the place near it
 * @param farMm to the far place
 */
public record TurningInfluences(TurningCut cut, double nearMm, double farMm) {
    /** Of a spring reckoned from the lathe's size. */
    private static final double ASSUMED_SPREAD = 0.35;
    /** Of a chuck's turning of which nothing is known: the assumption is good to a factor of three or so. */
    private static final double UNKNOWN_TURNING = 0.7;

    private static final double BAD_TURNING = 2;
    private static final double MEASURED_TURNING = 0.1;

    /** All of them; how warm it felt tells how much of a size is warmth. */
    public List<Influence> all(Measured.Warmth felt) {
        TurningJob job = cut.job();
        List<Influence> all = new ArrayList<>();
        double near = errorAt(nearMm);
        double far = errorAt(farMm);
        double stiffness = TurningCut.Stiffness.of(job.lathe()).assumed() ? ASSUMED_SPREAD : 0;
        all.add(UsualFaults.spring(near, far, job.work().spread(), stiffness));
        if (job.operation() == Operation.FACE) {
            all.add(UsualFaults.dial());
            all.add(UsualFaults.warmth(job.finishedMm(), job.work().expansionPerK(), felt));
            return List.copyOf(all);
        }
        if (job.hold() != Hold.BETWEEN_CENTRES) {
            all.add(turning(near, far));
        }
        all.add(axis());
        all.add(dial());
        EdgeCut cutting = cut.cutting();
        double over =
                cutting.surfaceSpeed() / job.work().surfaceSpeed(job.tool()).high();
        all.add(UsualFaults.wear(2, 0, over));
        all.add(UsualFaults.warmth(job.finishedMm(), job.work().expansionPerK(), felt));
        return List.copyOf(all);
    }

    private Influence axis() {
        TurningJob job = cut.job();
        return job.hold() == Hold.CHUCK
                ? UsualFaults.taught(
                        UsualFaults.head(nearMm, farMm), job.lessons().of(Calibration.Of.HEAD))
                : UsualFaults.taught(
                        UsualFaults.tail(nearMm, farMm, job.freeLengthMm()),
                        job.lessons().of(Calibration.Of.TAIL));
    }

    private Influence dial() {
        return UsualFaults.taught(UsualFaults.dial(), cut.job().lessons().of(Calibration.Of.DIAL));
    }

    /** What trials have taught of axis and dial adds so much to the diameter in the middle of the cut, mm; nothing untaught. */
    public double taughtEvenMm() {
        if (cut.job().operation() == Operation.FACE) {
            return 0;
        }
        Influence axis = axis();
        return dial().middle() + axis.middle() * (axis.nearMm() + axis.farMm()) / 2;
    }

    /** What the chuck's turning adds to the two diameters as reckoned, mm: near, far; nothing between centres. */
    public JointFit.Made turned() {
        return cut.job().hold() == Hold.BETWEEN_CENTRES
                ? new JointFit.Made(0, 0)
                : new JointFit.Made(errorAt(nearMm) * tiltShareAt(nearMm), errorAt(farMm) * tiltShareAt(farMm));
    }

    private Influence turning(double near, double far) {
        TurningJob job = cut.job();
        double nearTurns = near * tiltShareAt(nearMm);
        double farTurns = far * tiltShareAt(farMm);
        if (job.lathe().chuckTilt().isPresent()) {
            return Influence.usual(UsualFaults.TURNING, nearTurns, farTurns, 0, MEASURED_TURNING);
        }
        if (job.taught().trials() > 0) {
            return Influence.usual(
                    UsualFaults.TURNING, nearTurns, farTurns, 0, job.taught().spread());
        }
        return new Influence(
                UsualFaults.TURNING, nearTurns, farTurns, 0, UNKNOWN_TURNING, BAD_TURNING, UsualFaults.CHANCE);
    }

    /** What part of the give at a place is the chuck's turning. */
    private double tiltShareAt(double fromChuckMm) {
        WorkHolding held = cut.holding();
        double all = held.complianceAt(fromChuckMm);
        double stiff = held.turning(Double.POSITIVE_INFINITY).complianceAt(fromChuckMm);
        return all <= 0 ? 0 : Math.clamp(1 - stiff / all, 0, 1);
    }

    /** Error on the diameter by spring at a distance from the chuck, mm; between the stations in proportion. */
    public double errorAt(double fromChuckMm) {
        List<PushOff.At> at = cut.pushOff().stations();
        for (int i = 1; i < at.size(); i++) {
            double x0 = at.get(i - 1).fromChuckMm();
            double x1 = at.get(i).fromChuckMm();
            if (fromChuckMm <= x1 && x1 > x0) {
                double t = Math.clamp((fromChuckMm - x0) / (x1 - x0), 0, 1);
                return (1 - t) * at.get(i - 1).diameterErrorMm() + t * at.get(i).diameterErrorMm();
            }
        }
        return at.getLast().diameterErrorMm();
    }
}
