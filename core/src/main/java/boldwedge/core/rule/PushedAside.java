package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import java.util.ArrayList;
import java.util.List;

/** What is told of tool and work pushed apart, outside and in a hole alike. */
public final class PushedAside {
    /** An axis is told over so much, mm. */
    private static final double PER_MM = 300;

    /** Less than this is not dialled, mm on the diameter. */
    private static final double NOT_DIALLED_MM = 0.002;

    private PushedAside() {}

    /** How the push comes of the thrust square to the cut, N. */
    public static Working push(String what, EdgeCut cutting, double thrustN) {
        double push = cutting.force().pushN();
        return Working.of(what, "Fp = T · c", newtons(push))
                .with("T", "thrust square to the cut", newtons(thrustN))
                .with("c", "of it across", number(thrustN > 0 ? push / thrustN : 0));
    }

    /** What is left of the error when the even part is dialled out: half the difference, and what differs from piece to piece. */
    public static Working remaining(PushOff push, String along) {
        return Working.of("What the dial does not take out, either way", "t / 2 + s · |m|", mm(push.remainingMm()))
                .with("t", "difference along the " + along, mm(push.unevenMm()))
                .with(
                        "s",
                        "share that differs from piece to piece",
                        number(PushOff.SCATTER).assumed())
                .with("m", "error midway", mm(push.evenMm()));
    }

    /** Half the tolerance: so much either way is allowed of what is aimed at its middle. */
    public static Working allowed(Tolerance tolerance, double allowedMm, UnitFormat say) {
        return Working.of("Allowed, aimed at the middle of the tolerance", "w / 2", mm(allowedMm))
                .with(
                        "w",
                        "of " + tolerance.written(say.units()),
                        mm(tolerance.widthMm()).typed());
    }

    /** What trials on this lathe have taught of its dial and its axes, a line each. */
    public static List<String> taughtBesides(Calibrations lessons, UnitFormat say) {
        List<String> lines = new ArrayList<>();
        Calibration dial = lessons.of(Calibration.Of.DIAL);
        if (dial.trials() > 0) {
            lines.add(taughtBy(dial) + "diameters come out " + say.length(Math.abs(dial.factor()))
                    + (dial.factor() > 0 ? " larger" : " smaller") + " than is dialled, within "
                    + say.length(dial.spread()) + " or so.");
        }
        Calibration head = lessons.of(Calibration.Of.HEAD);
        if (head.trials() > 0) {
            lines.add(taughtBy(head) + "the spindle's axis runs off by " + say.length(Math.abs(head.factor()) * PER_MM)
                    + " over " + say.length(PER_MM)
                    + (head.factor() > 0 ? ", away from the tool" : ", towards the tool") + " further out.");
        }
        Calibration tail = lessons.of(Calibration.Of.TAIL);
        if (tail.trials() > 0) {
            lines.add(taughtBy(tail) + "the tailstock stands " + say.length(Math.abs(tail.factor()))
                    + (tail.factor() > 0 ? " away from the tool." : " towards the tool."));
        }
        return lines;
    }

    private static String taughtBy(Calibration what) {
        return "Taught by " + what.trials() + (what.trials() == 1 ? " trial" : " trials") + " on this lathe: ";
    }

    /** What the dial makes up for, once a first cut has shown it; nothing when it is too little to dial. */
    public static String dial(String firstCut, double evenMm, UnitFormat say) {
        return Math.abs(evenMm) < NOT_DIALLED_MM
                ? ""
                : " " + firstCut + " and " + (evenMm > 0 ? "dial in" : "back off") + " about "
                        + say.length(Math.abs(evenMm)) + " on the diameter.";
    }

    /** What passes at the same setting leave, one after the other; empty where none is taken. */
    public static String springPasses(PushOff push, UnitFormat say) {
        return push.leftMm().isEmpty()
                ? ""
                : "Spring passes at the same setting: " + push.springPasses() + ". Each cuts what the last left: "
                        + String.join(
                                ", ", push.leftMm().stream().map(say::length).toList())
                        + (push.stoppedByRubbing() ? "; then it only rubs." : ".");
    }
}
