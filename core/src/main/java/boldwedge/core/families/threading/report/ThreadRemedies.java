package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.Dial;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is done about a thread that came out wrong, what costs nothing first.
 *
 * @param run the thread as it was cut
 * @param say the units to say it in
 */
record ThreadRemedies(PlanRequest run, UnitFormat say) {
    private static final double SAME_DEPTH_MM = 0.01;
    private static final int MOST_SPRING = 10;

    /** A change of the plan, tried first. */
    Optional<Remedy> typed(ThreadCut cut, ThreadCauses.Seen seen, Fix fix) {
        return Optional.of(new Remedy(fix, expected(cut, seen, fix)));
    }

    /** What is done at the machine; nothing of the plan changes. */
    Optional<Remedy> byHand(ThreadCut cut, ThreadCauses.Seen seen, String what) {
        return typed(cut, seen, Fix.atTheMachine(what));
    }

    Optional<Remedy> springPasses(ThreadCut cut, ThreadCauses.Seen seen) {
        int more = cut.spring() + 2;
        return typed(cut, seen, new Fix(more + " spring passes", SPRING, String.valueOf(Math.min(MOST_SPRING, more))));
    }

    Optional<Remedy> further(ThreadCut cut, ThreadCauses.Seen seen) {
        return byHand(
                cut,
                seen,
                seen.pitch().isPresent()
                        ? "Feed in "
                                + ThreadSpoken.more(cut, cut.toGoMm(seen.pitch().getAsDouble())) + " more on the "
                                + ThreadSpoken.slide(cut)
                        : "Measure it over wires");
    }

    Optional<Remedy> shallower(ThreadCut cut, ThreadCauses.Seen seen) {
        return byHand(
                cut,
                seen,
                cut.job().inside()
                        ? "Keep it: cut its mate larger to fit. The next one shallower, tried with the plug before the last passes"
                        : "Keep it for a tighter mate. The next one shallower, measured over wires before the last passes");
    }

    Optional<Remedy> pickedUp(ThreadCut cut, ThreadCauses.Seen seen) {
        return byHand(
                cut,
                seen,
                cut.job().inside()
                        ? "Keep it: cut its mate larger to fit"
                        : "Keep it for a tighter mate, or cut the next with the nut left closed");
    }

    Optional<Remedy> square(ThreadCut cut, ThreadCauses.Seen seen) {
        if (Math.abs(cut.job().edge().yawRad()) > 1e-6) {
            return typed(cut, seen, new Fix("Square it", YAW, "0°"));
        }
        return Math.abs(cut.job().edge().heightMm()) > 1e-6
                ? typed(cut, seen, new Fix("On centre", HEIGHT, "0 mm"))
                : byHand(cut, seen, "Try the bit in the gauge against a lamp");
    }

    Optional<Remedy> pointOut(ThreadCut cut, ThreadCauses.Seen seen) {
        double point = cut.inBar().pointForMm(cut.bar().orElseThrow().barMm());
        return typed(
                cut,
                seen,
                new Fix("Set the point out to " + say.length(point), BAR_POINT, Written.exact(Quantity.LENGTH, point)));
    }

    Optional<Remedy> centre(ThreadCut cut, ThreadCauses.Seen seen) {
        return cut.job().reach().hold() == Hold.CHUCK
                ? typed(cut, seen, new Fix("Bring the centre up", HELD, Entry.choice(Hold.CHUCK_AND_CENTRE)))
                : springPasses(cut, seen);
    }

    Optional<Remedy> compound(ThreadCut cut, ThreadCauses.Seen seen) {
        return cut.job().cutting().way() == Way.HALF
                ? typed(cut, seen, new Fix("Half a degree less", WAY, "half-less"))
                : byHand(cut, seen, "Set the compound against a protractor");
    }

    private String expected(ThreadCut cut, ThreadCauses.Seen seen, Fix mend) {
        if (mend.field().isEmpty()) {
            return seen.pitch().isPresent() && cut.toGoMm(seen.pitch().getAsDouble()) > 0
                    ? inPasses(cut, cut.toGoMm(seen.pitch().getAsDouble())) + " Then it measures about "
                            + say.length(cut.targetMm()) + ", the middle of its limits."
                    : "Nothing of the plan changes; the next trial tells.";
        }
        return new Fixer<>(run, asked -> ThreadReader.cut(asked).cut())
                .with(mend)
                .map(then -> "Then about " + say.length(then.leftMm()) + " of spring is left on the pitch diameter, "
                        + say.length(then.edge().feltMm()) + " is felt of the angle.")
                .orElse("");
    }

    /** What is left, as the passes that the plan still has for it, each as much more on the dial. */
    private static String inPasses(ThreadCut cut, double toGoMm) {
        double now = cut.depthMm() - toGoMm / 2;
        List<String> steps = new ArrayList<>();
        double at = now;
        for (double depth : cut.depthsMm()) {
            if (depth > now + SAME_DEPTH_MM) {
                Dial dial = ThreadSpoken.dial(cut);
                steps.add(dial.length(dial.reads(cut.infeed().compoundMm(depth - at))));
                at = depth;
            }
        }
        if (steps.isEmpty()) {
            return "In one pass: " + ThreadSpoken.more(cut, toGoMm) + " more.";
        }
        int count = steps.size();
        return count == 1
                ? "In one pass: " + steps.getFirst() + " more."
                : "In " + count + " passes: " + String.join(", ", steps.subList(0, count - 1)) + " and "
                        + steps.get(count - 1) + " more.";
    }
}
