package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.family.PushLines;
import boldwedge.core.family.RingLines;
import boldwedge.core.family.ToolTests;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.trial.PushTest;
import boldwedge.core.trial.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** Tests of a bar as it is held: pushed at the point, and tapped. What they measure takes the place of assumptions. */
public final class BarTests implements ToolTests {
    /** What has been measured of a bar, and is left out to reckon it. */
    private static final List<BoreField> MEASURED = List.of(STIFFNESS, DAMPING, RING);

    @Override
    public Optional<AtRest> untested(PlanRequest request) {
        Map<String, String> reckoned = new HashMap<>(request.fields());
        MEASURED.forEach(field -> reckoned.remove(field.id()));
        return atRest(request.withFields(reckoned));
    }

    /** The bar of a request at rest; empty when a field is wrong. */
    public static Optional<AtRest> atRest(PlanRequest request) {
        return BoreReader.cut(request)
                .cut()
                .map(cut -> new AtRest(
                        cut.stiffness().barMmPerN(),
                        cut.stiffness().tool(),
                        cut.mode().hz(),
                        cut.mode().damping()));
    }

    @Override
    public Answer push(PlanRequest request, List<Line> lines, String before) {
        Map<String, String> errors = new TreeMap<>();
        OptionalDouble earlier = before.isBlank()
                ? OptionalDouble.empty()
                : PushLines.value(errors, "before", before, STIFFNESS.limits().orElseThrow(), request.units());
        return push(request, lines, earlier, errors);
    }

    private static Answer push(
            PlanRequest request, List<Line> lines, OptionalDouble earlier, Map<String, String> errors) {
        List<PushTest.Reading> readings = PushLines.read(lines, request.units(), errors, "");
        if (!errors.isEmpty()) {
            return refused(errors, "Some readings cannot be read.");
        }
        Optional<AtRest> bar = atRest(request);
        if (bar.isEmpty()) {
            return refused(errors, "The bar itself is not complete yet: mend it at the earlier stations first.");
        }
        try {
            return pushed(bar.get(), PushTest.of(readings), earlier, new UnitFormat(request.units()));
        } catch (PushTest.Unusable unusable) {
            return refused(errors, unusable.sentence());
        }
    }

    private static Answer pushed(AtRest bar, PushTest test, OptionalDouble earlier, UnitFormat say) {
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
        working.add(PushLines.slope("Stiffness at the point", test, say));
        working.add(Working.of("Bar alone, section by section as drawn", "1 / δ", newtonsPerMm(alone))
                .with("δ", mmPerNewton(1 / alone))
                .told(say));
        working.add(Working.of("Holder and machine", "1 / k − δ", mmPerNewton(holder))
                .with("k", newtonsPerMm(test.stiffnessNPerMm()).measured())
                .with("δ", "the bar", mmPerNewton(bar.barMmPerN()))
                .meaning(holder > 0 ? ", " + say.share(share) + " of the give" : ": nothing that shows")
                .told(say));
        working.add(Working.of("Loop between going up and coming down", "x", mm(test.hysteresisMm()))
                .with(
                        "x",
                        "largest difference at one pull",
                        mm(test.hysteresisMm()).measured())
                .told(say));
        working.add(Working.of("Left when the pull is gone", "x", mm(test.leftMm()))
                .with("x", mm(test.leftMm()).measured())
                .told(say));
        String gained = "";
        if (earlier.isPresent()) {
            double gain = test.stiffnessNPerMm() / earlier.getAsDouble() - 1;
            double doubt = test.spreadNPerMm().isPresent()
                    ? 2 * test.spreadNPerMm().getAsDouble() / earlier.getAsDouble()
                    : 0.03;
            working.add(Working.of("Against the test before", "k2 / k1 − 1", number(gain))
                    .with("k2", newtonsPerMm(test.stiffnessNPerMm()).measured())
                    .with("k1", "before", newtonsPerMm(earlier.getAsDouble()).measured())
                    .told(say));
            gained = Math.abs(gain) <= Math.max(0.01, doubt)
                    ? " No different from the test before, as far as these readings tell."
                    : Written.words(
                            " That is %s %s than the test before.",
                            say.share(Math.abs(gain)), gain > 0 ? "stiffer" : "softer");
        }
        boolean loose = Math.abs(test.leftMm()) > 0.004 || test.hysteresisMm() > 0.006;
        String sentence = Written.words(
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
                Map.of(STIFFNESS.id(), Written.places(test.stiffnessNPerMm() / 1000, 3) + " N/µm"));
    }

    /** Judges a recorded ring. */
    @Override
    public Answer ring(PlanRequest request, double[] samples, double rate) {
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
        UnitFormat say = new UnitFormat(request.units());
        double apart = ring.hz() / bar.get().hz() - 1;
        List<Step> working = RingLines.working(ring, say);
        working.add(Working.of("Measured over reckoned by elements", "f / f0 − 1", number(apart))
                .with("f", hertz(ring.hz()).measured())
                .with("f0", hertz(bar.get().hz()))
                .told(say));
        boolean other = Math.abs(apart) > 0.5;
        return new Answer(
                true,
                Map.of(),
                RingLines.sentence(ring)
                        + (other
                                ? " That is far from what was reckoned for this bar: it may be the holder or the work that rings."
                                : ""),
                working,
                Map.of(
                        RING.id(), RingLines.frequency(ring),
                        DAMPING.id(), RingLines.damping(ring)));
    }

    private static Answer refused(Map<String, String> errors, String sentence) {
        return new Answer(false, errors, sentence, List.of(), Map.of());
    }

    private static String stiff(double newtonPerMm, UnitFormat say) {
        return Written.full(Quantity.STIFFNESS, newtonPerMm, say.units());
    }
}
