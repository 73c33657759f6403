package boldwedge.core.families.hardening.entry;

import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatJob.Why;
import boldwedge.core.families.hardening.model.HeatJob.Wrap;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.StockChoices;
import java.util.List;

/** What a load to be hardened is asked, in order. */
public enum HeatField implements Entry {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "harden",
            List.of(new Choice("harden", "harden", "a tool, and temper it")))),
    STEEL(Asked.pick("steel", "Steel", Station.CUT, "o1", StockChoices.steels())),
    WHY(Asked.pick("hardenFor", "For", Station.CUT, "edge", Choice.of(Why.values(), Why::words))),
    SECTION(Asked.of("section", "Thickest section", Station.CUT, Entry.length(0.5, 400), "12 mm", "1/2")),
    LENGTH(Asked.of("heatLength", "Length", Station.CUT, Entry.length(1, 2000), "120 mm", "5")),
    PIECES(Asked.of("heatPieces", "Pieces", Station.CUT, new Limits(Quantity.RATIO, 1, 1000), "1", "1")),
    OTHER_SECTION(Asked.of("otherSection", "Another piece: section", Station.CUT, Entry.length(0, 400), "0 mm", "0")),
    OTHER_LENGTH(Asked.of("otherLength", "Another piece: length", Station.CUT, Entry.length(0, 2000), "0 mm", "0")),
    SHAPE(Asked.pick("heatShape", "Shape", Station.CUT, "plain", Choice.of(Shape.values(), Shape::words))),
    WANTED(Asked.of("wantedHardness", "Hardness wanted", Station.CUT, new Limits(Quantity.HARDNESS, 15, 69))),
    WRAP(Asked.pick("wrap", "In the furnace", Station.EDGE, "coat", Choice.of(Wrap.values(), Wrap::words))),
    HEAT(Asked.of("hardenAt", "Hardening heat", Station.EDGE, new Limits(Quantity.TEMPERATURE, 500, 1350))),
    SOAK(Asked.of("soak", "Soak", Station.EDGE, new Limits(Quantity.TIME, 0.5, 1000))),
    FURNACE(Asked.of(
            "furnacePower", "Furnace", Station.EDGE, new Limits(Quantity.POWER, 100, 200_000), "2.4 kW", "3.2 hp")),
    CASE(Asked.of("caseDepth", "Depth of case", Station.EDGE, Entry.length(0.05, 4), "0.8 mm", "0.03")),
    CARBURIZE(Asked.of(
            "carburizeAt",
            "Carburized at",
            Station.EDGE,
            new Limits(Quantity.TEMPERATURE, 800, 1050),
            "925 °C",
            "1700 °F")),
    QUENCH(Asked.pick(
            "quench",
            "Quenched in",
            Station.REACH,
            "own",
            List.of(
                    new Choice("own", "as the steel asks"),
                    new Choice("water", "water or brine"),
                    new Choice("oil", "oil"),
                    new Choice("air", "still air")))),
    LITRES(Asked.of("bathVolume", "Bath", Station.REACH, new Limits(Quantity.VOLUME, 1e4, 1e10), "10 l", "2.5 gal")),
    BATH(Asked.of("bathTemperature", "Bath’s temperature", Station.REACH, new Limits(Quantity.TEMPERATURE, -10, 200))),
    FLASH(Asked.of(
            "flashPoint",
            "Flash point of the oil",
            Station.REACH,
            new Limits(Quantity.TEMPERATURE, 80, 400),
            "180 °C",
            "355 °F")),
    TEMPER(Asked.of("temperAt", "Temper", Station.MAKE, new Limits(Quantity.TEMPERATURE, 80, 1000))),
    TEMPER_TIME(Asked.of("temperTime", "Each temper for", Station.MAKE, new Limits(Quantity.TIME, 5, 3000)));

    private final Asked asked;

    HeatField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
