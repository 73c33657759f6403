package boldwedge.core.families.scribing;

import static boldwedge.core.families.scribing.ScribingField.LENGTH;
import static boldwedge.core.families.scribing.ScribingField.LINE;
import static boldwedge.core.families.scribing.ScribingField.MATERIAL;
import static boldwedge.core.families.scribing.ScribingField.OPERATION;
import static boldwedge.core.families.scribing.ScribingField.POINT;
import static boldwedge.core.families.scribing.ScribingField.PRESS;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.mpa;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.drawing.Label;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.Told;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Scribers: the smallest family that goes the whole road from the cut to the print. */
public final class ScribingFamily extends DeclaredFamily<ScribedLine> {
    private static final ToolKind KIND = ToolKind.of(
                    "scriber",
                    "scriber",
                    "Keep the scriber",
                    POINT,
                    List.of(POINT, LENGTH),
                    List.of(POINT, LENGTH),
                    "scriber")
            .drawnIn(Map.of(OPERATION, "scribe"));

    private static final TrialForm TRIAL =
            TrialForm.beside("scriber").typed("width", "Width of the line", "under a loupe");

    /** Declares it. */
    public ScribingFamily() {
        super(
                "scribing",
                Integer.MAX_VALUE,
                new Asks<>(List.of(ScribingField.values()), ScribingFamily::scribed),
                new Says<>(List.of((line, say) -> List.of(press(line, say))), ScribingFamily::told),
                new Judges(TRIAL, ScribingFamily::judged),
                KIND);
    }

    private static Read<ScribedLine> scribed(PlanRequest request) {
        Reader reader = new Reader(request);
        return new Read<>(reader.states(), reader.line());
    }

    private static final class Reader extends FieldReader {
        Reader(PlanRequest request) {
            super(request);
        }

        Optional<ScribedLine> line() {
            readAll(ScribingField.values());
            return hasErrors()
                    ? Optional.empty()
                    : Optional.of(new ScribedLine(
                            value(LINE),
                            typed(POINT).orElse(ScribedLine.USUAL_POINT),
                            value(LENGTH),
                            picked(MATERIAL, WorkMaterial.class).kc11MPa()));
        }
    }

    private static Told told(ScribedLine line, UnitFormat say) {
        Figures figures = new Figures(say);
        figures.at(Station.REACH);
        figures.add("press", "Pressed with", newtons(line.pressN()));
        figures.at(Station.EDGE);
        figures.add("lineDepth", "Depth of the line", mm(line.depthMm()));
        Scene scene = scene(line, say);
        return new Told(
                figures.all(), List.of(Drawn.of(scene.id(), () -> scene)), () -> List.of(point(line, say, scene)));
    }

    private static Finding press(ScribedLine line, UnitFormat say) {
        return Finding.at(Station.REACH, "press", say)
                .says(Verdict.of(100 / line.pressN() - 1, 0.5), "Press with " + say.force(line.pressN()) + ".")
                .margin(100 / line.pressN() - 1)
                .step(Working.of("Half of the cone's circle bears", "H · π · w² / 8", newtons(line.pressN()))
                        .with("H", mpa(line.hardnessMPa()).fromTable())
                        .with("w", mm(line.widthMm()).typed()))
                .step(Working.of("Depth of the line", "w / (2 · tan(ε / 2))", mm(line.depthMm()))
                        .with("w", mm(line.widthMm()).typed())
                        .with("ε", rad(line.pointRad())))
                .source("A rigid cone ploughing; made up for the tests")
                .mend("Point 60°", POINT, "60°")
                .build();
    }

    private static MakeStep point(ScribedLine line, UnitFormat say, Scene scene) {
        return MakeStep.of(
                        "point",
                        "Grind the point",
                        scene,
                        List.of("Turn it against the wheel at " + say.angle(line.pointRad() / 2) + "."),
                        "A cone wears evenly.",
                        "Under a loupe the tip shows no flat.")
                .measuring(POINT, say.angle(line.pointRad()), List.of())
                .cautioned("Glasses on.");
    }

    private static Scene scene(ScribedLine line, UnitFormat say) {
        double half = 20 * Math.tan(line.pointRad() / 2);
        return new SceneBuilder("scriber", "The point")
                .place(50, 20, 1)
                .run(Role.TOOL, true, 0, 0, half, 20, -half, 20)
                .run(Role.CUTTING_EDGE, false, -half, 20, 0, 0, half, 20)
                .input(half + 3, 10, Label.Anchor.START, say.angle(line.pointRad()), POINT)
                .build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angle true");
    }

    @Override
    public CutPage page(Read<ScribedLine> read) {
        return new CutPage(
                id(),
                Sentence.of(entries(), "{operation} {material} with a line {lineWidth} wide, on {lathe}."),
                List.of(
                        StationPage.of(Station.CUT, List.of("scriber"), List.of("press")),
                        StationPage.of(Station.EDGE, List.of("scriber"), List.of("lineDepth")),
                        StationPage.of(Station.REACH, List.of("scriber"), List.of("press")),
                        StationPage.making("Route card").setting(LENGTH)),
                new PrintedCard(
                        read.filled("scribe {material}, {lineWidth} wide."),
                        "scriber",
                        Entry.ids(POINT),
                        Entry.ids(PRESS)),
                "scriber",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    private static TrialAnswer judged(TrialRequest request) {
        TrialReader reader = new TrialReader(request);
        OptionalDouble width = reader.value("width", "Width of the line", new Limits(Quantity.LENGTH, 0.001, 5));
        Optional<ScribedLine> line = scribed(request.plan()).cut();
        if (reader.hasErrors() || width.isEmpty() || line.isEmpty()) {
            return reader.stopped("Type how wide the line came out.");
        }
        UnitFormat say = new UnitFormat(request.plan().units());
        double wanted = line.get().widthMm();
        boolean good = Math.abs(width.getAsDouble() - wanted) < 0.2 * wanted;
        return new TrialAnswer(
                true,
                reader.readings(),
                List.of(new TrialAnswer.Compared("Width", say.length(wanted), say.length(width.getAsDouble()), good)),
                List.of(),
                good ? "As wide as wanted." : "Not as wide as wanted.",
                Optional.empty(),
                good ? "Nothing needs to change." : "Press differently.",
                Optional.empty());
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, List.of(POINT, LENGTH), List.of(PRESS), tool);
    }
}
