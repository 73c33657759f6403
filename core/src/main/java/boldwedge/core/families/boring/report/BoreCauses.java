package boldwedge.core.families.boring.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.JointFit.Made;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.SizePrediction;
import boldwedge.core.trial.UsualFaults;
import java.util.List;

/**
 * What would explain a bored trial. All that may be other than reckoned is fitted together to both readings, and the fit of a cause of size or taper is
 * its share of what was seen.
 *
 * @param say the units to say it in
 */
record BoreCauses(UnitFormat say) {
    /** An even error of this share of what is allowed is asked about. */
    private static final double WORTH_A_CAUSE = 0.6;

    private static final double GAUGE_MM = 0.003;
    /** A built-up edge is one way among others to cut larger than dialled. */
    private static final double BUILT_UP_SHARE = 0.6;

    /**
     * What shares are taken of.
     *
     * @param read what was seen over what was set
     * @param allMm all that was fitted, one after the other, mm
     * @param weight what of its share a cause of size keeps beside what was heard
     */
    private record Shares(Made read, double allMm, double weight) {}

    /** The causes, the likeliest first. */
    List<Cause> of(BoreSeen seen) {
        return CauseRule.ranked(List.of(this::sizes, this::sound), seen.cut(), seen, say)
                .causes();
    }

    /** What was heard alone, where no size was read. */
    List<Cause> ofSigns(BoreSeen seen) {
        return CauseRule.ranked(List.of(this::sound), seen.cut(), seen, say).causes();
    }

    private void sizes(BoreCut cut, BoreSeen seen, Causes found) {
        SizePrediction predicted = seen.predicted();
        double even = (seen.mouth() + seen.bottom()) / 2 - predicted.setMm();
        boolean off = Math.abs(even) > WORTH_A_CAUSE * cut.job().allowedErrorMm()
                || Math.abs(even - predicted.evenMm()) > GAUGE_MM;
        if (!off && Math.abs(seen.mouth() - seen.bottom()) <= GAUGE_MM) {
            return;
        }
        JointFit fit = seen.fitted();
        Made spring = fit.made(UsualFaults.SPRING).plus(predicted.nearErrorMm(), predicted.farErrorMm());
        Made axis = fit.made(UsualFaults.HEAD);
        Made dial = fit.made(UsualFaults.DIAL);
        Made wear = fit.made(UsualFaults.WEAR);
        Made warm = fit.made(UsualFaults.WARMTH);
        double all = spring.size() + axis.size() + dial.size() + wear.size() + warm.size();
        Shares of = new Shares(
                predicted.seen(seen.mouth(), seen.bottom()),
                all,
                seen.sound() == Measured.Sound.QUIET ? 1 : Measured.BEHIND_A_SIGN);
        spring(cut, predicted, spring, of, found);
        share(found, "alignment", "The headstock does not point along the bed", axis, of)
                .says(
                        "%s over %s of depth; a lathe in order has up to %s.",
                        say.length(Math.abs(axis.taperMm()) / 2),
                        say.length(cut.job().holeDepthMm()),
                        say.length(UsualFaults.USUAL_SLOPE * cut.job().holeDepthMm()));
        share(
                        found,
                        "setting",
                        dial.evenMm() < 0 ? "The point was set in too little" : "The point was set out too far",
                        dial,
                        of)
                .says(
                        "Set %s %s, all else as fitted.",
                        say.length(Math.abs(dial.evenMm()) / 2), dial.evenMm() < 0 ? "short" : "far");
        share(found, "wear", "The point wears within the pass", wear, of)
                .says("Smaller towards the bottom, where it cut last.");
        share(found, "warm", "It was measured warm", warm, of)
                .says("Cold it measures %s less.", say.length(Math.abs(warm.evenMm())));
        if (dial.evenMm() > GAUGE_MM) {
            found.name("built-up-edge", "Metal on the edge makes it cut larger", BUILT_UP_SHARE * dial.size() / all)
                    .says("A built-up edge stands out by a few hundredths: "
                            + cut.job().work().builtUpEdge() + ".");
        }
    }

    private void spring(BoreCut cut, SizePrediction predicted, Made spring, Shares of, Causes found) {
        double reckoned = Math.hypot(predicted.nearErrorMm(), predicted.farErrorMm());
        if (reckoned < 1e-4) {
            return;
        }
        double factor = spring.size() / reckoned;
        if (Math.abs(spring.taperMm()) > Math.abs(spring.evenMm())) {
            share(found, "work-springs", "The work springs more at its mouth", spring, of)
                    .says(
                            "Reckoned taper %s, fitted %s.",
                            say.length(-predicted.taperMm()), say.length(-spring.taperMm()));
            return;
        }
        boolean measured = cut.stiffness().measured();
        String resists = factor > 1 ? "The material resists more than reckoned" : "The material resists, as reckoned";
        String springs = factor > 1 ? "It springs more than reckoned" : "It springs, as reckoned";
        share(found, measured ? "resists" : "springs", measured ? resists : springs, spring, of)
                .says(
                        measured
                                ? "%s small where %s was reckoned with the stiffness measured: the force would be %s times as large."
                                : "%s small where %s was reckoned: the point would give %s times as much. A push test tells.",
                        say.length(-spring.evenMm()),
                        say.length(-predicted.evenMm()),
                        say.number(factor, 1));
    }

    /** What goes against what was seen explains nothing of it, however large: it has no share. */
    private static Causes.Named share(Causes found, String id, String title, Made made, Shares of) {
        return found.name(id, title, made.explains(of.read()) ? of.weight() * made.size() / of.allMm() : 0)
                .by(Working.of("Its share of what was seen", "e / (e + r)", number(made.size() / of.allMm()))
                        .with("e", "by it, both readings together", mm(made.size()))
                        .with("r", "by all else", mm(of.allMm() - made.size())));
    }

    private void sound(BoreCut cut, BoreSeen seen, Causes found) {
        if (seen.sound() != Measured.Sound.CHATTER) {
            return;
        }
        BoreJob job = cut.job();
        double ratio = job.depthMm() / Math.max(1e-6, cut.limitHereMm());
        found.name("chatter", "The bar sings", 0.5 + 0.5 * Math.min(1, ratio))
                .says(
                        "Reckoned to sing from %s at this speed; %s was taken.",
                        Double.isInfinite(cut.limitHereMm()) ? "no depth" : say.length(cut.limitHereMm()),
                        say.length(job.depthMm()));
    }
}
