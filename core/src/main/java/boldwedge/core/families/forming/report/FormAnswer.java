package boldwedge.core.families.forming.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.BetweenCentresRule;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a form and its bit. */
public final class FormAnswer {
    /** What is asked of it. */
    public static final List<Rule<FormCut>> RULES = List.of(
            (cut, say) -> new FormFindings(cut, say).all(),
            (cut, say) -> new FormPlungeFindings(cut, say).all(),
            FluidRule.of(
                    Manner.HEAVY,
                    (FormCut cut) -> cut.job().work(),
                    cut -> cut.job().tool().isCarbide()),
            BetweenCentresRule.of(
                    (FormCut cut) -> cut.job().hold(),
                    cut -> cut.job().work(),
                    cut -> cut.job().freeMm()));

    private FormAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(FormCut cut, UnitFormat say) {
        Drawn profile = Drawn.of("form-profile", () -> FormScenes.profile(cut, say));
        Drawn face = Drawn.of("form-face", () -> FormScenes.face(cut, say));
        Drawn template = Drawn.of("form-template", () -> FormScenes.template(cut, say));
        Drawn bit = Drawn.of("form-bit", () -> FormScenes.bit(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(profile, face, template, bit),
                () -> new FormRoute(cut, say, profile.scene(), face.scene(), template.scene(), bit.scene()).steps());
    }

    private static Figures figures(FormCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("formWidth", "Width", mm(cut.job().profile().widthMm()));
        f.add("formDepth", "Depth on a side", mm(cut.job().profile().depthMm()));
        f.add("formEdge", "Edge", mm(say.units().turned(cut.edgeMm())));
        f.at(Station.EDGE);
        f.add(
                "formOnFace",
                "Deepest on the face",
                mm(cut.correction().alongFaceMm(cut.job().profile().largestMm())));
        f.add(
                "formAcrossFlank",
                "Square to the flank",
                mm(cut.correction().acrossFlankMm(cut.job().profile().largestMm())));
        f.add("formUncorrected", "Off if not corrected", mm(cut.uncorrectedMm()));
        f.add("formLeastClearance", "Least clearance", rad(cut.leastClearanceRad()));
        f.at(Station.REACH);
        f.add("quietWidth", "Sure to be quiet up to", mm(cut.quietMm().low()));
        f.add("edgeForce", "On the edge", newtons(cut.force().cuttingN()));
        f.add("formLeft", "Left standing", mm(cut.leftMm()));
        f.add("formTime", "Time of the cut", minutes(cut.minutes()));
        return f;
    }
}
