package boldwedge.core.families.hardening.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.hardening.model.HeatJob.Shape;
import boldwedge.core.families.hardening.model.HeatJob.Why;
import boldwedge.core.families.hardening.model.HeatJob.Wrap;
import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a load to be hardened is asked, in order. */
public enum HeatField implements CutEntry<HeatLoad> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "harden",
            Options.of("operation", new Choice("harden", "harden", "a tool, and temper it")))),
    STEEL(Asked.pick("steel", "Steel", Station.CUT, "o1", StockChoices.steels())),
    WHY(Asked.pick("hardenFor", "For", Station.CUT, "edge", Options.of("reason", Why.values()))),
    SECTION(Asked.of("section", "Thickest section", Station.CUT, Entry.length(0.5, 400), "12 mm", "1/2")),
    LENGTH(Asked.of("heatLength", "Length", Station.CUT, Entry.length(1, 2000), "120 mm", "5")),
    PIECES(Asked.of("heatPieces", "Pieces", Station.CUT, new Limits(Quantity.RATIO, 1, 1000), "1", "1")),
    OTHER_SECTION(Asked.of("otherSection", "Another piece: section", Station.CUT, Entry.length(0, 400), "0 mm", "0")),
    OTHER_LENGTH(Asked.of("otherLength", "Another piece: length", Station.CUT, Entry.length(0, 2000), "0 mm", "0")),
    SHAPE(Asked.pick("heatShape", "Shape", Station.CUT, "plain", Options.of("shape", Shape.values()))),
    WANTED(
            Asked.of("wantedHardness", "Hardness wanted", Station.CUT, new Limits(Quantity.HARDNESS, 15, 69)),
            value(HeatLoad::wantedHrc)),
    WRAP(Asked.pick("wrap", "In the furnace", Station.EDGE, "coat", Options.of("wrapping", Wrap.values()))),
    HEAT(
            Asked.of("hardenAt", "Hardening heat", Station.EDGE, new Limits(Quantity.TEMPERATURE, 500, 1350)),
            value(load -> load.treatment().hardenC())),
    SOAK(
            Asked.of("soak", "Soak", Station.EDGE, new Limits(Quantity.TIME, 0.5, 1000)),
            value(load -> load.treatment().soakMin())),
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
            Options.of(
                    "bath",
                    new Choice("own", "as the steel asks"),
                    new Choice("water", "water or brine"),
                    new Choice("oil", "oil"),
                    new Choice("air", "still air")))),
    LITRES(Asked.of("bathVolume", "Bath", Station.REACH, new Limits(Quantity.VOLUME, 1e4, 1e10), "10 l", "2.5 gal")),
    BATH(
            Asked.of(
                    "bathTemperature", "Bath’s temperature", Station.REACH, new Limits(Quantity.TEMPERATURE, -10, 200)),
            value(load -> load.job().bathC())),
    FLASH(Asked.of(
            "flashPoint",
            "Flash point of the oil",
            Station.REACH,
            new Limits(Quantity.TEMPERATURE, 80, 400),
            "180 °C",
            "355 °F")),
    TEMPER(
            Asked.of("temperAt", "Temper", Station.MAKE, new Limits(Quantity.TEMPERATURE, 80, 1000)),
            value(load -> load.treatment().temperC())),
    TEMPER_TIME(
            Asked.of("temperTime", "Each temper for", Station.MAKE, new Limits(Quantity.TIME, 5, 3000)),
            value(load -> load.treatment().temperMin()));

    private final Asked asked;
    private final Shown<HeatLoad> shown;

    HeatField(Asked asked) {
        this(asked, nothing());
    }

    HeatField(Asked asked, Shown<HeatLoad> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<HeatLoad> shown() {
        return shown;
    }
}
