package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.GrindingPlan.Pass;
import boldwedge.core.mechanics.wedge.GrindingSetting;

/** The grinding drawn: the bit on its rest before the wheel, and the edge under the stone. */
final class GrindScenes {
    private final TurningCut cut;
    private final UnitFormat say;

    GrindScenes(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
    }

    /** The wheel from its side with the tilted rest, and from above with the swung bit. */
    Scene pass(Pass pass) {
        GrindingSetting setting = pass.setting();
        SceneBuilder scene = new SceneBuilder("grind-" + GrindCard.id(pass.surface()), GrindCard.name(pass.surface()));
        boolean cup = Double.isInfinite(pass.hollow().wheelRadiusMm());
        double tilt = setting.tiltRad();
        // Side view: wheel on the right, contact at its height of centre.
        double contactX = 29;
        double contactY = 42;
        scene.place(0, 0, 1);
        if (cup) {
            scene.run(Role.FIXTURE, true, contactX, 22, contactX + 6, 22, contactX + 6, 62, contactX, 62);
            scene.line(Role.CENTRE, contactX - 4, contactY, contactX + 16, contactY);
        } else {
            scene.circle(Role.FIXTURE, contactX + 15, contactY, 15);
            scene.line(Role.CENTRE, contactX - 4, contactY, contactX + 33, contactY);
            scene.line(Role.CENTRE, contactX + 15, contactY - 18, contactX + 15, contactY + 18);
        }
        double c = Math.cos(tilt);
        double s = Math.sin(tilt);
        // Bit: a bar leaning so that its ground plane stands upright at the wheel; rest below it.
        double h = 9;
        double length = 23;
        double cornerX = contactX - 0.1;
        double cornerY = contactY - h / 2;
        bar(scene, Role.TOOL, cornerX, cornerY, c, s, length, h, tilt);
        bar(scene, Role.EDGE, cornerX, cornerY, c, s, length, h, tilt);
        double restX = cornerX - 3 * c + 0.8 * s;
        double restY = cornerY - 3 * s - 0.8 * c;
        scene.run(
                Role.FIXTURE,
                true,
                restX,
                restY,
                restX - 23 * c,
                restY - 23 * s,
                restX - 23 * c + 3 * s,
                restY - 23 * s - 3 * c,
                restX + 3 * s,
                restY - 3 * c);
        scene.line(Role.CENTRE, restX - 30 * c, restY - 30 * s, restX - 30 * c + 32, restY - 30 * s);
        if (tilt > 0.002) {
            scene.angle(restX - 30 * c, restY - 30 * s, 0, tilt, 16);
        }
        scene.label(Role.DIMENSION, 4, 14, Anchor.START, "rest tilted " + GrindCard.precise(tilt));
        scene.label(Role.CAPTION, 4, 9.5, Anchor.START, "from the side; " + (cup ? "cup wheel" : "wheel not to scale"));

        // From above the rest: the wheel's face is a line, the bit swung on the rest.
        double planX = 84;
        double planY = 50;
        scene.run(
                Role.FIXTURE, true, planX - 13, planY, planX + 13, planY, planX + 13, planY + 7, planX - 13, planY + 7);
        double swing = setting.swingRad();
        double ux = -Math.sin(swing);
        double uy = Math.cos(swing);
        double half = 3.2;
        double nx = -uy;
        double ny = ux;
        double back = 21;
        double[] outline = {
            nx * half,
            ny * half,
            -nx * half,
            -ny * half,
            -nx * half - ux * back,
            -ny * half - uy * back,
            nx * half - ux * back,
            ny * half - uy * back
        };
        // Slide the bit until it touches the wheel's face, its touching corner on the wheel's axis.
        double touchX = 0;
        double touchY = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < outline.length; i += 2) {
            if (outline[i + 1] > touchY) {
                touchY = outline[i + 1];
                touchX = outline[i];
            }
        }
        boolean along = Math.abs(swing) > Math.PI / 4;
        double px = along ? planX + ux * back / 2 : planX - touchX;
        double py = planY - touchY;
        for (int i = 0; i < outline.length; i += 2) {
            outline[i] += px;
            outline[i + 1] += py;
        }
        scene.filled(Role.TOOL, Role.EDGE, outline);
        scene.line(Role.CENTRE, px - ux * (back + 4), py - uy * (back + 4), px + ux * 3, py + uy * 3);
        scene.line(Role.CENTRE, planX, planY + 10, planX, planY - 26);
        scene.label(
                Role.DIMENSION,
                96,
                14,
                Anchor.END,
                "shank " + GrindCard.precise(Math.abs(swing)) + " from the wheel's axis");
        scene.label(Role.CAPTION, 96, 9.5, Anchor.END, "looking down on the rest");
        scene.label(Role.CAPTION, 50, 69, Anchor.MIDDLE, "bit " + setting.down().words());
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles true, sizes not to scale");
    }

    private static void bar(
            SceneBuilder scene,
            Role role,
            double x,
            double y,
            double c,
            double s,
            double length,
            double h,
            double tilt) {
        double lean = h * Math.tan(tilt);
        // The ground end stands upright: the top corner is back along the bar by h·tan(tilt).
        scene.run(
                role,
                true,
                x,
                y,
                x - h * s + lean * c,
                y + h * c + lean * s,
                x - length * c - h * s,
                y - length * s + h * c,
                x - length * c,
                y - length * s);
    }

    Scene hone() {
        SceneBuilder scene = new SceneBuilder("grind-hone", "Stone the edge");
        scene.place(0, 0, 1);
        double tip = 60;
        double rake = cut.wedge().sideAngles(Frame.IN_HAND).normalRake();
        double clear = cut.wedge().sideAngles(Frame.IN_HAND).normalClearance();
        double y = 44;
        double back = 44;
        double[] wedge = {
            tip,
            y,
            tip - back * Math.cos(rake),
            y - back * Math.sin(rake),
            tip - back * Math.cos(rake),
            14,
            tip - (y - 14) * Math.tan(clear),
            14
        };
        scene.filled(Role.GROUND, Role.EDGE, wedge);
        scene.angle(tip, y, Math.PI, Math.PI + Math.max(0.001, rake), 26);
        scene.label(Role.DIMENSION, tip - 30, y + 5, Anchor.MIDDLE, "rake square to the edge " + say.angle(rake));
        scene.angle(tip, y, -Math.PI / 2 - clear, -Math.PI / 2, 20);
        scene.label(Role.DIMENSION, tip + 2, 27, Anchor.START, "clearance " + say.angle(clear));
        scene.label(Role.DIMENSION, tip - 22, 30, Anchor.MIDDLE, "wedge " + say.angle(Math.PI / 2 - rake - clear));
        scene.run(
                Role.FIXTURE,
                true,
                tip + 1.2,
                y + 3,
                tip + 5,
                y + 3,
                tip + 5 - 26 * Math.tan(clear),
                y - 23,
                tip + 1.2 - 26 * Math.tan(clear),
                y - 23);
        scene.label(Role.CAPTION, 50, 8, Anchor.MIDDLE, "cut square across the side edge");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles true");
    }
}
