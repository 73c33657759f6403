package boldwedge.core.families.seating.report;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob;
import boldwedge.core.families.seating.model.InsertPocketJob.Height;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** The road to a seat: body, flats, corner, walls, floor, screw, edges. */
final class InsertPocketRoute {
    private final InsertPocketCut cut;
    private final InsertPocketJob job;
    private final UnitFormat say;
    private final Scene pocket;
    private final Scene body;

    InsertPocketRoute(InsertPocketCut cut, UnitFormat say, Scene pocket, Scene body) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
        this.pocket = pocket;
        this.body = body;
    }

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(stock());
        steps.add(job.bar() ? turnBar() : square());
        steps.add(point());
        if (job.bar()) {
            steps.add(flats());
        }
        steps.add(zero());
        steps.add(floor());
        steps.add(corner());
        steps.add(wall("back-wall", "The wall behind", cut.shape().backWall()));
        steps.add(wall("side-wall", "The wall beside", cut.shape().sideWall()));
        steps.add(screw());
        steps.add(deburr());
        steps.add(indicate());
        return steps;
    }

    private String size() {
        return job.bar()
                ? "bar " + say.length(job.heightMm()) + ", " + say.length(job.lengthMm()) + " long"
                : say.length(job.heightMm()) + " × " + say.length(job.widthMm()) + ", " + say.length(job.lengthMm())
                        + " long";
    }

    private MakeStep stock() {
        return MakeStep.of(
                "stock",
                "Saw and try the stock",
                body,
                List.of(size() + ", a few millimetres longer.", "Turn or file a test piece of it first."),
                "What tears at the file tears in the seat and in the screw’s thread.",
                "A smooth file leaves it bright.");
    }

    private MakeStep square() {
        return MakeStep.of(
                "square",
                "Square it up",
                body,
                List.of("All four sides square; base and top parallel within " + say.length(0.02) + "."),
                "The base carries the height of the edge, the side its angle.",
                "On a plate under an indicator.");
    }

    private MakeStep turnBar() {
        List<String> lines = new ArrayList<>();
        lines.add("Between centres, so that both diameters run on one axis: " + say.length(job.heightMm()) + ".");
        if (cut.reducedMm() < job.heightMm() - 1e-6) {
            lines.add("Behind the insert " + say.length(cut.reducedMm()) + " for the depth of the thread.");
        }
        return MakeStep.of(
                "turn",
                "Turn the bar",
                body,
                lines,
                "The seat goes by the bar’s axis; a bar that does not run true gives a height nobody can set.",
                "Micrometer at both ends.");
    }

    private MakeStep point() {
        return MakeStep.of(
                "point",
                "Point it to its edge angle",
                body,
                List.of(
                        "Front to " + say.angle(job.kappaRad()) + " and under both edges "
                                + say.angle(cut.clearanceRad()) + " back.",
                        "Leave "
                                + (job.bar()
                                        ? "a small flat for the centre, or a pip that is cut off last."
                                        : "a little to dress after the insert is in.")),
                "Pointed first, the seat follows the body and not the eye.",
                "Laid against the insert: " + say.length(0.3) + " to " + say.length(1) + " of it stands over.");
    }

    private MakeStep flats() {
        return MakeStep.of(
                "flats",
                "Flats along the bar",
                body,
                List.of(
                        "Two flats, opposite, parallel to the seat, as long as the clamp.",
                        job.height() == Height.TOP
                                ? "Insert’s top on the axis: flat at the head " + say.length(cut.flatMm()) + " deep."
                                : "Insert’s mid-thickness on the axis: flat at the head " + say.length(cut.flatMm())
                                        + " deep."),
                "They set the seat level in the holder and keep the bar from rolling under the cut.",
                "Micrometer over flat and round: " + say.length(job.heightMm() - cut.flatMm()) + ".");
    }

    private MakeStep zero() {
        return MakeStep.of(
                        "zero",
                        "Set the zero",
                        pocket,
                        List.of(
                                job.bar()
                                        ? "Bar in a V-block, flats level. Zero: its end, and its axis."
                                        : "Shank in the vise, base down. Zero: its front, and the side toward the chuck. All places count from there."),
                        "One zero for corner, screw and walls: nothing is taken over from one set-up to the next.",
                        "Edge finder from both sides; write the dials down.")
                .cautioned(
                        "Cutter and vise jaws: know where the cutter comes out before the table moves; eyes covered.");
    }

    private MakeStep corner() {
        double[] at = cut.fromZero(cut.shape().wallCorner());
        return MakeStep.of(
                "corner",
                "Plunge the corner",
                pocket,
                List.of(
                        "Cutter of " + say.length(cut.reliefMm()) + " at " + say.length(at[0]) + " from the "
                                + (job.bar() ? "end" : "front") + ", " + say.length(at[1])
                                + (job.bar() ? " from the axis" : " from the side") + ".",
                        "Down to the floor, " + say.length(cut.floorDepthMm()) + " below the top"
                                + (job.bar() ? " of the bar" : "") + ", before the walls are cut."),
                "Relieved first, the walls’ cutter runs out into air and leaves no radius for the insert’s corner to stand on.",
                "The insert’s corner hangs free.");
    }

    /** How the seat dips, along the body and across it. */
    private String dips() {
        String work = say.angle(cut.dipToWorkRad());
        String feed = say.angle(Math.abs(cut.dipToFeedRad()));
        String way = cut.dipToFeedRad() < 0 ? "away from the feed" : "toward the feed";
        return job.bar()
                ? work + " toward the wall of the hole and " + feed + " along the bar, " + way
                : work + " down to the front and " + feed + " sideways, " + way;
    }

    private MakeStep floor() {
        return MakeStep.of(
                        "floor",
                        "Rough the pocket, floor to depth",
                        pocket,
                        List.of(
                                "Floor " + say.length(cut.floorDepthMm()) + " below the top"
                                        + (cut.tiltRad() > 0 ? ", dipping " + dips() : ", level")
                                        + "; " + say.length(0.3) + " is left at the walls.",
                                "Cutter of " + say.length(job.cutterMm()) + ", close to the table, quill locked."),
                        "The floor is the edge’s height: measure it before it is left.",
                        "Depth micrometer from the top.")
                .measuring(
                        MADE_DEPTH,
                        say.length(cut.floorDepthMm()),
                        cut.edgeLowMm().stream()
                                .mapToObj(low -> Math.abs(low) < 0.03
                                        ? "As made the edge stands at its height."
                                        : "As made the edge stands " + say.length(Math.abs(low))
                                                + (low > 0
                                                        ? " low: a shim of that under the insert, or the holder set higher."
                                                        : " high: take that from the floor."))
                                .toList());
    }

    private MakeStep wall(String id, String title, Vector2D along) {
        double swing = cut.swingRad(along);
        return MakeStep.of(
                id,
                title,
                pocket,
                List.of(
                        "Vise swung " + say.angle(Math.abs(swing))
                                + (Math.abs(swing) < 1e-6 ? "" : swing > 0 ? " against the clock" : " with the clock")
                                + " from the body’s length: the wall lies along the table.",
                        "From the corner’s relief " + say.length(cut.shorterWallMm()) + " outward, in one pass of "
                                + say.length(0.1) + " last.",
                        cut.tiltRad() > 0 ? "The floor’s dip stays: " + dips() + "." : "No tilt."),
                "The swing makes the angle; the dial makes the place. Swung anew for the other wall.",
                "Insert laid in: no light between it and the wall.");
    }

    private MakeStep screw() {
        ScrewSize screw = cut.screw(say.units());
        double[] at = cut.fromZero(cut.screwAt());
        return MakeStep.of(
                "screw",
                "Drill and tap for the screw",
                pocket,
                List.of(
                        "At " + say.length(at[0]) + " from the " + (job.bar() ? "end" : "front") + ", "
                                + say.length(at[1]) + (job.bar() ? " from the axis" : " from the side") + ": "
                                + say.length(job.drawMm()) + " nearer the walls than the insert’s own hole.",
                        "Square to the seat; drill " + say.drill(DrillTable.nearest(screw.tapDrillMm(), say.units()))
                                + ", tap " + screw.name() + "."),
                "So drawn in, the screw pulls the insert into both walls as it tightens.",
                "Screw in by fingers; its head sinks below the insert’s top.");
    }

    private MakeStep deburr() {
        return MakeStep.of(
                        "deburr",
                        "Deburr",
                        pocket,
                        List.of("Edges of the pocket broken with a stone; the floor itself is left alone."),
                        "A burr at the wall holds the insert off by its own thickness.",
                        "Lamp behind it: no light at the walls, none under it.")
                .cautioned("Milled edges cut: a stone or a file, not a finger.");
    }

    private MakeStep indicate() {
        double way = Math.rint(0.6 * cut.shape().edgeMm());
        return MakeStep.of(
                "indicate",
                "Indicate the edge, cut a test",
                body,
                List.of(
                        "Slide set to " + say.angle(job.kappaRad()) + ", indicator along the leading edge over "
                                + say.length(way) + ": a degree off reads "
                                + say.length(way * Math.sin(Math.toRadians(1))) + ".",
                        job.bar() && job.height() == Height.MIDDLE
                                ? "Bar set lower by " + say.length(cut.edgeMm()) + ": its edge stands above its axis."
                                : "Edge on centre; a test cut, and look at the seat again."),
                "An insert that moves under its first cut shows it at the walls.",
                "Screw still tight after the cut; no bright spots on the floor.");
    }
}
