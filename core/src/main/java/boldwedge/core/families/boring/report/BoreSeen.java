package boldwedge.core.families.boring.report;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.SizePrediction;
import java.util.OptionalDouble;

/**
 * A bored trial as it was run, and what was seen of it; mm.
 *
 * @param cut the cut as it was run
 * @param predicted what was expected of its diameters, the mouth first
 * @param mouth diameter read there
 * @param bottom diameter read there
 * @param finish Ra in µm, if it was measured
 * @param sound how it sounded
 * @param warmth how warm it felt
 * @param dialled what was dialled since the point was first set, on the diameter
 * @param swung taper that was swung since, the bottom over the mouth, on the diameter
 */
record BoreSeen(
        BoreCut cut,
        SizePrediction predicted,
        double mouth,
        double bottom,
        OptionalDouble finish,
        Measured.Sound sound,
        Measured.Warmth warmth,
        double dialled,
        double swung) {
    /** What its diameter grows by a kelvin, mm. */
    double grows() {
        return cut.job().finishedMm() * cut.job().work().expansionPerK();
    }

    boolean isHiddenByWarmth() {
        return warmth.hidesTheSize(grows(), cut.job().allowedErrorMm());
    }

    /** All that may be other than reckoned, fitted to what was read. */
    JointFit fitted() {
        return predicted.fitted(mouth, bottom);
    }
}
