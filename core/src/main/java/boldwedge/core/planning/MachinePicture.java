package boldwedge.core.planning;

import static boldwedge.core.planning.LatheField.*;

import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.mechanics.cutting.MachineKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * A machine drawn, with the entries of its card where they stand: each beside the drawing, with a line to its place.
 *
 * @param kind of machine
 * @param scene the drawing; its inputs are entries of the card
 */
public record MachinePicture(MachineKind kind, Scene scene) {
    /** Wider than a cut's plate: there is a column of entries on both sides of the machine. */
    private static final double WIDTH = 140;

    /** The drawing stands so far from the left. */
    private static final double ASIDE = 20;

    private static final double LEFT = 1.5;
    private static final double RIGHT = WIDTH - LEFT;
    /** Where the lines to the entries end, clear of what is typed. */
    private static final double LEFT_END = 29;

    private static final double RIGHT_END = WIDTH - LEFT_END;
    private static final double TOP = 69;
    private static final double ROW = 8.2;
    private static final int MOST_ROWS = 8;

    /** An entry and its place in the drawing. */
    private record Spot(LatheField field, double x, double y, String name) {
        Spot(LatheField field, double x, double y) {
            this(field, x, y, field.label());
        }
    }

    /** The pictures of all kinds. */
    public static List<MachinePicture> all() {
        return List.of(
                new MachinePicture(MachineKind.LATHE, front()),
                new MachinePicture(MachineKind.LATHE, end()),
                new MachinePicture(MachineKind.LATHE, gears()),
                new MachinePicture(MachineKind.MILL, mill()),
                new MachinePicture(MachineKind.SHAPER, shaper()));
    }

    private static Scene front() {
        SceneBuilder scene = new SceneBuilder("machine-front", "The lathe from its front");
        scene.place(ASIDE, 0, 1);
        box(scene, Role.TOOL, 27, 12, 46, 18);
        box(scene, Role.FIXTURE, 25, 18, 75, 23);
        box(scene, Role.FIXTURE, 26, 23, 39, 48);
        box(scene, Role.GROUND, 39, 32, 41, 42);
        box(scene, Role.GROUND, 41, 29, 45, 45);
        box(scene, Role.FIXTURE, 64, 23, 71, 40);
        box(scene, Role.GROUND, 60, 35.5, 64, 38.5);
        scene.run(Role.EDGE, true, 60, 35.5, 57, 37, 60, 38.5);
        scene.circle(Role.EDGE, 74, 37, 3);
        scene.line(Role.EDGE, 71, 37, 74, 37);
        box(scene, Role.FIXTURE, 47, 15, 57, 27);
        box(scene, Role.TOOL, 50, 27, 54, 33);
        scene.circle(Role.EDGE, 50, 19, 2.6);
        scene.line(Role.CENTRE, 24, 37, 78, 37);
        scene.dimension(45, 45, 57, 45, 3);
        scene.dimension(43, 23, 43, 37, -0.5);
        return laid(
                scene,
                List.of(
                        new Spot(SPEEDS, 31, 44),
                        new Spot(CHUCK, 43, 45),
                        new Spot(CHUCK_STIFFNESS, 41.5, 40),
                        new Spot(CHUCK_TILT, 41.5, 34, "Stiffness against turning"),
                        new Spot(SWING, 43.5, 30, "Swing over the bed"),
                        new Spot(FEEDS, 31, 28),
                        new Spot(MOTOR, 31, 15),
                        new Spot(EFFICIENCY, 37, 13.5),
                        new Spot(CENTRES, 51, 48),
                        new Spot(QUILL_TRAVEL, 62, 38.5, "Travel of its quill"),
                        new Spot(TAIL_HANDLE, 74, 40, "A turn of its handle"),
                        new Spot(TAILSTOCK_STIFFNESS, 67.5, 30),
                        new Spot(CARRIAGE_TURN, 52, 20, "A turn of the handwheel"),
                        new Spot(WHEEL_RADIUS, 50, 16.4)));
    }

    private static Scene end() {
        SceneBuilder scene = new SceneBuilder("machine-end", "Slide and post, from the tailstock");
        scene.place(ASIDE, 0, 1);
        box(scene, Role.FIXTURE, 28, 6, 70, 14);
        box(scene, Role.FIXTURE, 42, 14, 70, 21);
        // The slide with its T-slot, cut open.
        scene.filled(
                Role.FIXTURE,
                Role.EDGE,
                46,
                21,
                68,
                21,
                68,
                29,
                59.5,
                29,
                59.5,
                27,
                62,
                27,
                62,
                24,
                54,
                24,
                54,
                27,
                56.5,
                27,
                56.5,
                29,
                46,
                29);
        box(scene, Role.TOOL, 53, 29, 63, 42);
        box(scene, Role.GROUND, 40, 34, 53, 39);
        scene.circle(Role.EDGE, 35, 39, 9);
        scene.line(Role.CENTRE, 24, 39, 48, 39);
        scene.line(Role.CENTRE, 35, 28, 35, 50);
        scene.dimension(44, 29, 44, 39, -0.5);
        scene.dimension(51, 34, 51, 39, -0.5);
        box(scene, Role.FIXTURE, 70, 16, 74, 19);
        scene.circle(Role.EDGE, 75.5, 17.5, 2.4);
        box(scene, Role.FIXTURE, 64, 29, 69, 31.5);
        scene.circle(Role.EDGE, 71, 30.2, 1.8);
        return laid(
                scene,
                List.of(
                        new Spot(LARGEST_SHANK, 45, 38),
                        new Spot(CENTRE_HEIGHT, 50.5, 36.5, "Axis above the tool’s seat"),
                        new Spot(SLIDE_HEIGHT, 43.5, 33, "Axis above the slide"),
                        new Spot(SLIDE_NEAREST, 46, 27, "Comes to the axis within"),
                        new Spot(SLOT_THROAT, 57, 28.5, "Throat of its T-slot"),
                        new Spot(SLOT_LIP, 55, 27.5, "Thickness of its lips"),
                        new Spot(SLOT_HEAD, 55, 25, "Width under the lips"),
                        new Spot(POST_PLACES, 60, 41, "Tools held ready"),
                        new Spot(POST_STIFFNESS, 61, 38, "Stiffness at the post"),
                        new Spot(POST_RING, 62, 36, "Ring of the post, tapped"),
                        new Spot(POST_DAMPING, 62, 34),
                        new Spot(COMPOUND_TURN, 71, 32, "A turn of the compound"),
                        new Spot(DIAL_DIVISION, 71, 28.4, "Smallest division"),
                        new Spot(CROSS_TURN, 75.5, 15.2, "A turn of the cross slide")),
                List.of(SLOT_THROAT, SLOT_LIP, SLOT_HEAD));
    }

    private static Scene gears() {
        SceneBuilder scene = new SceneBuilder("machine-gears", "What it cuts threads with");
        scene.place(ASIDE, 0, 1);
        for (double[] wheel : new double[][] {{36, 52, 6}, {36, 39, 7}, {36, 24, 8}}) {
            scene.circle(Role.EDGE, wheel[0], wheel[1], wheel[2]);
            scene.circle(Role.SWEPT, wheel[0], wheel[1], wheel[2] - 1);
            scene.circle(Role.EDGE, wheel[0], wheel[1], 1.2);
        }
        box(scene, Role.FIXTURE, 44, 17, 54, 34);
        box(scene, Role.GROUND, 54, 22.5, 76, 25.5);
        for (double x = 55; x < 76; x += 1.6) {
            scene.line(Role.EDGE, x, 22.5, x + 0.9, 25.5);
        }
        scene.circle(Role.EDGE, 66, 36, 5);
        for (int mark = 0; mark < 8; mark++) {
            double angle = Math.PI / 4 * mark;
            scene.line(
                    Role.EDGE,
                    66 + 4 * Math.cos(angle),
                    36 + 4 * Math.sin(angle),
                    66 + 5 * Math.cos(angle),
                    36 + 5 * Math.sin(angle));
        }
        scene.circle(Role.SWEPT, 66, 27.5, 2);
        scene.line(Role.EDGE, 66, 31, 66, 29.5);
        return laid(
                scene,
                List.of(
                        new Spot(CHANGE_WHEELS, 31, 39, "Change wheels beside it"),
                        new Spot(BOX_THREADS, 49, 30),
                        new Spot(LEAD_SCREW, 58, 22.5),
                        new Spot(DIAL_MARKS, 69.5, 39.5),
                        new Spot(DIAL_TEETH, 68, 27.5),
                        new Spot(STOP_TIME, 74, 24, "Time until it stands")),
                List.of(CHANGE_WHEELS, BOX_THREADS, LEAD_SCREW),
                12,
                50);
    }

    private static Scene mill() {
        SceneBuilder scene = new SceneBuilder("machine-mill", "The mill from its front");
        scene.place(ASIDE, 0, 1);
        box(scene, Role.FIXTURE, 42, 6, 58, 18);
        box(scene, Role.FIXTURE, 28, 18, 72, 23);
        box(scene, Role.FIXTURE, 43, 38, 57, 60);
        box(scene, Role.GROUND, 47, 30, 53, 38);
        box(scene, Role.TOOL, 49, 25, 51, 30);
        scene.line(Role.CENTRE, 50, 22, 50, 63);
        scene.circle(Role.EDGE, 62, 46, 3);
        scene.line(Role.EDGE, 57, 46, 62, 46);
        return laid(
                scene,
                List.of(
                        new Spot(MOTOR, 46, 57),
                        new Spot(EFFICIENCY, 46, 50),
                        new Spot(POST_STIFFNESS, 48, 34, "Stiffness at the spindle"),
                        new Spot(SWING, 32, 21, "Width of the table"),
                        new Spot(SPEEDS, 55, 55),
                        new Spot(TAIL_HANDLE, 64, 48, "A turn of the quill’s handle"),
                        new Spot(QUILL_TRAVEL, 53, 34, "Travel of its quill"),
                        new Spot(FEEDS, 51, 26)));
    }

    private static Scene shaper() {
        SceneBuilder scene = new SceneBuilder("machine-shaper", "The shaper from its side");
        scene.place(ASIDE, 0, 1);
        box(scene, Role.FIXTURE, 46, 8, 68, 42);
        box(scene, Role.GROUND, 34, 42, 74, 49);
        box(scene, Role.FIXTURE, 31, 34, 36, 49);
        box(scene, Role.TOOL, 32.5, 26, 34.5, 34);
        box(scene, Role.FIXTURE, 26, 14, 46, 22);
        scene.circle(Role.EDGE, 57, 24, 7);
        scene.circle(Role.EDGE, 57, 29, 1.2);
        scene.line(Role.HIDDEN, 57, 12, 57, 42);
        scene.dimension(26, 26, 46, 26, -2);
        return laid(
                scene,
                List.of(
                        new Spot(POST_STIFFNESS, 33.5, 44, "Stiffness of ram and table"),
                        new Spot(RAM_DROOP, 38, 43, "It sinks over that stroke"),
                        new Spot(LONGEST_STROKE, 36, 28),
                        new Spot(SWING, 30, 18, "Width of the table"),
                        new Spot(STROKES, 58, 29),
                        new Spot(RETURN_RATIO, 62, 24, "Return over cut"),
                        new Spot(MOTOR, 65, 16),
                        new Spot(EFFICIENCY, 65, 11)));
    }

    private static Scene laid(SceneBuilder scene, List<Spot> spots) {
        return laid(scene, spots, List.of());
    }

    private static Scene laid(SceneBuilder scene, List<Spot> spots, List<LatheField> onTheLeft) {
        return laid(scene, spots, onTheLeft, 0, Plate.HEIGHT);
    }

    /** Entries in two columns, each nearest to its place, from the top in the order of their places; a line to each. */
    private static Scene laid(
            SceneBuilder scene, List<Spot> spots, List<LatheField> onTheLeft, double bottom, double height) {
        List<Spot> left = new ArrayList<>();
        List<Spot> right = new ArrayList<>();
        spots.forEach(
                spot -> (onTheLeft.contains(spot.field()) || spot.x() + ASIDE < WIDTH / 2 ? left : right).add(spot));
        scene.place(0, 0, 1);
        column(scene, left, LEFT, LEFT_END, Anchor.START);
        column(scene, right, RIGHT, RIGHT_END, Anchor.END);
        return scene.build(0, bottom, WIDTH, height, "not to size");
    }

    private static void column(SceneBuilder scene, List<Spot> spots, double x, double end, Anchor anchor) {
        List<Spot> sorted = new ArrayList<>(spots.stream()
                .sorted(Comparator.comparingDouble(Spot::y).reversed())
                .toList());
        double top = TOP - Math.max(0, (MOST_ROWS - sorted.size()) * ROW / 2);
        uncross(sorted, end, top);
        double y = top;
        for (Spot spot : sorted) {
            scene.line(Role.DIMENSION, new Point(end, y), new Point(ASIDE + spot.x(), spot.y()));
            scene.circle(Role.DIMENSION, ASIDE + spot.x(), spot.y(), 0.4);
            scene.input(x, y, anchor, "", spot.field(), spot.name());
            y -= ROW;
        }
    }

    /** Two that cross change places, until none does: each change shortens their lines, so it ends. */
    private static void uncross(List<Spot> spots, double end, double top) {
        boolean crossed = true;
        while (crossed) {
            crossed = false;
            for (int i = 0; i < spots.size(); i++) {
                for (int k = i + 1; k < spots.size(); k++) {
                    if (length(spots.get(i), end, top - k * ROW) + length(spots.get(k), end, top - i * ROW)
                            < length(spots.get(i), end, top - i * ROW)
                                    + length(spots.get(k), end, top - k * ROW)
                                    - 1e-9) {
                        Collections.swap(spots, i, k);
                        crossed = true;
                    }
                }
            }
        }
    }

    private static double length(Spot spot, double end, double y) {
        return Math.hypot(ASIDE + spot.x() - end, spot.y() - y);
    }

    private static void box(SceneBuilder scene, Role area, double x0, double y0, double x1, double y1) {
        scene.filled(area, Role.EDGE, x0, y0, x1, y0, x1, y1, x0, y1);
    }
}
