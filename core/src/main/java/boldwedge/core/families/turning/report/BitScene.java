package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.report.BitView.Look;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.ToolSignature;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The bit from above, from the work, from the left and held up to look at; its angles are inputs. */
final class BitScene {
    private BitScene() {}

    static Scene draw(TurningCut cut, UnitFormat say) {
        GroundBit bit = cut.bit();
        ToolSignature s = cut.signature();
        double w = bit.blank().widthMm();
        double h = bit.blank().heightMm();
        double ground = bit.groundLengthMm();
        double shown = 0.45 * w;
        double scale = Math.min(18 / w, 27 / (ground + shown));
        BitView view = new BitView(bit, shown);
        SceneBuilder scene = new SceneBuilder("bit", "The bit to grind");

        // From above, point up.
        double topX = 27;
        double topY = 67;
        scene.place(topX, topY, scale);
        view.paint(scene, Look.FROM_ABOVE);
        Point tip = view.project(Look.FROM_ABOVE, bit.point());
        double lead = s.sideCuttingEdge();
        double down = -Math.PI / 2;
        Point leads = new Point(1.5, 57);
        if (Math.abs(lead) > 0.004) {
            scene.angle(
                    tip.x(),
                    tip.y(),
                    Math.min(down, down - lead),
                    Math.max(down, down - lead),
                    13,
                    leads,
                    say.angle(lead),
                    SIDE_EDGE);
        } else {
            scene.hung(tip.x(), tip.y() - 10 / scale, leads, say.angle(lead), SIDE_EDGE);
        }
        double end = s.endCuttingEdge();
        scene.angle(tip.x(), tip.y(), -end, 0, 15, new Point(44, 68), say.angle(end), END_EDGE);
        double r = s.noseRadiusMm();
        scene.hung(tip.x() + 0.3 * r, tip.y() - 0.3 * r, new Point(1.5, 68), say.length(r), NOSE_RADIUS);
        scene.dimension(
                w / 2,
                0,
                w / 2,
                -ground,
                4,
                new Point(topX + scale * w / 2 + 5.5, topY - scale * ground / 2),
                say.length(ground),
                GROUND_LENGTH);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, topX, topY - scale * (ground + shown) - 3.2, Anchor.MIDDLE, "from above");

        // From the work: the left of the bit is on the right.
        double endX = 27;
        double endY = 6.5;
        scene.place(endX, endY, scale);
        view.paint(scene, Look.FROM_THE_WORK);
        Point face = view.project(Look.FROM_THE_WORK, bit.point());
        scene.angle(
                face.x(),
                face.y(),
                Math.PI,
                Math.PI + s.sideRake(),
                9,
                new Point(1.5, endY + scale * face.y() - 1),
                say.angle(s.sideRake()),
                SIDE_RAKE);
        scene.angle(
                face.x(),
                face.y(),
                down - s.sideRelief(),
                down,
                11,
                new Point(endX + scale * w / 2 + 2.5, endY + scale * h * 0.35),
                say.angle(s.sideRelief()),
                SIDE_RELIEF);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, endX, endY - 3.2, Anchor.MIDDLE, "from the work");

        // From the left, point to the left.
        double sideX = 63;
        scene.place(sideX, endY, scale);
        view.paint(scene, Look.FROM_THE_LEFT);
        Point nose = view.project(Look.FROM_THE_LEFT, bit.point());
        scene.angle(
                nose.x(),
                nose.y(),
                Math.min(0, -s.backRake()),
                Math.max(0, -s.backRake()),
                14,
                new Point(sideX + 10, endY + scale * h + 4),
                say.angle(s.backRake()),
                BACK_RAKE);
        scene.angle(
                nose.x(),
                nose.y(),
                down,
                down + s.endRelief(),
                12,
                new Point(sideX - 13.5, endY + scale * h * 0.3),
                say.angle(s.endRelief()),
                END_RELIEF);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, sideX + scale * (ground + shown) / 2, endY - 3.2, Anchor.MIDDLE, "from the left");

        // Held up to look at.
        Vector3D middle = new Vector3D(0, -(ground + shown) / 2, h / 2);
        Point centre = view.project(Look.HELD_UP, middle);
        scene.place(78 - scale * centre.x(), 54 - scale * centre.y(), scale);
        view.paint(scene, Look.HELD_UP);
        scene.place(0, 0, 1)
                .label(
                        Role.CAPTION,
                        78,
                        37,
                        Anchor.MIDDLE,
                        "side edge " + say.length(bit.sideEdgeMm()) + " true length");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }
}
