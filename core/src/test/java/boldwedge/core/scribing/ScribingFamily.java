package boldwedge.core.scribing;

import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.mpa;
import static boldwedge.core.measure.Amount.newtons;
import static boldwedge.core.measure.Amount.rad;
import static boldwedge.core.scribing.ScribingField.LATHE;
import static boldwedge.core.scribing.ScribingField.LENGTH;
import static boldwedge.core.scribing.ScribingField.LINE;
import static boldwedge.core.scribing.ScribingField.MATERIAL;
import static boldwedge.core.scribing.ScribingField.OPERATION;
import static boldwedge.core.scribing.ScribingField.POINT;
import static boldwedge.core.scribing.ScribingField.PRESS;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Drawn;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.MakeStep;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialReader;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.cutting.Lathe;
import boldwedge.core.drawing.Label;
import boldwedge.core.drawing.Plate;
import boldwedge.core.drawing.Role;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.SceneBuilder;
import boldwedge.core.family.Cuts;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.Trials;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.stock.StockCatalogue;
import boldwedge.core.stock.WorkMaterial;
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

    private static final Cuts<ScribedLine> CUTS = new Cuts<>(
            ScribingFamily::cut,
            ScribingFamily::chosen,
            List.of((line, say) -> List.of(press(line, say))),
            ScribingFamily::told);

    private static final Trials TRIALS = Trials.of(
            TrialForm.beside("scriber").typed("width", "Width of the line", "under a loupe"), ScribingFamily::judged);

    /** Declares it. */
    public ScribingFamily() {
        super("scribing", Integer.MAX_VALUE, ScribingField.values(), CUTS, TRIALS, KIND);
    }

    private static Read<ScribedLine> cut(PlanRequest request) {
        Reader reader = new Reader(request);
        return new Read<>(reader.states(), reader.line());
    }

    private static final class Reader extends FieldReader {
        Reader(PlanRequest request) {
            super(request);
        }

        Optional<ScribedLine> line() {
            Optional<WorkMaterial> work = StockCatalogue.shipped().workMaterial(choiceText(MATERIAL));
            chosenFrom(OPERATION, Optional.of("scribe"), "operation", "");
            chosenFrom(MATERIAL, work.map(WorkMaterial::fullName), "material", "Pick one from the list.");
            chosenFrom(LATHE, request.lathe().map(Lathe::name), "machine", "Pick one of the shop's machines.");
            for (ScribingField field : ScribingField.values()) {
                field.limits().ifPresent(limits -> measured(field, limits));
            }
            return hasErrors()
                    ? Optional.empty()
                    : Optional.of(new ScribedLine(
                            value(LINE),
                            typed(POINT).orElse(ScribedLine.USUAL_POINT),
                            value(LENGTH),
                            work.orElseThrow().kc11MPa()));
        }
    }

    private static void chosen(Chosen chosen, ScribedLine line) {
        chosen.value(POINT, Quantity.ANGLE, line.pointRad());
        chosen.value(PRESS, Quantity.FORCE, line.pressN());
    }

    private static Told told(ScribedLine line, Say say) {
        Figures figures = new Figures(say);
        figures.at(Station.REACH);
        figures.add("press", "Pressed with", newtons(line.pressN()));
        figures.at(Station.EDGE);
        figures.add("lineDepth", "Depth of the line", mm(line.depthMm()));
        Scene scene = scene(line, say);
        return new Told(
                figures.all(), List.of(Drawn.of(scene.id(), () -> scene)), () -> List.of(point(line, say, scene)));
    }

    private static Finding press(ScribedLine line, Say say) {
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
                .mend("Point 60°", POINT.id(), "60°")
                .build();
    }

    private static MakeStep point(ScribedLine line, Say say, Scene scene) {
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

    private static Scene scene(ScribedLine line, Say say) {
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
        Optional<ScribedLine> line = cut(request.plan()).cut();
        if (reader.hasErrors() || width.isEmpty() || line.isEmpty()) {
            return reader.stopped("Type how wide the line came out.");
        }
        Say say = new Say(request.plan().units());
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
