package boldwedge.core.boring;

import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.finding.Step;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import boldwedge.core.proof.PushTest;
import boldwedge.core.proof.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** Tests of a bar as it is held: pushed at the point, and tapped. What they measure takes the place of assumptions. */
public final class BarTests {
    private BarTests() {}

    /**
     * One line of a push test, as typed.
     *
     * @param load the pull
     * @param up reading while it grew
     * @param down reading while it fell; may be empty
     */
    public record Line(String load, String up, String down) {}

    /**
     * A test judged.
     *
     * @param worked whether it could be
     * @param errors sentences by line and column: {@code 2.up}
     * @param sentence what it says, in a line
     * @param working how
     * @param take texts by field that put the measured values in place
     */
    public record Answer(
            boolean worked,
            Map<String, String> errors,
            String sentence,
            List<Step> working,
            Map<String, String> take) {}

    /**
     * The bar as it was computed, at rest.
     *
     * @param barMmPerN give of the bar alone
     * @param toolMmPerN give with its holder, as reckoned or measured before
     * @param hz frequency of its first mode
     * @param damping ratio
     */
    public record AtRest(double barMmPerN, double toolMmPerN, double hz, double damping) {}

    /** The bar of a request at rest; empty when a field is wrong. */
    public static Optional<AtRest> atRest(PlanRequest request) {
        return BorePlan.work(request)
                .cut()
                .map(cut -> new AtRest(
                        cut.stiffness().barMmPerN(),
                        cut.stiffness().tool(),
                        cut.mode().hz(),
                        cut.mode().damping()));
    }

    /**
     * Judges a push test.
     *
     * @param before the stiffness from an earlier test, such as before the rod was drawn tight, as text; may be empty
     */
    public static Answer push(PlanRequest request, List<Line> lines, String before) {
        Map<String, String> errors = new TreeMap<>();
        OptionalDouble earlier = before.isBlank()
                ? OptionalDouble.empty()
                : OptionalDouble.of(read(
                        errors, "before", before, BoreField.STIFFNESS.limits().orElseThrow(), request.units()));
        return push(request, lines, earlier, errors);
    }

    private static Answer push(
            PlanRequest request, List<Line> lines, OptionalDouble earlier, Map<String, String> errors) {
        List<PushTest.Reading> readings = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (line.load().isBlank() && line.up().isBlank() && line.down().isBlank()) {
                continue;
            }
            double load = read(errors, i + ".load", line.load(), new Limits(Quantity.FORCE, 0, 5000), request.units());
            double up = read(errors, i + ".up", line.up(), new Limits(Quantity.LENGTH, -5, 5), request.units());
            double down = line.down().isBlank()
                    ? Double.NaN
                    : read(errors, i + ".down", line.down(), new Limits(Quantity.LENGTH, -5, 5), request.units());
            readings.add(new PushTest.Reading(load, up, down));
        }
        if (!errors.isEmpty()) {
            return refused(errors, "Some readings cannot be read.");
        }
        Optional<AtRest> bar = atRest(request);
        if (bar.isEmpty()) {
            return refused(errors, "The bar itself is not complete yet: mend it at the earlier stations first.");
        }
        try {
            return pushed(bar.get(), PushTest.of(readings), earlier, new Say(request.units()));
        } catch (PushTest.Unusable unusable) {
            return refused(errors, unusable.sentence());
        }
    }

    private static Answer pushed(AtRest bar, PushTest test, OptionalDouble earlier, Say say) {
        double alone = 1 / bar.barMmPerN();
        if (test.stiffnessNPerMm() > 1.15 * alone) {
            return refused(
                    Map.of(),
                    "That is " + stiff(test.stiffnessNPerMm(), say) + ", stiffer than the bar alone can be ("
                            + stiff(alone, say)
                            + "). Check the units, and that the indicator stands on something still.");
        }
        double holder = test.holderMmPerN(bar.barMmPerN());
        double share = holder * test.stiffnessNPerMm();
        List<Step> working = new ArrayList<>();
        working.add(new Step(
                "Stiffness at the point",
                "slope of pull over reading, least squares",
                "all readings, up and down",
                stiff(test.stiffnessNPerMm(), say)
                        + (Double.isNaN(test.spreadNPerMm())
                                ? ""
                                : " ± " + Written.places(test.spreadNPerMm() / 1000, 3) + " N/µm")));
        working.add(new Step("Bar alone", "section by section", "as drawn", stiff(alone, say)));
        working.add(new Step(
                "Holder and machine",
                "1/k − c of the bar",
                "",
                holder > 0
                        ? Written.places(holder * 1000, 3) + " µm per N, " + say.share(share) + " of the give"
                        : "nothing that shows"));
        working.add(new Step(
                "Loop between going up and coming down",
                "largest difference at one pull",
                "",
                say.length(test.hysteresisMm())));
        working.add(new Step("Left when the pull is gone", "", "", say.length(test.leftMm())));
        String gained = "";
        if (earlier.isPresent()) {
            double gain = test.stiffnessNPerMm() / earlier.getAsDouble() - 1;
            double doubt = Double.isNaN(test.spreadNPerMm()) ? 0.03 : 2 * test.spreadNPerMm() / earlier.getAsDouble();
            working.add(new Step(
                    "Against the test before",
                    "k after / k before − 1",
                    stiff(earlier.getAsDouble(), say) + " before",
                    (gain > 0 ? "+" : "") + say.share(gain)));
            gained = Math.abs(gain) <= Math.max(0.01, doubt)
                    ? " No different from the test before, as far as these readings tell."
                    : String.format(
                            Locale.ROOT,
                            " That is %s %s than the test before.",
                            say.share(Math.abs(gain)),
                            gain > 0 ? "stiffer" : "softer");
        }
        boolean loose = Math.abs(test.leftMm()) > 0.004 || test.hysteresisMm() > 0.006;
        String sentence = String.format(
                Locale.ROOT,
                "%s at the point; %s of the give is the holder's.%s%s",
                stiff(test.stiffnessNPerMm(), say),
                say.share(share),
                gained,
                loose
                        ? " It comes back late: something slips or has play. Tighten the clamp and the rod, and test again."
                        : "");
        return new Answer(
                true,
                Map.of(),
                sentence,
                working,
                Map.of(BoreField.STIFFNESS.id(), Written.places(test.stiffnessNPerMm() / 1000, 3) + " N/µm"));
    }

    /** Judges a recorded ring. */
    public static Answer ring(PlanRequest request, double[] samples, double rate) {
        Optional<AtRest> bar = atRest(request);
        if (bar.isEmpty()) {
            return refused(Map.of(), "The bar itself is not complete yet: mend it at the earlier stations first.");
        }
        Ring ring;
        try {
            ring = Ring.of(samples, rate);
        } catch (Ring.Unusable unusable) {
            return refused(Map.of(), unusable.sentence());
        }
        double apart = ring.hz() / bar.get().hz() - 1;
        List<Step> working = List.of(
                new Step(
                        "Frequency",
                        "phase of the ring turned down to rest, then least squares",
                        Written.places(ring.seconds() * 1000, 0) + " ms used, " + Written.places(ring.decibels(), 0)
                                + " dB over the noise",
                        Written.places(ring.hz(), 1) + " Hz"),
                new Step(
                        "Damping by the dying amplitude",
                        "δ = ln(x₁/x₂), ζ = δ / √(4π² + δ²)",
                        "δ " + Written.places(ring.decrement(), 4),
                        Written.places(ring.byDecrement() * 100, 2) + " %"),
                new Step(
                        "Damping by the width of the peak",
                        "Δf / 2f at half power",
                        "",
                        Double.isNaN(ring.byHalfPower())
                                ? "the record is too short for it"
                                : Written.places(ring.byHalfPower() * 100, 2) + " %"),
                new Step(
                        "Reckoned",
                        "beam by elements",
                        "",
                        Written.places(bar.get().hz(), 0) + " Hz, " + (apart > 0 ? "+" : "")
                                + Written.places(apart * 100, 0) + " %"));
        boolean other = Math.abs(apart) > 0.5;
        Map<String, String> take = new HashMap<>();
        take.put(BoreField.RING.id(), Written.places(ring.hz(), 1) + " Hz");
        take.put(BoreField.DAMPING.id(), Written.places(ring.byDecrement(), 4));
        return new Answer(
                true,
                Map.of(),
                String.format(
                        Locale.ROOT,
                        "It rings at %s Hz and is damped by %s %%.%s",
                        Written.places(ring.hz(), 0),
                        Written.places(ring.byDecrement() * 100, 2),
                        other
                                ? " That is far from what was reckoned for this bar: it may be the holder or the work that rings."
                                : ""),
                working,
                take);
    }

    private static Answer refused(Map<String, String> errors, String sentence) {
        return new Answer(false, errors, sentence, List.of(), Map.of());
    }

    private static String stiff(double newtonPerMm, Say say) {
        return Written.full(Quantity.STIFFNESS, newtonPerMm, say.units());
    }

    private static double read(Map<String, String> errors, String where, String text, Limits limits, UnitSystem units) {
        return switch (MeasureParser.parse(text, limits, units)) {
            case Parsed.Good<Reading>(Reading good) -> good.value();
            case Parsed.Wrong<Reading> wrong -> {
                errors.put(where, wrong.sentence());
                yield Double.NaN;
            }
        };
    }
}
