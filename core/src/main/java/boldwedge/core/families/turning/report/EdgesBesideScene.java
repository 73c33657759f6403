package boldwedge.core.families.turning.report;

import boldwedge.core.families.turning.entry.TurningField;
import boldwedge.core.families.turning.model.EdgesBeside.Edge;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.List;

/** The same pass by other edges: a bar each for what is left once the dial is set, against what is allowed. */
final class EdgesBesideScene {
    private static final double LEFT = 4;
    private static final double RIGHT = 96;
    /** Where the bars end, clear of the numbers. */
    private static final double BARS_TO = 58;

    private static final double TOP = 69;
    private static final double ROW = 11;
    private static final double THICK = 2.6;

    private EdgesBesideScene() {}

    static Scene draw(TurningCut cut, List<Edge> edges, UnitFormat say) {
        SceneBuilder scene = new SceneBuilder("edges-beside", "The same pass by other edges");
        double allowed = cut.job().allowedErrorMm();
        double most = Math.max(
                allowed, edges.stream().mapToDouble(Edge::remainingMm).max().orElse(allowed));
        double scale = (BARS_TO - LEFT) / most;
        for (int i = 0; i < edges.size(); i++) {
            Edge edge = edges.get(i);
            double y = TOP - ROW * i;
            double to = LEFT + Math.max(0.4, scale * edge.remainingMm());
            scene.filled(
                    edge.own() ? Role.GROUND : Role.TOOL,
                    Role.EDGE,
                    LEFT,
                    y - 5,
                    to,
                    y - 5,
                    to,
                    y - 5 + THICK,
                    LEFT,
                    y - 5 + THICK);
            scene.label(
                    Role.CAPTION, LEFT, y, Anchor.START, edge.own() ? "this bit" : EdgesBesideWords.shortName(edge));
            scene.label(
                    Role.CAPTION,
                    RIGHT,
                    y,
                    Anchor.END,
                    "±" + say.length(edge.remainingMm()) + ", " + say.force(edge.pushN()) + ", " + say.ra(edge.raMm()));
        }
        double foot = TOP - ROW * edges.size() + 3;
        double line = LEFT + scale * allowed;
        scene.line(Role.CENTRE, line, foot, line, TOP - 1.5);
        boolean far = line > 30;
        scene.label(
                Role.CAPTION,
                line + (far ? -1 : 1),
                foot - 1,
                far ? Anchor.END : Anchor.START,
                "allowed ±" + say.length(allowed));
        scene.input(
                LEFT,
                6,
                Anchor.START,
                cut.job().insertPrice().isPresent()
                        ? Written.places(cut.job().insertPrice().getAsDouble(), 2)
                        : "not typed",
                TurningField.INSERT_PRICE);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "left either way once dialled in; push; finish");
    }
}
