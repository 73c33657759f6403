package boldwedge.core.trial;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.trial.JointFit.Made;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * Ranks the causes of what a trial cut showed. Those of size and taper are fitted together to both readings ({@link JointFit}), and each one's fit
 * is its share of what was seen; those of finish and heat are ranked by how strongly the set-up, as computed, tends to them.
 */
public final class Diagnosis {
    /** Taper below this is not worth a cause, mm. */
    private static final double NO_TAPER_MM = 0.003;

    /** An even error below this is not worth a cause, mm. */
    private static final double NO_ERROR_MM = 0.006;

    /** A choice that makes this much of the spring is its cause. */
    private static final double MOST_OF_IT = 0.5;

    private final Prediction predicted;
    private final Measured measured;
    private final UnitFormat say;
    private final DoubleFunction<String> length;
    private final List<Cause> causes = new ArrayList<>();

    private Diagnosis(Prediction predicted, Measured measured, UnitFormat say) {
        this.predicted = predicted;
        this.measured = measured;
        this.say = say;
        this.length = say::length;
    }

    /**
     * The causes, likeliest first; empty when the trial is as predicted and shows nothing.
     *
     * @param predicted what was computed
     * @param measured what came out
     * @param say the units to say it in
     */
    public static List<Cause> rank(Prediction predicted, Measured measured, UnitFormat say) {
        Diagnosis diagnosis = new Diagnosis(predicted, measured, say);
        diagnosis.sizes();
        diagnosis.shares();
        diagnosis.finish();
        diagnosis.heat();
        return Cause.ranked(diagnosis.causes);
    }

    /** What made size and taper: all that may be other than reckoned is fitted together, and a cause's fit is its share of what was seen. */
    private void sizes() {
        double even =
                (measured.nearMm() + measured.farMm()) / 2 - predicted.sizes().setMm();
        if (Math.abs(measured.taperMm()) < NO_TAPER_MM && Math.abs(even) < NO_ERROR_MM) {
            return;
        }
        JointFit fit = predicted.fitted(measured);
        Made spring = fit.made(UsualFaults.SPRING, UsualFaults.TURNING)
                .plus(predicted.sizes().nearErrorMm(), predicted.sizes().farErrorMm());
        Made axis = fit.made(UsualFaults.HEAD, UsualFaults.TAIL);
        Made dial = fit.made(UsualFaults.DIAL);
        Made wear = fit.made(UsualFaults.WEAR);
        Made warm = fit.made(UsualFaults.WARMTH);
        double all = spring.size() + axis.size() + dial.size() + wear.size() + warm.size();
        spring(spring, all);
        axis(axis, all);
        share(
                "setting",
                dial.evenMm() > 0 ? "The tool was not dialled in far enough" : "The tool was dialled in too far",
                Written.words(
                        "A setting or backlash error of %s on the radius explains what is left when all else is fitted; it makes no taper.",
                        length.apply(Math.abs(dial.evenMm()) / 2)),
                dial,
                all);
        share(
                "wear-in-pass",
                "The edge wore during the pass",
                Written.words(
                        "The cut runs towards the chuck, so wear leaves the chuck end large: %s of edge would have gone, at %s; the range ends at %s.",
                        length.apply(Math.abs(wear.taperMm()) / 2),
                        say.surfaceSpeed(predicted.surfaceSpeed()),
                        say.surfaceSpeed(predicted.fastestGood())),
                wear,
                all);
        share(
                "warm",
                "It was measured warm",
                Written.words("Cold it measures %s less.", length.apply(Math.abs(warm.evenMm()))),
                warm,
                all);
    }

    /** What was seen and heard is asked about before the size: it makes size besides. */
    private boolean hasSign() {
        boolean blue = measured.chip() == Measured.Chip.BLUE && isTooHot();
        return measured.sound() != Measured.Sound.QUIET || measured.chip() == Measured.Chip.WELDED || blue;
    }

    private void share(String id, String title, String explains, Made made, double all) {
        if (!made.explains(predicted.sizes().seen(measured.nearMm(), measured.farMm()))) {
            return;
        }
        add(
                id,
                title,
                explains,
                (hasSign() ? Measured.BEHIND_A_SIGN : 1) * made.size() / all,
                Working.of("Its share of what was seen", "e / (e + r)", number(made.size() / all))
                        .with("e", "by it, both readings together", mm(made.size()))
                        .with("r", "by all else", mm(all - made.size()))
                        .told(say));
    }

    private void spring(Made spring, double all) {
        double reckoned =
                Math.hypot(predicted.sizes().nearErrorMm(), predicted.sizes().farErrorMm());
        String times = reckoned < 1e-4
                ? ""
                : Written.words(" That is %s times what was reckoned.", Written.places(spring.size() / reckoned, 1));
        if (Math.abs(spring.taperMm()) > Math.abs(spring.evenMm()) / 2 && spring.taperMm() * measured.taperMm() > 0) {
            share(
                    "push-off",
                    "The work springs away from the tool",
                    Written.words(
                                    "Fitted with all else, spring tapers it by %s over the %s; you measured %s.",
                                    length.apply(spring.taperMm()),
                                    length.apply(predicted.apartMm()),
                                    length.apply(measured.taperMm()))
                            + times,
                    spring,
                    all);
        } else {
            share(
                    "spring-size",
                    spring.evenMm() > 0
                            ? "Spring of tool and work leaves it large"
                            : "The tool is drawn in and leaves it small",
                    Written.words(
                                    "Fitted with all else, spring leaves it %s %s in the middle.",
                                    length.apply(Math.abs(spring.evenMm())), spring.evenMm() > 0 ? "large" : "small")
                            + times,
                    spring,
                    all);
        }
    }

    private void axis(Made axis, double all) {
        double perLength = axis.taperMm() / 2 / predicted.apartMm();
        share(
                "alignment",
                predicted.heldAtFarEnd() ? "The tailstock is off the axis" : "The spindle does not point along the bed",
                Written.words(
                        "It would have to be %s per %s %s; a sound lathe is within about %s.",
                        length.apply(Math.abs(perLength) * 300),
                        length.apply(300),
                        perLength > 0 ? "away from the tool at the far end" : "towards the tool at the far end",
                        length.apply(0.02)),
                axis,
                all);
    }

    /**
     * What in the set-up makes the spring: a fat nose, too little rake, too much of it. Each is computed without, and comes before the
     * spring itself where it has most of what was measured.
     */
    private void shares() {
        Optional<Cause> found = causes.stream()
                .filter(cause -> cause.id().equals("push-off") || cause.id().equals("spring-size"))
                .findFirst();
        if (found.isEmpty()) {
            return;
        }
        String spring = found.get().id();
        double springFit = found.get().fit();
        boolean tapered = spring.equals("push-off");
        double reckoned =
                tapered ? predicted.sizes().taperMm() : predicted.sizes().evenMm();
        if (Math.abs(reckoned) < 1e-4) {
            return;
        }
        for (Prediction.Share share : predicted.shares()) {
            double without = tapered ? share.taperMm() : share.evenMm();
            double part = Math.clamp((reckoned - without) / reckoned, 0, 1);
            if (part < 0.2) {
                continue;
            }
            if (part >= MOST_OF_IT) {
                yieldTo(spring, springFit);
            }
            add(
                    share.id(),
                    share.title(),
                    Written.words(
                            "%s the %s would be %s instead of %s: %s of it.",
                            share.instead(),
                            tapered ? "taper" : "error",
                            length.apply(Math.abs(without)),
                            length.apply(Math.abs(reckoned)),
                            say.share(part)),
                    springFit * Math.min(1, 0.5 + part),
                    Working.of("Its part of the spring", "(p − w) / p", number((reckoned - without) / reckoned))
                            .with("p", "as the set-up is", mm(reckoned))
                            .with("w", "without it", mm(without))
                            .told(say));
        }
    }

    /** What makes most of the spring is named before the spring itself. */
    private void yieldTo(String spring, double fit) {
        causes.replaceAll(cause -> cause.id().equals(spring)
                ? new Cause(cause.id(), cause.title(), cause.explains(), 0.95 * fit, cause.working())
                : cause);
    }

    private void finish() {
        if (measured.raMm().isEmpty()) {
            return;
        }
        double ratio = measured.raMm().getAsDouble() / predicted.paperRaMm();
        boolean rough = ratio > Finish.HIGH_OVER_THEORY;
        if (!rough && measured.sound() == Measured.Sound.QUIET && measured.chip() != Measured.Chip.WELDED) {
            return;
        }
        double roughness = rough ? Math.clamp((ratio - 1.8) / 2, 0.3, 1) : 0.3;
        // At any speed some of it is left.
        double slow = Math.max(0.1, EdgeCut.slowness(predicted.surfaceSpeed(), predicted.slowestGood()));
        double welded = measured.chip() == Measured.Chip.WELDED ? 1.3 : 1;
        String times = Written.words("The finish is %s times what feed and nose leave.", Written.places(ratio, 1));
        add(
                "built-up-edge",
                "Metal builds up on the edge and tears off",
                times + " At " + say.surfaceSpeed(predicted.surfaceSpeed()) + " this material does that.",
                Math.min(0.98, roughness * predicted.builtUp() * slow * welded),
                Working.of("Tendency", "b · s", number(predicted.builtUp() * slow))
                        .with(
                                "b",
                                "of the material",
                                number(predicted.builtUp()).fromTable())
                        .with("s", "by slowness", number(slow))
                        .told(say));
        double clearance = Math.toDegrees(predicted.leastClearance());
        double rubs = Math.clamp((3 - clearance) / 3, 0, 1);
        double thin = Math.clamp(1.5 - predicted.meanChipMm() / predicted.smallestChipMm(), 0, 1);
        add(
                "rubbing",
                "The edge rubs instead of cutting",
                rubs >= thin
                        ? times + " In use only " + Written.places(clearance, 1) + "° of clearance is left."
                        : times + " The chip is " + length.apply(predicted.meanChipMm())
                                + ", about what the edge can shave.",
                roughness * Math.max(rubs, thin),
                Working.of(
                                "Clearance in use over three degrees",
                                "a / 3°",
                                number(predicted.leastClearance() / Math.toRadians(3)))
                        .with("a", "least of flanks and nose", rad(predicted.leastClearance()))
                        .told(say),
                Working.of(
                                "Chip over smallest chip",
                                "h / s",
                                number(predicted.meanChipMm() / predicted.smallestChipMm()))
                        .with("h", mm(predicted.meanChipMm()))
                        .with("s", mm(predicted.smallestChipMm()))
                        .told(say));
        boolean heard = measured.sound() == Measured.Sound.CHATTER;
        double loose =
                Math.clamp(Math.max((predicted.slenderness() - 2) / 4, (predicted.overhangRatio() - 1.5) / 2), 0.1, 1);
        add(
                "chatter",
                predicted.slenderness() / 4 > predicted.overhangRatio() / 3
                        ? "The work is too slender and chatters"
                        : "Too much tool stands out and it chatters",
                "Slenderness " + Written.places(predicted.slenderness(), 1) + ", tool standing out "
                        + Written.places(predicted.overhangRatio(), 1) + " times its height.",
                heard ? Math.max(0.6, loose) : 0.15 * loose * roughness,
                Working.of(
                                heard ? "Looseness, and chatter was heard" : "Looseness; no chatter heard",
                                "max(0.1; min(1; max((w − 2) / 4; (t − 1.5) / 2)))",
                                number(loose))
                        .with("w", "slenderness of the work", number(predicted.slenderness()))
                        .with("t", "tool standing out over its height", number(predicted.overhangRatio()))
                        .told(say));
        add(
                "dull-edge",
                "The edge is dull or was not stoned",
                times + " Nothing computed speaks for it or against it.",
                rough ? 0.35 : 0.1,
                Working.of("Cannot be computed: look at it under a loupe", "u", number(rough ? 0.35 : 0.1))
                        .with("u", "usual share", number(rough ? 0.35 : 0.1).assumed())
                        .told(say));
    }

    /** Carbide is meant to send its heat off with the chip: blue is amiss there only over the range. */
    private boolean isTooHot() {
        return predicted.drawsSoft() || predicted.surfaceSpeed() > predicted.fastestGood();
    }

    private void heat() {
        double over = predicted.surfaceSpeed() / predicted.fastestGood();
        if (measured.chip() != Measured.Chip.BLUE || !isTooHot()) {
            return;
        }
        add(
                "too-fast",
                predicted.drawsSoft() ? "Too fast for high-speed steel" : "Too fast for carbide: its life goes",
                Written.words(
                        "Blue chips at %s; the range ends at %s.",
                        say.surfaceSpeed(predicted.surfaceSpeed()), say.surfaceSpeed(predicted.fastestGood())),
                Math.clamp(over, 0.5, 0.97),
                Working.of("Speed over the range's top", "v / w", number(over))
                        .with("v", metresPerMinute(predicted.surfaceSpeed()))
                        .with(
                                "w",
                                "the range's top",
                                metresPerMinute(predicted.fastestGood()).fromTable())
                        .told(say));
    }

    private void add(String id, String title, String explains, double fit, Step... working) {
        causes.add(new Cause(id, title, explains, Math.clamp(fit, 0, 1), List.of(working)));
    }
}
