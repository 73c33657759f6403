package boldwedge.core.families.parting.report;

import static boldwedge.core.language.measure.Amount.mmPerNewton;
import static boldwedge.core.language.measure.Amount.newtonsPerMm;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.family.PushLines;
import boldwedge.core.family.ToolTests;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.trial.PushTest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A blade pushed down at its edge as it stands, the indicator under it from the bed: what is left when the blade's own bending is taken
 * away is post and slide, which reckoning only assumes. A tap would tell how the post is damped; nothing asks for that yet.
 */
public final class BladeTests implements ToolTests {
    @Override
    public Optional<AtRest> untested(PlanRequest request) {
        Map<String, String> reckoned = new HashMap<>(request.fields());
        reckoned.remove(PartField.STIFFNESS.id());
        return PartReader.cut(request.withFields(reckoned))
                .cut()
                .map(cut -> new AtRest(
                        cut.down().downMmPerN(),
                        cut.down().downMmPerN() + PartCut.postGive(cut.job()),
                        PlungeChatter.rocksHz(cut.job().lathe()),
                        PlungeChatter.damping(cut.job().lathe()).chosen()));
    }

    @Override
    public Answer push(PlanRequest request, List<Line> lines, String before) {
        Map<String, String> errors = new TreeMap<>();
        List<PushTest.Reading> readings = PushLines.read(lines, request.units(), errors, "");
        if (!errors.isEmpty()) {
            return refused(errors, "Some readings cannot be read.");
        }
        Optional<AtRest> blade = untested(request);
        if (blade.isEmpty()) {
            return refused(errors, "The cut is not complete yet: mend it at the earlier stations first.");
        }
        try {
            return pushed(blade.get(), PushTest.of(readings), new UnitFormat(request.units()));
        } catch (PushTest.Unusable unusable) {
            return refused(errors, unusable.sentence());
        }
    }

    private static Answer pushed(AtRest blade, PushTest test, UnitFormat say) {
        double whole = 1 / test.stiffnessNPerMm();
        double post = whole - blade.barMmPerN();
        if (post <= 0) {
            return refused(
                    Map.of(),
                    "That is stiffer than the blade alone can be (" + say.stiffness(1 / blade.barMmPerN())
                            + "). Check the units, and that the indicator's foot stands on the bed.");
        }
        List<Step> working = new ArrayList<>();
        working.add(PushLines.slope("Stiffness at the edge", test, say));
        working.add(Working.of("Post and slide under the edge", "1 / (1 / k − δ)", newtonsPerMm(1 / post))
                .with("k", newtonsPerMm(test.stiffnessNPerMm()).measured())
                .with("δ", "the blade's own", mmPerNewton(blade.barMmPerN()))
                .told(say));
        return new Answer(
                true,
                Map.of(),
                say.stiffness(test.stiffnessNPerMm()) + " at the edge; " + say.share(post / whole)
                        + " of the give is the post's and the slide's.",
                working,
                Map.of(PartField.STIFFNESS.id(), Written.full(Quantity.STIFFNESS, 1 / post, say.units())));
    }

    @Override
    public Answer ring(PlanRequest request, double[] samples, double rate) {
        return refused(Map.of(), "A blade is pushed, not tapped: nothing here asks how it rings.");
    }

    private static Answer refused(Map<String, String> errors, String sentence) {
        return new Answer(false, errors, sentence, List.of(), Map.of());
    }
}
