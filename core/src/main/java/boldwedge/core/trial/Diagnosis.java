package boldwedge.core.trial;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.Finish;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * Ranks the causes of what a trial cut showed by how well each one's effect, computed for this very set-up, matches the
 * reading. A cause's fit is a Gaussian of the misfit over the spread of its prediction, times how likely such a cause is at
 * all where it cannot be computed from the set-up (an alignment error, a dull edge).
 */
public final class Diagnosis {
    /** Alignment of a shop lathe is usually within about 0.02 mm per 300 mm (acceptance practice after ISO 1708). */
    private static final double USUAL_MISALIGNMENT = 0.02 / 300;

    /** Taper below this is not worth a cause, mm. */
    private static final double NO_TAPER_MM = 0.003;

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
        diagnosis.taper();
        diagnosis.size();
        diagnosis.shares();
        diagnosis.finish();
        diagnosis.heat();
        return Cause.ranked(diagnosis.causes);
    }

    private void taper() {
        double taper = measured.taperMm();
        if (Math.abs(taper) < NO_TAPER_MM) {
            return;
        }
        double spring = predicted.taperMm();
        double springFit = Causes.fit(taper - spring, predicted.taperSigmaMm());
        if (Math.signum(spring) == Math.signum(taper) || springFit > 0.3) {
            add(
                    "push-off",
                    "The work springs away from the tool",
                    Written.words(
                            "Spring alone would taper it by %s over the %s; you measured %s.",
                            length.apply(spring), length.apply(predicted.apartMm()), length.apply(taper)),
                    springFit,
                    Working.of("How well it fits", "exp(−1 / 2 · ((m − p) / σ)²)", number(springFit))
                            .with("m", "taper measured", mm(taper).measured())
                            .with("p", "by spring alone", mm(spring))
                            .with("σ", "its spread", mm(predicted.taperSigmaMm()))
                            .told(say));
        }
        double rest = taper - spring;
        double perLength = rest / 2 / predicted.apartMm();
        double usual = 2 * USUAL_MISALIGNMENT * predicted.apartMm();
        double misfit = (1 - springFit) * Causes.fit(rest, 3 * usual) * 0.9;
        add(
                "alignment",
                predicted.heldAtFarEnd() ? "The tailstock is off the axis" : "The spindle does not point along the bed",
                Written.words(
                        "It would have to be %s per %s %s; a sound lathe is within about %s.",
                        length.apply(Math.abs(perLength) * 300),
                        length.apply(300),
                        rest > 0 ? "away from the tool at the far end" : "towards the tool at the far end",
                        length.apply(0.02)),
                misfit,
                Working.of("What spring does not explain", "m − p", mm(rest))
                        .with("m", "taper measured", mm(taper).measured())
                        .with("p", "by spring alone", mm(spring))
                        .told(say),
                Working.of(
                                "As misalignment over " + length.apply(300),
                                "|r| / 2 / l · L",
                                mm(Math.abs(perLength) * 300))
                        .with("r", "what is left over", mm(rest))
                        .with("l", "measured apart", mm(predicted.apartMm()))
                        .with("L", mm(300))
                        .told(say));
        if (taper < 0) {
            double overSpeed = predicted.surfaceSpeed() / predicted.fastestGood();
            double wear = 0.002 + 0.01 * Math.pow(overSpeed, 4);
            add(
                    "wear-in-pass",
                    "The edge wore during the pass",
                    Written.words(
                            "The cut runs towards the chuck, so wear leaves the chuck end large: %s of edge would have gone.",
                            length.apply(-taper / 2)),
                    0.8 * Causes.fit(-taper / 2 - wear, wear),
                    Working.of("Wear needed", "|m| / 2", mm(-taper / 2))
                            .with("m", "taper measured", mm(taper).measured())
                            .told(say),
                    Working.of("Wear to expect at this speed, our rough rule", "a + b · (v / w)^4", mm(wear))
                            .with("a", mm(0.002).assumed())
                            .with("b", mm(0.01).assumed())
                            .with("v", metresPerMinute(predicted.surfaceSpeed()))
                            .with(
                                    "w",
                                    "the range's top",
                                    metresPerMinute(predicted.fastestGood()).fromTable())
                            .told(say));
        }
    }

    private void size() {
        double spring = predicted.evenMm();
        double error = (measured.nearMm() + measured.farMm()) / 2 - predicted.setDiameterMm();
        if (Math.abs(error) < 0.006) {
            return;
        }
        double fit = Causes.fit(error - spring, Math.hypot(0.6 * spring, 0.002));
        boolean large = error > 0;
        if (Math.signum(spring) == Math.signum(error) && Math.abs(spring) > 0.0005) {
            add(
                    "spring-size",
                    large ? "Spring of tool and work leaves it large" : "The tool is drawn in and leaves it small",
                    Written.words(
                            "Computed %s %s in the middle; you measured %s.",
                            length.apply(Math.abs(spring)), large ? "large" : "small", length.apply(Math.abs(error))),
                    0.9 * fit,
                    Working.of("Mean diameter error over what spring gives", "m / p", number(error / spring))
                            .with("m", "measured", mm(error).measured())
                            .with("p", "reckoned", mm(spring))
                            .told(say));
        }
        // A dial error is the same at both ends; at the chuck's end spring and alignment have least in it.
        double rest = measured.nearMm() - predicted.setDiameterMm() - predicted.nearErrorMm();
        add(
                "setting",
                rest > 0 ? "The tool was not dialled in far enough" : "The tool was dialled in too far",
                Written.words(
                        "A setting or backlash error of %s on the radius would explain the rest; it makes no taper.",
                        length.apply(Math.abs(rest) / 2)),
                (1 - fit) * Causes.fit(rest, 0.15) * 0.7,
                Working.of(
                                "What spring does not explain at the chuck's end, on the radius",
                                "(m − p) / 2",
                                mm(rest / 2))
                        .with(
                                "m",
                                "error measured there",
                                mm(rest + predicted.nearErrorMm()).measured())
                        .with("p", "reckoned", mm(predicted.nearErrorMm()))
                        .told(say));
    }

    /**
     * What in the set-up makes the spring: a fat nose, too little rake, too much of it. Each is computed without, and comes before the
     * spring itself where it has most of what was measured.
     */
    private void shares() {
        double taper = measured.taperMm();
        boolean tapered = Math.abs(taper) >= NO_TAPER_MM;
        double error = tapered ? taper : (measured.nearMm() + measured.farMm()) / 2 - predicted.setDiameterMm();
        double reckoned = tapered ? predicted.taperMm() : predicted.evenMm();
        if (Math.abs(error) < NO_TAPER_MM || Math.signum(error) != Math.signum(reckoned)) {
            return;
        }
        String spring = tapered ? "push-off" : "spring-size";
        double springFit = causes.stream()
                .filter(cause -> cause.id().equals(spring))
                .mapToDouble(Cause::fit)
                .max()
                .orElse(0);
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

    private void heat() {
        double over = predicted.surfaceSpeed() / predicted.fastestGood();
        // Carbide is meant to send its heat off with the chip: blue is amiss there only over the range.
        if (measured.chip() != Measured.Chip.BLUE || (!predicted.drawsSoft() && over <= 1)) {
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
