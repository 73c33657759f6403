package boldwedge.core.rule;

import static boldwedge.core.language.measure.Amount.minutes;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.heat.HeatColours;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.heat.Heating;
import boldwedge.core.mechanics.heat.Tempering;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/**
 * The steps of hardening, whatever is hardened: wrap, heat and soak, quench, temper, clean and test.
 *
 * @param treatment what it goes through
 * @param lengthMm its length, which tells how it grows and how it goes into the bath
 * @param say says
 * @param drawing the drawing beside the steps
 */
public record HeatSteps(HeatTreatment treatment, double lengthMm, UnitFormat say, Scene drawing) {
    private static final double HAND_WARM_C = 60;

    /** All of them, in order. */
    public List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(wrap());
        steps.add(heat());
        steps.add(quench());
        for (int i = 1; i <= treatment.tempers(); i++) {
            steps.add(temper(i));
        }
        steps.add(test());
        return steps;
    }

    private static String celsius(UnitFormat say, double value) {
        return say.amount(Amount.of(Quantity.TEMPERATURE, value));
    }

    private MakeStep wrap() {
        return MakeStep.of(
                        "wrap",
                        "Wrap it against the air",
                        drawing,
                        List.of(
                                treatment.steel().quench() == Quench.AIR
                                        ? "Thin stainless foil, seams folded double, a scrap of paper inside to burn the air. It stays wrapped while it cools."
                                        : "Coat it, or pack it in a closed box with charcoal; foil keeps the quench from a steel that must cool fast.",
                                "Bare, allow " + say.length(treatment.steel().skinMm())
                                        + " a side for scale and soft skin."),
                        "Hot steel loses its carbon to the air, and a soft skin cuts nothing.",
                        "No seam open; the wire to lift it by sits where it cannot slip.")
                .cautioned("Foil edges cut like a razor: gloves when folding and when opening it, cold.");
    }

    private MakeStep heat() {
        ToolSteel steel = treatment.steel();
        Span range = steel.hardenC();
        return MakeStep.of(
                        "heat",
                        "Heat and soak",
                        drawing,
                        List.of(
                                steel.name() + ": " + celsius(say, treatment.hardenC()) + " ("
                                        + celsius(say, range.low()) + " to " + celsius(say, range.high()) + ").",
                                "Once it is of one colour with the furnace, soak " + say.time(treatment.soakMin())
                                        + ".",
                                "By eye, in a dim shop: " + colour(treatment.hardenC())
                                        + "; a magnet lets go well before, at about " + celsius(say, 770) + "."),
                        "The carbides must dissolve, which takes time and heat; too hot or too long makes the grain coarse and the edge weak.",
                        "The couple beside the piece, not at the wall, tells its heat.")
                .shown(soak())
                .waiting(Heating.throughMinutes(treatment.sectionMm()) + treatment.soakMin())
                .cautioned(
                        "Face shield, gloves, long tongs; nothing that burns near, air to breathe.",
                        "Gas and furnaces: follow their maker's instructions and the local codes.");
    }

    private Step soak() {
        return Working.of(
                        "Soak that it wants",
                        "b + p · s",
                        minutes(Heating.soakMinutes(treatment.steel(), treatment.sectionMm())))
                .with(
                        "b",
                        "of this steel",
                        minutes(treatment.steel().soakBaseMin()).fromTable())
                .with(
                        "p",
                        "for each millimetre of section",
                        Amount.of(Quantity.TIME, treatment.steel().soakPerMmMin())
                                .fromTable())
                .with("s", "section that governs, in millimetres", number(treatment.sectionMm()))
                .told(say);
    }

    private MakeStep quench() {
        Quench quench = treatment.quench();
        boolean slender = lengthMm > 4 * treatment.sectionMm();
        List<String> lines = new ArrayList<>();
        lines.add(
                switch (quench) {
                    case WATER -> "Straight into brine or water at room heat, at once, and keep it moving.";
                    case OIL -> "Straight into oil at " + celsius(say, 45) + " or so, and keep it moving.";
                    case AIR ->
                        "Out, wrapped as it is, hung or on a wire rack in still air; a fan only for thick pieces.";
                });
        if (quench != Quench.AIR) {
            lines.add(
                    slender
                            ? "Upright, end first, and moved in a figure of eight, never sideways: flat it bends."
                            : "The thick end first; moved, not dropped.");
        }
        lines.add("Out at hand-warm, about " + celsius(say, HAND_WARM_C) + ", no colder, and to the temper at once.");
        MakeStep step = MakeStep.of(
                "quench",
                "Quench",
                drawing,
                lines,
                "It hardens only if it passes through the middle heats faster than its steel allows to turn soft; even cooling keeps it straight.",
                "A file skates off it: "
                        + say.number(treatment.steel().asQuenched().chosen(), 0) + " HRC now"
                        + (treatment.through() ? "." : ", at the skin only: it is thicker than hardens through."));
        return switch (quench) {
            case OIL ->
                step.cautioned(
                        "Hot oil flares: a lid at hand, the bath no hotter than its maker allows, no water near it.",
                        "Cold-looking steel may be hot: test with a damp rag, not a hand.");
            case WATER ->
                step.cautioned("Steam and splashes: shield and gloves; glass-hard steel may burst: keep behind it.");
            case AIR -> step.cautioned("Do not open the foil hot; cold-looking steel may be hot.");
        };
    }

    private MakeStep temper(int which) {
        Span left = treatment.hrc();
        return MakeStep.of(
                        which == 1 ? "temper" : "temper-" + which,
                        which == 1 ? "Temper at once" : "Temper again",
                        drawing,
                        List.of(
                                celsius(say, treatment.temperC()) + " for " + say.time(treatment.temperMin())
                                        + ": about "
                                        + say.number(left.chosen(), 0) + " HRC left, " + say.number(left.low(), 0)
                                        + " to "
                                        + say.number(left.high(), 0) + ".",
                                "The colour of a bright spot then: " + temperColour(treatment.hourC()) + ".",
                                "The same from " + say.time(30) + " at "
                                        + celsius(
                                                say,
                                                Tempering.equivalent(treatment.temperC(), treatment.temperMin(), 30))
                                        + ", or " + say.time(120) + " at "
                                        + celsius(
                                                say,
                                                Tempering.equivalent(treatment.temperC(), treatment.temperMin(), 120))
                                        + "."),
                        which == 1
                                ? "Glass-hard steel is full of stress and cracks by itself, overnight or sooner."
                                : "As it cools from the first temper some of it hardens anew, and that is as brittle as before.",
                        "Cool to the hand before the next thing.")
                .shown(same())
                .waiting(treatment.temperMin());
    }

    private Step same() {
        double hour = treatment.hourC();
        return Working.of("The same in an hour", "(T + 273.15) · (20 + m) / 20 − 273.15", number(hour))
                .with("T", "temper, degrees Celsius", number(treatment.temperC()))
                .with("m", "log10 of its hours", number(Math.log10(treatment.temperMin() / 60)))
                .meaning(" °C, by Hollomon and Jaffe")
                .told(say);
    }

    private MakeStep test() {
        Span growth = treatment.growthMm(lengthMm);
        return MakeStep.of(
                        "test-hardness",
                        "Clean it, test it, measure it",
                        drawing,
                        List.of(
                                "Scale off with a wire brush; a file must skate where it is to cut.",
                                "It has grown by " + say.length(growth.low()) + " to " + say.length(growth.high())
                                        + " along " + say.length(lengthMm) + "; roll it on a flat plate for bend."),
                        "What is soft or bent now is found before hours of grinding go into it.",
                        "Write the hardness down, and where it was taken.")
                .shown(Working.of("Likely growth", "g · L", mm(growth.chosen()))
                        .with("g", number(treatment.steel().growth().chosen()).fromTable())
                        .with("L", mm(lengthMm))
                        .told(say));
    }

    /** Colour of glowing steel in dim light: rough, ± 30 °C, and each eye sees another. */
    public static String colour(double celsius) {
        return HeatColours.at(HeatColours.Kind.GLOW, celsius).words();
    }

    /** Colour that a bright spot runs to in a temper of carbon steel: rough, ± 15 °C. */
    public static String temperColour(double celsius) {
        return HeatColours.at(HeatColours.Kind.TEMPER, celsius).words();
    }
}
