package boldwedge.core.families.casting.report;

import boldwedge.core.families.casting.entry.CastField;
import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** How a casting is bored, step by step with its reasons. */
record CastRoute(CastBore cut, UnitFormat say, Scene end, Scene fit) {
    /** A casting rests so long between roughing and finishing where nothing presses, minutes. */
    private static final double REST_MIN = 60;

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>(List.of(core()));
        if (job().cap()) {
            steps.add(cap());
        }
        steps.addAll(List.of(axis(), skin(), rough(), rest(), finish()));
        if (job().seat() == Seat.BUSH) {
            steps.addAll(List.of(press(), bush()));
        }
        return steps;
    }

    private CastJob job() {
        return cut.job();
    }

    private MakeStep core() {
        return MakeStep.of(
                        "core",
                        "Measure the raw hole",
                        end,
                        List.of(
                                "From the axis that is wanted: to the wall in four directions, at both ends.",
                                "Knock sand out, wire-brush; look for voids at the joint and where a shell will sit."),
                        "The axis is chosen before the first cut: afterwards a lean side cannot be given back.",
                        "The leanest side keeps " + say.length(cut.leastMm()) + "; skin " + say.length(cut.skinMm())
                                + ". A void at the joint or under a shell: fill it, sleeve it, or scrap it now.")
                .cautioned("Castings are heavier than they look: lift with help.");
    }

    private MakeStep cap() {
        return MakeStep.of(
                "cap",
                "Cap, shims, dowels",
                fit,
                List.of(
                        "Joint faced and clean; shims of " + say.length(job().shimsMm())
                                + " at each side, numbered with their places.",
                        "Dowels before boring; screws in the same order, to the same torque, each time."),
                "What is bored together goes together: another torque is another bore.",
                "Feeler gauge all round the joint: alike.");
    }

    private MakeStep axis() {
        boolean moved = Math.hypot(cut.asideMm(), cut.upMm()) > 0.005;
        return MakeStep.of(
                        "axis",
                        "Set it up on its axis",
                        end,
                        List.of(
                                moved
                                        ? "Axis " + say.signed(cut.asideMm()) + " aside and " + say.signed(cut.upMm())
                                                + " up from the one that was wanted: every side then keeps alike."
                                        : "On the axis that is wanted, by its marks at both ends.",
                                "Clamp over what it stands on; packing under every clamp."),
                        "Stock on every side is worth more than a drawing's axis.",
                        "A pointer swept round at both ends.")
                .cautioned(
                        "Turn by hand first, all the way round. A casting out of balance: the slowest speed, a weight opposite.");
    }

    private MakeStep skin() {
        return MakeStep.of(
                        "skin",
                        "First pass, under the skin",
                        end,
                        List.of(
                                "In one pass to " + say.length(cut.firstMm()) + ", up to "
                                        + say.length(cut.firstDepthMm()) + " deep on a side.",
                                "Slow; carbide or a sturdy bit, full nose, some lead."),
                        "Sand and chilled iron blunt an edge that rubs; below the skin it is plain iron.",
                        "No grey, unmachined spot is left anywhere.")
                .cautioned("Dust of iron off the ways: cover them, draw it off, mask on.");
    }

    private MakeStep rough() {
        return MakeStep.of(
                "rough",
                "Rough everything",
                end,
                List.of(
                        "To " + say.length(job().finishedMm() - 2 * CastBore.FINISH_MM) + ", faces and joint too.",
                        cut.roundAfter() + (cut.roundAfter() == 1 ? " pass" : " passes")
                                + " until what is copied of the raw hole is less than "
                                + say.length(CastBore.ROUND_MM) + "."),
                "Every skin that comes off lets the casting move: all of that before anything is finished.",
                "Chips out of every void before each pass.");
    }

    private MakeStep rest() {
        return MakeStep.of(
                        "rest",
                        "Let it cool and rest, clamp gently",
                        end,
                        List.of(
                                "Unclamp, cold to the hand, overnight where there is time.",
                                "Clamp again just enough to hold: an indicator on it must not move."),
                        "What springs now would spring in the finished bore.",
                        "The indicator as the clamps are drawn up: still.")
                .waiting(REST_MIN);
    }

    private MakeStep finish() {
        return MakeStep.of(
                        "finish",
                        "Finish the bore",
                        end,
                        List.of(
                                "To " + say.length(job().finishedMm())
                                        + "; a ring or the part itself tried at the mouth before the last pass.",
                                job().cap()
                                        ? "All shims in, screws at their torque."
                                        : "The last two passes alike in depth and feed."),
                        "A warm casting measures large: wait for it.",
                        "Four ways across, both ends.")
                .measuring(CastField.BORE, say.length(job().finishedMm()), List.of())
                .opening(
                        "Work its bar out: bore " + say.length(job().finishedMm()),
                        Map.of(
                                "operation", "bore",
                                "boreStart",
                                        Written.exact(Quantity.LENGTH, job().finishedMm() - 2 * CastBore.FINISH_MM),
                                "boreFinished", Written.exact(Quantity.LENGTH, job().finishedMm()),
                                "boreDepth", Written.exact(Quantity.LENGTH, job().lengthMm())));
    }

    private MakeStep press() {
        return MakeStep.of(
                        "press-in",
                        "Press the bush in",
                        fit,
                        List.of(
                                "Bush outside " + say.length(job().finishedMm() + job().overMm())
                                        + ", a lead at its end; oil; straight under the press.",
                                "About " + say.force(cut.press().forceN(job().lengthMm(), job().friction()))
                                        + ": much less, and it is loose; much more, and it is crooked or too large."),
                        "It holds by its pressure, " + say.stress(cut.press().pressureMPa()) + ".",
                        "Flush, square, no shaving pushed up.")
                .cautioned("Under a press: guard, straight mandrel, hands away.");
    }

    private MakeStep bush() {
        return MakeStep.of(
                "bush",
                "Bore or ream the bush",
                fit,
                List.of(
                        "After pressing: it has closed by about "
                                + say.length(cut.press().closesMm()) + ".",
                        "To " + say.length(job().insideMm()) + ", and its running play."),
                "Bored before, it would be tight.",
                "The shaft itself turns in it.");
    }
}
