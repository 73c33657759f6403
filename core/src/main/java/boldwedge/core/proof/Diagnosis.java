package boldwedge.core.proof;

import boldwedge.core.cutting.Finish;
import boldwedge.core.finding.Step;
import boldwedge.core.measure.Written;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
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

    private final Prediction predicted;
    private final Measured measured;
    private final DoubleFunction<String> length;
    private final List<Cause> causes = new ArrayList<>();

    private Diagnosis(Prediction predicted, Measured measured, DoubleFunction<String> length) {
        this.predicted = predicted;
        this.measured = measured;
        this.length = length;
    }

    /**
     * The causes, likeliest first; empty when the trial is as predicted and shows nothing.
     *
     * @param predicted what was computed
     * @param measured what came out
     * @param length how to write a length in mm
     */
    public static List<Cause> rank(Prediction predicted, Measured measured, DoubleFunction<String> length) {
        Diagnosis diagnosis = new Diagnosis(predicted, measured, length);
        diagnosis.taper();
        diagnosis.size();
        diagnosis.finish();
        diagnosis.heat();
        return diagnosis.causes.stream()
                .filter(cause -> cause.fit() > 0.02)
                .sorted(Comparator.comparingDouble(Cause::fit).reversed())
                .toList();
    }

    private void taper() {
        double taper = measured.taperMm();
        if (Math.abs(taper) < NO_TAPER_MM) {
            return;
        }
        double spring = predicted.taperMm();
        double springFit = gauss(taper - spring, predicted.taperSigmaMm());
        if (Math.signum(spring) == Math.signum(taper) || springFit > 0.3) {
            add(
                    "push-off",
                    "The work springs away from the tool",
                    String.format(
                            Locale.ROOT,
                            "Spring alone would taper it by %s over the %s; you measured %s.",
                            length.apply(spring),
                            length.apply(predicted.apartMm()),
                            length.apply(taper)),
                    springFit,
                    new Step(
                            "Misfit over spread",
                            "exp(−½ ((T − Ts) / σ)²)",
                            length.apply(taper) + " − " + length.apply(spring) + ", σ "
                                    + length.apply(predicted.taperSigmaMm()),
                            percent(springFit)));
        }
        double rest = taper - spring;
        double perLength = rest / 2 / predicted.apartMm();
        double usual = 2 * USUAL_MISALIGNMENT * predicted.apartMm();
        double misfit = (1 - springFit) * gauss(rest, 3 * usual) * 0.9;
        add(
                "alignment",
                predicted.heldAtFarEnd() ? "The tailstock is off the axis" : "The spindle does not point along the bed",
                String.format(
                        Locale.ROOT,
                        "It would have to be %s per 300 mm %s; a sound lathe is within about 0.02 mm.",
                        length.apply(Math.abs(perLength) * 300),
                        rest > 0 ? "away from the tool at the far end" : "towards the tool at the far end"),
                misfit,
                new Step(
                        "What spring does not explain",
                        "T − Ts",
                        length.apply(taper) + " − " + length.apply(spring),
                        length.apply(rest)),
                new Step(
                        "As misalignment",
                        "½ (T − Ts) / distance",
                        "½ · " + length.apply(rest) + " / " + length.apply(predicted.apartMm()),
                        Written.places(Math.abs(perLength) * 300, 3) + " mm per 300 mm"));
        if (taper < 0) {
            double overSpeed = predicted.surfaceSpeed() / predicted.fastestGood();
            double wear = 0.002 + 0.01 * Math.pow(overSpeed, 4);
            add(
                    "wear-in-pass",
                    "The edge wore during the pass",
                    String.format(
                            Locale.ROOT,
                            "The cut runs towards the chuck, so wear leaves the chuck end large: %s of edge would have gone.",
                            length.apply(-taper / 2)),
                    0.8 * gauss(-taper / 2 - wear, wear),
                    new Step("Wear needed", "½ |T|", "½ · " + length.apply(-taper), length.apply(-taper / 2)),
                    new Step(
                            "Wear to expect at this speed",
                            "2 + 10 (v / v range)⁴ µm, our rough rule",
                            Written.places(overSpeed, 2) + " of the range's top",
                            length.apply(wear)));
        }
    }

    private void size() {
        double error = (measured.nearMm() + measured.farMm()) / 2 - predicted.setDiameterMm();
        double spring = (predicted.nearErrorMm() + predicted.farErrorMm()) / 2;
        if (Math.abs(error) < 0.006) {
            return;
        }
        double sigma = Math.hypot(0.6 * spring, 0.002);
        double fit = gauss(error - spring, sigma);
        if (error > 0) {
            add(
                    "spring-size",
                    "Spring of tool and work leaves it large",
                    String.format(
                            Locale.ROOT,
                            "Computed %s large in the middle; you measured %s.",
                            length.apply(spring),
                            length.apply(error)),
                    0.9 * fit,
                    new Step(
                            "Mean diameter error",
                            "mean of the two stations",
                            "computed " + length.apply(spring),
                            length.apply(error)));
        }
        add(
                "setting",
                "The dial was not where the tool was",
                String.format(
                        Locale.ROOT,
                        "A setting or backlash error of %s on the radius would explain the rest.",
                        length.apply((error - spring) / 2)),
                (1 - fit) * gauss(error - spring, 0.15) * 0.7,
                new Step(
                        "What spring does not explain",
                        "½ (E − Es)",
                        "½ (" + length.apply(error) + " − " + length.apply(spring) + ")",
                        length.apply((error - spring) / 2)));
    }

    private void finish() {
        if (measured.raMm().isEmpty()) {
            return;
        }
        double ratio = measured.raMm().getAsDouble() / predicted.paperRaMm();
        boolean rough = ratio > Finish.MEASURED_OVER_THEORY[2];
        if (!rough && measured.sound() == Measured.Sound.QUIET && measured.chip() != Measured.Chip.WELDED) {
            return;
        }
        double roughness = rough ? Math.clamp((ratio - 1.8) / 2, 0.3, 1) : 0.3;
        double slow = Math.clamp(1.4 - 0.6 * predicted.surfaceSpeed() / predicted.slowestGood(), 0.1, 1);
        double welded = measured.chip() == Measured.Chip.WELDED ? 1.3 : 1;
        String times = String.format(
                Locale.ROOT, "The finish is %s times what feed and nose leave.", Written.places(ratio, 1));
        add(
                "built-up-edge",
                "Metal builds up on the edge and tears off",
                times + " At " + Written.places(predicted.surfaceSpeed(), 0) + " m/min this material does that.",
                Math.min(0.98, roughness * predicted.builtUp() * slow * welded),
                new Step(
                        "Tendency",
                        "material × slowness",
                        Written.places(predicted.builtUp(), 1) + " × " + Written.places(slow, 2),
                        percent(predicted.builtUp() * slow)));
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
                new Step(
                        "Clearance in use",
                        "least of flanks and nose",
                        "by vectors",
                        Written.places(clearance, 1) + "°"),
                new Step(
                        "Chip over smallest chip",
                        "h / h min",
                        length.apply(predicted.meanChipMm()) + " / " + length.apply(predicted.smallestChipMm()),
                        Written.places(predicted.meanChipMm() / predicted.smallestChipMm(), 1)));
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
                new Step(
                        "Looseness",
                        "max of work and tool",
                        heard ? "and chatter was heard" : "no chatter heard",
                        percent(loose)));
        add(
                "dull-edge",
                "The edge is dull or was not stoned",
                times + " Nothing computed speaks for it or against it.",
                rough ? 0.35 : 0.1,
                new Step("Cannot be computed", "usual share", "look at it under a loupe", "35 %"));
    }

    private void heat() {
        if (measured.chip() != Measured.Chip.BLUE || !predicted.drawsSoft()) {
            return;
        }
        double over = predicted.surfaceSpeed() / predicted.fastestGood();
        add(
                "too-fast",
                "Too fast for high-speed steel",
                String.format(
                        Locale.ROOT,
                        "Blue chips at %s m/min; the range ends at %s m/min.",
                        Written.places(predicted.surfaceSpeed(), 0),
                        Written.places(predicted.fastestGood(), 0)),
                Math.clamp(over, 0.5, 0.97),
                new Step(
                        "Speed over the range's top",
                        "v / v max",
                        Written.places(predicted.surfaceSpeed(), 0) + " / "
                                + Written.places(predicted.fastestGood(), 0),
                        Written.places(over, 2)));
    }

    private void add(String id, String title, String explains, double fit, Step... working) {
        causes.add(new Cause(id, title, explains, Math.clamp(fit, 0, 1), List.of(working)));
    }

    private static double gauss(double misfit, double sigma) {
        double z = misfit / sigma;
        return Math.exp(-0.5 * z * z);
    }

    private static String percent(double share) {
        return Math.round(share * 100) + " %";
    }
}
