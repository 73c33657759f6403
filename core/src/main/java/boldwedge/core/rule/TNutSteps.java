package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.mm;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.holder.TNut;
import boldwedge.core.planning.MakeStep;
import java.util.List;
import java.util.OptionalDouble;

/** Nuts for a slide's T-slot and the bolts in them, whatever they hold down. */
public final class TNutSteps {
    /** Sawn over, each way. */
    private static final double ALLOWANCE_MM = 1;

    private TNutSteps() {}

    /**
     * What has to be there.
     *
     * @param nut the nut and its bolt
     * @param heightMm height of what they hold down, mm
     * @param bolts how many
     * @param say says
     */
    public static List<String> stock(TNut nut, double heightMm, int bolts, UnitFormat say) {
        return List.of(
                Written.words(
                        "%s %s, class %s, %s; %s of steel %s thick under the head.",
                        bolts == 1 ? "A bolt" : bolts + " bolts",
                        nut.bolt().name(),
                        nut.bolt().size().grade(),
                        length(nut, heightMm, say),
                        bolts == 1 ? "a washer" : "washers",
                        say.length(washerMm(nut, say))),
                Written.words(
                        "Low-carbon steel %s × %s × %s for %s.",
                        say.length(Math.ceil(nut.wideMm() + ALLOWANCE_MM)),
                        say.length(Math.ceil(nut.highMm() + ALLOWANCE_MM)),
                        say.length(Math.ceil(nut.longMm() + ALLOWANCE_MM)),
                        bolts == 1 ? "a T-nut" : "each of " + bolts + " T-nuts"));
    }

    /** Where something is bolted down whose height is not known here, in a line: which nuts, and how far the bolts go. */
    public static String line(TNut nut, UnitFormat say) {
        return Written.words(
                "Bolts %s in T-nuts %s long, %s wide under the lips: each from %s to %s below the slide’s face. Shorter it holds less than its own diameter of thread, longer it stands on the slot’s floor and lifts the lips.",
                nut.bolt().name(),
                say.length(nut.longMm()),
                say.length(nut.wideMm()),
                say.length(nut.leastMm()),
                say.length(nut.mostMm()));
    }

    /** The step in which they are made. */
    public static MakeStep make(TNut nut, double heightMm, int bolts, UnitFormat say, Scene drawing) {
        double clamped = heightMm + washerMm(nut, say);
        return MakeStep.of(
                        "t-nuts",
                        bolts == 1 ? "Make the T-nut" : "Make the T-nuts",
                        drawing,
                        List.of(
                                Written.words(
                                        "Square it to %s × %s, %s long.",
                                        say.length(nut.wideMm()), say.length(nut.highMm()), say.length(nut.longMm())),
                                Written.words(
                                        "Mill a shoulder %s down along both sides: a neck %s wide stays, the flanges %s thick. Round the neck's foot by the cutter's own corner; a sharp corner cracks.",
                                        say.length(nut.neckHighMm()),
                                        say.length(nut.neckMm()),
                                        say.length(nut.flangeMm())),
                                Written.words(
                                        "In its middle drill %s through and tap %s, square.",
                                        say.length(nut.bolt().tapDrillMm()),
                                        nut.bolt().name()),
                                "Upset the last thread below with a punch: the bolt then stops there and cannot go through onto the slot’s floor.",
                                Written.words(
                                        "Bolt from %s to %s under the head: shorter it holds less than its own diameter of thread, longer it stands on the slot’s floor and lifts the lips.",
                                        say.length(clamped + nut.leastMm()), say.length(clamped + nut.mostMm()))),
                        "Long and flat it spreads the pull over the lips; its neck below the slide’s face, or the block stands on the nut and nothing is held.",
                        "It slides through the slot by hand, its neck under a straightedge across the slide. Measure your slot first: the figures follow the lathe’s card, and the nut must be no higher than the slot is deep.")
                .cautioned("Tap by hand, square, oil, half a turn back each turn.")
                .shown(
                        Working.of("Neck", "l − g", mm(nut.neckHighMm()))
                                .with("l", "lips", mm(nut.slot().lipMm()))
                                .with(
                                        "g",
                                        "below the face",
                                        mm(nut.slot().lipMm() - nut.neckHighMm())
                                                .assumed())
                                .told(say),
                        Working.of("Farthest below the slide’s face", "g + h", mm(nut.mostMm()))
                                .with(
                                        "g",
                                        "below the face",
                                        mm(nut.slot().lipMm() - nut.neckHighMm())
                                                .assumed())
                                .with("h", "height of the nut", mm(nut.highMm()))
                                .told(say));
    }

    /** A washer a fifth of the screw thick, rounded up to what is sold (ISO 7089 has 1.6 for M8, 2 for M10, 2.5 for M12). */
    private static double washerMm(TNut nut, UnitFormat say) {
        double step = say.units() == UnitSystem.METRIC ? 0.5 : 25.4 / 32;
        return Math.ceil(nut.bolt().threadMm() / 5 / step - 1e-9) * step;
    }

    private static String length(TNut nut, double heightMm, UnitFormat say) {
        double clamped = heightMm + washerMm(nut, say);
        double step = say.units() == UnitSystem.METRIC ? 5 : 25.4 / 4;
        OptionalDouble sold = nut.sold(clamped, step);
        return sold.isPresent()
                ? Written.words("%s under the head", say.length(sold.getAsDouble()))
                : Written.words(
                        "cut to between %s and %s under the head",
                        say.length(clamped + nut.leastMm()), say.length(clamped + nut.mostMm()));
    }
}
