package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.SwingRange;
import java.util.List;

/** What is said of a bit that turns and faces in one setting: how far it may be swung. */
final class SwingFindings {
    /** Clearing by less, the end edge drags. */
    private static final double DRAGS_RAD = Math.toRadians(0.5);

    private final TurningCut cut;
    private final UnitFormat say;

    SwingFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
    }

    List<Finding> all() {
        return cut.job().operation() == Operation.TURN_AND_FACE ? List.of(swing()) : List.of();
    }

    /** The range as the bit stands, its angles in use. */
    static SwingRange range(TurningCut cut) {
        return new SwingRange(
                cut.wedge().sideAngles(cut.used()).approach() - Math.PI / 2,
                cut.cutting().profile().trailing(),
                cut.job().swivelRad());
    }

    private Finding swing() {
        SwingRange range = range(cut);
        Finding.Builder finding = Finding.at(Station.REACH, "swing", say)
                .step(Working.of("Corner in plan, in use", "90° − f − t", rad(range.cornerRad()))
                        .with("f", "facing clears by", rad(range.facingRad()))
                        .with("t", "turning clears by", rad(range.turningRad())))
                .note("Facing, the speed falls towards the axis: the largest diameter decides it.")
                .note(
                        "A pip at the centre tells the height; a step at the corner, that one feed was not stopped in time.")
                .source("Geometry in plan, the angles in use; two degrees each are custom of the trade");
        if (range.isEmpty()) {
            double end = cut.signature().endCuttingEdge() + range.lacksRad() + Math.toRadians(1);
            String ground = Written.places(Math.ceil(Math.toDegrees(end)), 0) + "°";
            return finding.says(
                            Verdict.WRONG,
                            "No swing clears both: its corner is %s in plan, and turning and facing want %s each. Grind %s off one edge.",
                            say.angle(range.cornerRad()),
                            say.angle(SwingRange.LEAST_RAD),
                            say.angle(range.lacksRad()))
                    .margin(-range.lacksRad() / SwingRange.LEAST_RAD)
                    .mend("End edge " + ground, END_EDGE, ground)
                    .build();
        }
        String words = Written.words(
                "Turning it clears by %s, facing by %s; swing it anywhere from %s to %s.",
                say.angle(range.turningRad()),
                say.angle(range.facingRad()),
                say.angle(range.fromRad()),
                say.angle(range.toRad()));
        double margin = range.leastRad() / SwingRange.LEAST_RAD - 1;
        if (margin >= -0.02) {
            return finding.says(Verdict.FINE, words).margin(Math.max(0, margin)).build();
        }
        // Rounded to what a protractor on a post tells apart, and within the range.
        double best = Math.toRadians(Math.clamp(
                Math.rint(Math.toDegrees(range.bestRad())),
                Math.toDegrees(range.fromRad()),
                Math.toDegrees(range.toRad())));
        // What drags or comes out sloped is said where that is looked at; here it is only told how far it may be swung.
        boolean saidElsewhere = range.facingRad() < -ClearanceFindings.SQUARE_RAD || range.turningRad() <= DRAGS_RAD;
        finding.says(
                        saidElsewhere ? Verdict.TOLD : Verdict.DOUBTFUL,
                        Written.words(
                                range.facingRad() < range.turningRad()
                                        ? "The side edge lies on the face: facing clears by %s. Swung from %s to %s it clears both."
                                        : "The end edge lies on the turned surface: turning clears by %s. Swung from %s to %s it clears both.",
                                say.angle(range.leastRad()),
                                say.angle(range.fromRad()),
                                say.angle(range.toRad())))
                .margin(Math.max(-1, margin));
        return finding.mendUnless(saidElsewhere, "Swing it by " + say.angle(best), SWIVEL, Written.degrees(best))
                .build();
    }

    /** The bit in both its positions from above: at the turned surface, and at the face. */
    static Scene scene(TurningCut cut, UnitFormat say) {
        SwingRange range = range(cut);
        SceneBuilder scene = new SceneBuilder("swing", "Turning and facing, from above");
        position(scene, range, 30, false);
        position(scene, range, 76, true);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 28, 18, Anchor.MIDDLE, "turning: clears by " + say.angle(range.turningRad()));
        scene.label(Role.CAPTION, 75, 18, Anchor.MIDDLE, "facing: clears by " + say.angle(range.facingRad()));
        scene.input(4, 5, Anchor.START, say.angle(cut.job().swivelRad()), SWIVEL);
        scene.input(34, 5, Anchor.START, say.angle(cut.signature().sideCuttingEdge()), SIDE_EDGE);
        scene.input(62, 5, Anchor.START, say.angle(cut.signature().endCuttingEdge()), END_EDGE);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles to size");
    }

    private static final double LONG = 22;

    /** The corner at a point of the plate: the work above, the tool from below, fed to the left or up. */
    private static void position(SceneBuilder scene, SwingRange range, double x, boolean facing) {
        double y = 46;
        double sideX = LONG * Math.sin(range.facingRad());
        double sideY = -LONG * Math.cos(range.facingRad());
        double endX = LONG * Math.cos(range.turningRad());
        double endY = -LONG * Math.sin(range.turningRad());
        scene.place(x, y, 1);
        if (facing) {
            scene.filled(Role.WORK_AREA, Role.WORK, 0, -LONG, 0, 0, 3, 0, 3, 16, -20, 16, -20, -LONG);
        } else {
            scene.filled(Role.WORK_AREA, Role.WORK, LONG, 0, 0, 0, 0, -3, -20, -3, -20, 16, LONG, 16);
        }
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, sideX, sideY, endX, sideY + endY, endX, endY);
        scene.line(Role.CUTTING_EDGE, 0, 0, facing ? endX : sideX, facing ? endY : sideY);
        if (facing) {
            scene.angle(0, 0, -Math.PI / 2, -Math.PI / 2 + range.facingRad(), 17);
            scene.leader(10, 3, 0, 8, Anchor.START, "");
        } else {
            scene.angle(0, 0, -range.turningRad(), 0, 17);
            scene.leader(-10, -12, -8, 0, Anchor.START, "");
        }
    }
}
