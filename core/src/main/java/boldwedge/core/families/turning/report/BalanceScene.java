package boldwedge.core.families.turning.report;

import boldwedge.core.families.turning.model.TaperBalance;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;

/** Where pushing away and drawing in cancel: side rake, or lead, over the nose's radius, with the band within which the taper stays inside the tolerance, and the bit as it is. */
final class BalanceScene {
    private static final double LEFT = 14;
    private static final double RIGHT = 94;
    private static final double LOW = 12;
    private static final double HIGH = 66;

    private BalanceScene() {}

    /** The plate; two balances at the least. */
    static Scene draw(TurningCut cut, List<TaperBalance> balances, UnitFormat say) {
        double nose = Math.max(cut.signature().noseRadiusMm(), 0.05);
        boolean byLead = balances.getFirst().byLead();
        double now = Math.toDegrees(
                byLead ? cut.signature().sideCuttingEdge() : cut.signature().sideRake());
        double least = Math.min(nose, balances.getFirst().noseMm()) / 1.3;
        double most = Math.max(nose, balances.getLast().noseMm()) * 1.3;
        double allowed = cut.job().tolerance().widthMm();
        double low = now;
        double high = now;
        for (TaperBalance balance : balances) {
            low = Math.min(low, Math.toDegrees(balance.angleRad()));
            high = Math.max(high, Math.toDegrees(balance.angleRad()));
        }
        Axis x = Axis.ofRatios(least, most, LEFT, RIGHT);
        Axis y = Axis.even(Math.floor(low / 5) * 5 - 5, Math.ceil(high / 5) * 5 + 5, LOW, HIGH);
        SceneBuilder scene = new SceneBuilder("balance", "Where pushing and drawing cancel");
        List<Point> line = new ArrayList<>();
        List<Point> above = new ArrayList<>();
        List<Point> below = new ArrayList<>();
        for (TaperBalance balance : balances) {
            double at = Math.toDegrees(balance.angleRad());
            double half = allowed / Math.max(balance.perDegreeMm(), 1e-9);
            line.add(new Point(x.at(balance.noseMm()), y.at(at)));
            above.add(new Point(x.at(balance.noseMm()), y.at(at + half)));
            below.addFirst(new Point(x.at(balance.noseMm()), y.at(at - half)));
        }
        List<Point> band = new ArrayList<>(above);
        band.addAll(below);
        scene.run(Role.WORK_AREA, true, band);
        scene.run(Role.CUTTING_EDGE, false, line);
        scene.line(Role.DIMENSION, LEFT, LOW, RIGHT, LOW);
        scene.line(Role.DIMENSION, LEFT, LOW, LEFT, HIGH);
        for (double tick = y.least(); tick <= y.most() + 1e-9; tick += y.most() - y.least() > 40 ? 10 : 5) {
            scene.line(Role.DIMENSION, LEFT - 1, y.at(tick), LEFT, y.at(tick));
            scene.label(Role.CAPTION, LEFT - 1.5, y.at(tick), Anchor.END, Written.degrees(Math.toRadians(tick)));
        }
        for (TaperBalance balance : balances) {
            scene.line(Role.DIMENSION, x.at(balance.noseMm()), LOW - 1, x.at(balance.noseMm()), LOW);
            scene.label(Role.CAPTION, x.at(balance.noseMm()), LOW - 3, Anchor.MIDDLE, say.length(balance.noseMm()));
        }
        scene.circle(Role.CHIP, x.at(nose), y.at(now), 1.2);
        scene.label(Role.CAPTION, x.at(nose) + 2, y.at(now) - 2.2, Anchor.START, "as it is");
        Point end = line.getLast();
        scene.label(
                Role.CAPTION,
                RIGHT,
                Math.min(HIGH, end.y() + 4),
                Anchor.END,
                byLead ? "more lead: pushes away" : "more rake: draws in");
        scene.label(
                Role.CAPTION,
                RIGHT,
                Math.max(LOW + 2, end.y() - 4),
                Anchor.END,
                byLead ? "less lead: draws in" : "less rake: pushes away");
        scene.label(Role.CAPTION, LEFT + 1, HIGH + 1.5, Anchor.START, byLead ? "side cutting-edge angle" : "side rake");
        scene.label(Role.CAPTION, RIGHT, LOW - 7, Anchor.END, "nose radius");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "shaded: taper within the tolerance");
    }
}
