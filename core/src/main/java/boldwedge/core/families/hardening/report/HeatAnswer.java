package boldwedge.core.families.hardening.report;

import static boldwedge.core.families.hardening.entry.HeatField.*;
import static boldwedge.core.language.measure.Amount.minutes;
import static boldwedge.core.language.measure.Amount.mm;

import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.HeatSteps;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is said of a load to be hardened. */
public final class HeatAnswer {
    /** What is asked of it. */
    public static final List<Rule<HeatLoad>> RULES = List.of((cut, say) -> new HeatFindings(cut, say).all());

    private HeatAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(HeatLoad load, UnitFormat say) {
        Drawn timeline = Drawn.of("heat-timeline", () -> HeatScenes.timeline(load, say));
        return new Told(
                figures(load, say).all(),
                List.of(
                        Drawn.of("heat-piece", () -> HeatScenes.piece(load, say)),
                        timeline,
                        Drawn.of("temper-curve", () -> HeatScenes.curve(load, say, OptionalDouble.empty()))),
                () -> steps(load, say, timeline.scene()));
    }

    /** A case is made before it is hardened: the box in which its carbon is given keeps the air away too. */
    private static List<MakeStep> steps(HeatLoad load, UnitFormat say, Scene drawing) {
        List<MakeStep> steps =
                new ArrayList<>(new HeatSteps(load.treatment(), load.job().lengthMm(), say, drawing).steps());
        if (load.cased()) {
            steps.set(0, carburize(load, say, drawing));
        }
        return steps;
    }

    private static MakeStep carburize(HeatLoad load, UnitFormat say, Scene drawing) {
        String heat = say.amount(Amount.of(Quantity.TEMPERATURE, load.job().carburizeC()));
        String harden =
                say.amount(Amount.of(Quantity.TEMPERATURE, load.treatment().hardenC()));
        return MakeStep.of(
                        "carburize",
                        "Carburize it",
                        drawing,
                        List.of(
                                "Pack it in a box, " + say.length(25)
                                        + " of carburizing compound or hard charcoal all round, the lid luted with clay. A slip of the same steel goes in beside it.",
                                "At " + heat + " for " + say.time(load.carburizeMin())
                                        + " once the box is hot through: a case of "
                                        + say.length(load.job().caseMm()) + ".",
                                "Where it is to stay soft: copper it before, or leave stock there and turn the case off before it is hardened.",
                                "Then let box and furnace fall to " + harden + " and harden from there."),
                        "So little carbon does not harden: the skin has to be given it first.",
                        "The slip, quenched and broken, shows the case as a fine grey rim.")
                .waiting(load.carburizeMin())
                .cautioned(
                        "The box gives off carbon monoxide: vent the furnace outdoors.",
                        "Gas and furnaces: follow their maker's instructions and the local codes.");
    }

    private static Figures figures(HeatLoad load, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("hardness", "Hardness", Amount.of(Quantity.HARDNESS, load.hrc().chosen()));
        f.add(
                "hardnessQuenched",
                "As quenched",
                Amount.of(Quantity.HARDNESS, load.asQuenched().chosen()));
        f.at(Station.EDGE);
        f.add(
                "hardenAt",
                "Hardening heat",
                Amount.of(Quantity.TEMPERATURE, load.treatment().hardenC()));
        f.add("soak", "Soak", minutes(load.treatment().soakMin()));
        f.add("ramp", "To heat", minutes(load.rampMin()));
        f.at(Station.REACH);
        f.add("load", "Load", Amount.grams(load.massKg() * 1000));
        if (load.bathed()) {
            f.add("bathRise", "The bath warms by", load.riseK(), say.number(load.riseK(), 1) + " K");
            f.add(
                    "bathEnds",
                    "It ends at",
                    Amount.of(Quantity.TEMPERATURE, load.job().bathC() + load.riseK()));
        }
        if (load.cased()) {
            f.at(Station.EDGE);
            f.add("carburize", "Carburize for", minutes(load.carburizeMin()));
        }
        f.at(Station.MAKE);
        f.add(
                "temperAt",
                "Temper",
                Amount.of(Quantity.TEMPERATURE, load.treatment().temperC()));
        f.add("temperTime", "Each temper for", minutes(load.treatment().temperMin()));
        f.add("growth", "Growth of its length", mm(load.growthMm().chosen()));
        f.add("bend", "Bend, likely", mm(load.bendMm()));
        f.add("leave", "Leave for grinding", mm(load.leaveMm()));
        f.add("whole", "In all", minutes(load.wholeMin()));
        return f;
    }
}
