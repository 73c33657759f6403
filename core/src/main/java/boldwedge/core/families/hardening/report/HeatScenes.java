package boldwedge.core.families.hardening.report;

import static boldwedge.core.families.hardening.entry.HeatField.*;

import boldwedge.core.families.hardening.model.HeatJob;
import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.families.hardening.model.HeatLoad.Stage;
import boldwedge.core.families.hardening.model.HeatLoad.Stretch;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Drawings of a load to be hardened: its timeline, the piece, the tempering curve. */
final class HeatScenes {
    private static final double LEFT = 14;
    private static final double RIGHT = 95;
    private static final double LOW = 14;
    private static final double HIGH = 66;

    private HeatScenes() {}

    private static String celsius(UnitFormat say, double value) {
        return say.amount(Amount.of(Quantity.TEMPERATURE, value));
    }

    /** Temperature over time, the hardening range as a band. */
    static Scene timeline(HeatLoad load, UnitFormat say) {
        List<Stretch> line = load.timeline();
        double hottest = line.stream()
                .mapToDouble(s -> Math.max(s.fromC(), s.toC()))
                .max()
                .orElseThrow();
        Axis x = Axis.even(0, load.wholeMin(), LEFT, RIGHT);
        Axis y = Axis.even(0, hottest * 1.12, LOW, HIGH);
        SceneBuilder scene = new SceneBuilder("heat-timeline", "Heat over time");
        Span range = load.job().steel().hardenC();
        scene.run(
                Role.WORK_AREA,
                true,
                LEFT,
                y.at(range.low()),
                RIGHT,
                y.at(range.low()),
                RIGHT,
                y.at(range.high()),
                LEFT,
                y.at(range.high()));
        scene.line(Role.DIMENSION, LEFT, LOW, RIGHT, LOW);
        scene.line(Role.DIMENSION, LEFT, LOW, LEFT, HIGH);
        double step = hottest > 700 ? 200 : 100;
        for (double t = step; t < hottest * 1.1; t += step) {
            scene.line(Role.DIMENSION, LEFT - 1, y.at(t), LEFT, y.at(t));
            scene.label(Role.CAPTION, LEFT - 1.5, y.at(t), Anchor.END, celsius(say, t));
        }
        double hours = load.wholeMin() / 60;
        double tick = hours > 12 ? 4 : hours > 6 ? 2 : 1;
        for (double h = tick; h * 60 < load.wholeMin(); h += tick) {
            scene.line(Role.DIMENSION, x.at(60 * h), LOW - 1, x.at(60 * h), LOW);
            scene.label(Role.CAPTION, x.at(60 * h), LOW - 3, Anchor.MIDDLE, say.number(h, 0) + " h");
        }
        List<Point> curve = new ArrayList<>();
        for (Stretch stretch : line) {
            curve.add(new Point(x.at(stretch.fromMin()), y.at(stretch.fromC())));
            if (stretch.stage() == Stage.QUENCH) {
                // It falls at once and then waits at hand-warm.
                double fall = load.bathed() ? 0.15 : 0.8;
                curve.add(new Point(
                        x.at(stretch.fromMin() + fall * (stretch.toMin() - stretch.fromMin())), y.at(stretch.toC())));
            }
            curve.add(new Point(x.at(stretch.toMin()), y.at(stretch.toC())));
        }
        scene.run(Role.CUTTING_EDGE, false, curve.stream().distinct().toList());
        boolean named = false;
        for (Stretch stretch : line) {
            double middle = x.at((stretch.fromMin() + stretch.toMin()) / 2);
            if (stretch.stage() == Stage.TEMPER && !named) {
                named = true;
                scene.label(
                        Role.CAPTION,
                        middle,
                        y.at(stretch.toC()) + 3,
                        Anchor.MIDDLE,
                        "temper " + celsius(say, load.treatment().temperC()));
                scene.label(
                        Role.CAPTION,
                        middle,
                        y.at(stretch.toC()) + 6.5,
                        Anchor.MIDDLE,
                        say.time(stretch.toMin() - stretch.fromMin()));
            } else if (stretch.stage() == Stage.SOAK) {
                scene.label(Role.CAPTION, middle, y.at(stretch.toC()) + 3, Anchor.MIDDLE, soak(load, say, stretch));
            } else if (stretch.stage() == Stage.QUENCH) {
                scene.label(
                        Role.CAPTION,
                        x.at(stretch.fromMin()) + 2,
                        y.at(stretch.fromC() * 0.55),
                        Anchor.START,
                        load.treatment().quench().words());
            }
        }
        scene.label(
                Role.CAPTION,
                RIGHT,
                y.at(range.high()) + 2.5,
                Anchor.END,
                "hardens " + celsius(say, range.low()) + " to " + celsius(say, range.high()));
        scene.place(0, 0, 1);
        scene.input(LEFT + 1, 2, Anchor.START, celsius(say, load.treatment().hardenC()), HEAT);
        scene.input(LEFT + 22, 2, Anchor.START, say.time(load.treatment().soakMin()), SOAK);
        scene.input(LEFT + 40, 2, Anchor.START, celsius(say, load.treatment().temperC()), TEMPER);
        scene.input(LEFT + 58, 2, Anchor.START, say.time(load.treatment().temperMin()), TEMPER_TIME);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "time and heat to scale");
    }

    /** How long it stands at heat: until it is hot through, and the soak after that; the hours of a case alone. */
    private static String soak(HeatLoad load, UnitFormat say, Stretch stretch) {
        double whole = stretch.toMin() - stretch.fromMin();
        double soak = load.treatment().soakMin();
        return Math.abs(whole - load.atHeatMin()) < 1e-6 && whole > soak + 1
                ? "through " + say.time(whole - soak) + ", soak " + say.time(soak)
                : say.time(whole);
    }

    /** The piece, its stress raisers marked. */
    static Scene piece(HeatLoad load, UnitFormat say) {
        HeatJob job = load.job();
        double d = job.sectionMm();
        double length = job.lengthMm();
        double scale = Math.min(76 / length, 26 / d);
        SceneBuilder scene = new SceneBuilder("heat-piece", "The piece, and where it may crack");
        scene.place(50 - length * scale / 2, 40, scale);
        double r = d / 2;
        double step = 0.55 * length;
        double thin = 0.62 * r;
        if (job.shape() == Shape.STEPPED) {
            scene.filled(
                    Role.TOOL, Role.EDGE, 0, r, step, r, step, thin, length, thin, length, -thin, step, -thin, step, -r,
                    0, -r);
            mark(scene, step, thin, scale);
            mark(scene, step, -thin, scale);
        } else {
            scene.filled(Role.TOOL, Role.EDGE, 0, r, length, r, length, -r, 0, -r);
        }
        if (job.shape() == Shape.DRILLED) {
            double hole = 0.22 * d;
            scene.circle(Role.EDGE, length - 1.6 * hole, 0.45 * r, hole / 2);
            mark(scene, length - 1.6 * hole, 0.45 * r + hole / 2, scale);
        }
        if (job.shape() == Shape.THREADED) {
            double pitch = Math.max(d / 8, 1);
            List<Point> thread = new ArrayList<>();
            for (int i = 0; i * pitch < 0.35 * length; i++) {
                thread.add(new Point(length - i * pitch, r));
                thread.add(new Point(length - (i + 0.5) * pitch, 0.86 * r));
            }
            scene.run(Role.EDGE, false, thread);
            mark(scene, length - 0.5 * pitch, 0.86 * r, scale);
        }
        scene.line(Role.CENTRE, -4 / scale, 0, length + 4 / scale, 0);
        double soft = load.job().steel().throughMm() / 2;
        if (!load.treatment().through() && !load.cased()) {
            double core = Math.max(0.15 * r, r - Math.max(load.job().steel().shellMm(), r - Math.max(0, r - soft / 2)));
            scene.run(Role.HIDDEN, true, core, core, length - core, core, length - core, -core, core, -core);
        }
        if (load.cased()) {
            double c = Math.min(job.caseMm(), 0.8 * r);
            scene.run(Role.HIDDEN, true, c, r - c, length - c, r - c, length - c, -r + c, c, -r + c);
        }
        double low = 40 - r * scale;
        scene.dimension(0, -r, length, -r, -6);
        scene.hung(0.08 * length, -r, new Point(6, low - 11), say.length(d), SECTION);
        scene.place(0, 0, 1);
        scene.input(44, low - 11, Anchor.START, say.length(length), LENGTH);
        scene.label(Role.CAPTION, 50, 40 + r * scale + 6, Anchor.MIDDLE, words(load));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static void mark(SceneBuilder scene, double x, double y, double scale) {
        scene.circle(Role.CHIP, x, y, 2.2 / scale);
    }

    private static String words(HeatLoad load) {
        return load.cased()
                ? "case within the broken line"
                : load.treatment().through() ? "hard all through" : "within the broken line it stays softer";
    }

    /** The tempering curve with what was chosen and what was measured. */
    static Scene curve(HeatLoad load, UnitFormat say, OptionalDouble measured) {
        ToolSteel steel = load.job().steel();
        double from = Math.min(100, steel.tempering().getFirst().celsius() - 20);
        double to =
                Math.max(steel.tempering().getLast().celsius(), load.treatment().hourC()) + 20;
        double low = steel.tempering().stream()
                .mapToDouble(ToolSteel.Temper::hrc)
                .min()
                .orElseThrow();
        double high = steel.asQuenched().high();
        low = Math.min(low, measured.orElse(low)) - 2;
        Axis x = Axis.even(from, to, LEFT, RIGHT);
        Axis y = Axis.even(low, high + 2, LOW, HIGH);
        SceneBuilder scene = new SceneBuilder("temper-curve", "Hardness after an hour's temper");
        List<Point> band = new ArrayList<>();
        List<Point> line = new ArrayList<>();
        for (ToolSteel.Temper point : steel.tempering()) {
            line.add(new Point(x.at(point.celsius()), y.at(point.hrc())));
            band.add(new Point(x.at(point.celsius()), y.at(point.hrc() + 2)));
        }
        for (ToolSteel.Temper point : steel.tempering().reversed()) {
            band.add(new Point(x.at(point.celsius()), y.at(point.hrc() - 2)));
        }
        scene.run(Role.WORK_AREA, true, band);
        scene.run(Role.WORK, false, line);
        scene.line(Role.DIMENSION, LEFT, LOW, RIGHT, LOW);
        scene.line(Role.DIMENSION, LEFT, LOW, LEFT, HIGH);
        for (double t = Math.ceil(from / 100) * 100; t < to; t += 100) {
            scene.line(Role.DIMENSION, x.at(t), LOW - 1, x.at(t), LOW);
            scene.label(Role.CAPTION, x.at(t), LOW - 3.2, Anchor.MIDDLE, celsius(say, t));
        }
        for (double h = Math.ceil(low / 5) * 5; h < high + 2; h += 5) {
            scene.line(Role.DIMENSION, LEFT - 1, y.at(h), LEFT, y.at(h));
            scene.label(Role.CAPTION, LEFT - 1.5, y.at(h), Anchor.END, say.number(h, 0) + " HRC");
        }
        double at = x.at(load.treatment().hourC());
        scene.run(
                Role.CUTTING_EDGE,
                false,
                at,
                LOW,
                at,
                y.at(load.hrc().chosen()),
                LEFT,
                y.at(load.hrc().chosen()));
        scene.line(Role.CENTRE, LEFT, y.at(load.wantedHrc()), RIGHT, y.at(load.wantedHrc()));
        scene.label(
                Role.CAPTION,
                RIGHT,
                y.at(load.wantedHrc()) + 2.2,
                Anchor.END,
                "wanted " + say.number(load.wantedHrc(), 0) + " HRC");
        measured.ifPresent(hrc -> {
            scene.run(Role.CHIP, false, LEFT, y.at(hrc), RIGHT, y.at(hrc));
            scene.label(Role.CAPTION, RIGHT, y.at(hrc) - 2.4, Anchor.END, "measured " + say.number(hrc, 1) + " HRC");
        });
        scene.place(0, 0, 1);
        scene.input(60, 2, Anchor.START, say.amount(Amount.of(Quantity.HARDNESS, load.wantedHrc())), WANTED);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "hardness and heat to scale");
    }
}
