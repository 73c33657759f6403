package boldwedge.core.trial;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What two diameters of a trial cut were expected to be; mm.
 *
 * @param setMm diameter that the tool was first set to, the middle of the tolerance
 * @param nearErrorMm what spring, as reckoned, adds to the first diameter; below 0 in a hole
 * @param farErrorMm the same of the second
 * @param movedNearMm what was dialled and moved since the tool was set adds to the first
 * @param movedFarMm the same of the second
 * @param influences what may be other than reckoned
 */
public record SizePrediction(
        double setMm,
        double nearErrorMm,
        double farErrorMm,
        double movedNearMm,
        double movedFarMm,
        List<Influence> influences) {
    /** So many of all cuts come out within a stated band. */
    public static final double BAND = 0.93;

    /** Even part of the error by spring, mm. */
    public double evenMm() {
        return (nearErrorMm + farErrorMm) / 2;
    }

    /** The second error by spring over the first, mm. */
    public double taperMm() {
        return farErrorMm - nearErrorMm;
    }

    /** What is expected of the influences is part of what is predicted. */
    private double expected(ToDoubleFunction<Influence> of) {
        return influences.stream()
                .mapToDouble(one -> one.middle() * of.applyAsDouble(one))
                .sum();
    }

    /** First diameter as it is expected to be read, mm. */
    public double nearMm() {
        return setMm + movedNearMm + nearErrorMm + expected(Influence::nearMm);
    }

    /** Second diameter as it is expected to be read, mm. */
    public double farMm() {
        return setMm + movedFarMm + farErrorMm + expected(Influence::farMm);
    }

    /** What was seen over what was set. */
    public JointFit.Made seen(double nearReadMm, double farReadMm) {
        return new JointFit.Made(nearReadMm - setMm - movedNearMm, farReadMm - setMm - movedFarMm);
    }

    private double noiseMm() {
        return UsualFaults.noiseMm(Math.max(Math.abs(nearErrorMm), Math.abs(farErrorMm)));
    }

    /**
     * All that may be other than reckoned, fitted to what was read.
     *
     * @param nearReadMm first diameter read, mm
     * @param farReadMm second
     */
    public JointFit fitted(double nearReadMm, double farReadMm) {
        return JointFit.of(
                influences,
                nearReadMm - setMm - movedNearMm - nearErrorMm,
                farReadMm - setMm - movedFarMm - farErrorMm,
                noiseMm());
    }

    /** Half the stated band about the first diameter, mm. */
    public double nearBandMm() {
        return JointFit.band(influences, Influence::nearMm, noiseMm(), BAND);
    }

    /** Half the stated band about the second diameter, mm. */
    public double farBandMm() {
        return JointFit.band(influences, Influence::farMm, noiseMm(), BAND);
    }

    /** Half the stated band about the taper, mm. */
    public double taperBandMm() {
        return JointFit.band(influences, Influence::taperMm, Math.sqrt(2) * noiseMm(), BAND);
    }
}
