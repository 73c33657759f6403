package boldwedge.core.families.forming.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a form is asked, in order. Ids shared with other families mean the same there. */
public enum FormField implements CutEntry<FormCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "form",
            Options.of(
                    "operation",
                    new Choice("form", "form", "a profile of lines and arcs, with one bit ground to it")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "bronze-tin", StockChoices.materials())),
    PROFILE(Asked.of(
            "formProfile",
            "Profile",
            Station.CUT,
            "0 24; 2 20; 8 20 r-5; 10 24",
            "0 15/16; .08 .79; .31 .79 r-.2; .39 15/16")),
    TOLERANCE(Asked.of("formTolerance", "Radii may be off by", Station.CUT, Entry.length(0.005, 1), "0.05 mm", ".002")),
    ROUGHED(Asked.pick(
            "formRoughed",
            "Before it",
            Station.CUT,
            "steps",
            Options.of(
                    "way to begin",
                    new Choice("steps", "roughed by steps", "a little is left for the form bit"),
                    new Choice("solid", "from the solid", "the form bit takes it all")))),
    AT(Asked.of("formAt", "From the jaws to the form", Station.CUT, Entry.length(0, 2000), "20 mm", "3/4")),
    HOLD(Asked.pick("hold", "Work held", Station.CUT, "chuck", Options.of("way of holding", Hold.values()))),
    STICK_OUT(Asked.of("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "40 mm", "1-1/2")),
    LATHE(Asked.lathe("lathe", "Lathe")),
    BIT(Asked.pick("formBit", "Bit", Station.EDGE, "hss-12mm", "hss-1-2", StockChoices.squares())
            .orBetter()),
    RAKE(Asked.of("formRake", "Rake", Station.EDGE, Entry.degrees(0, 25)), value(FormCut::rakeRad)),
    CLEARANCE(Asked.of("formClearance", "Front clearance", Station.EDGE, Entry.degrees(2, 20), "8°", "8°")),
    GROUND(Asked.pick(
            "formGround",
            "Its profile is",
            Station.EDGE,
            "corrected",
            Options.of(
                    "profile",
                    new Choice("corrected", "corrected for its rake"),
                    new Choice("as-drawn", "the work’s own, as drawn")))),
    SIDES(Asked.pick(
                    "formSides",
                    "Steep stretches",
                    Station.EDGE,
                    "front",
                    Options.of(
                            "relief",
                            new Choice("front", "cleared by the front alone"),
                            new Choice("sides", "relieved to the side too")))
            .orBetter()),
    FEED(Asked.of("formFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 0.5)), value(FormCut::feedMm)),
    SPEED(
            Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(FormCut::rpm)),
    DWELL(
            Asked.of("formDwell", "Turns at the bottom", Station.REACH, new Limits(Quantity.RATIO, 0, 50)),
            value(cut -> cut.job().dwell()));

    private final Asked asked;
    private final Shown<FormCut> shown;

    FormField(Asked asked) {
        this(asked, nothing());
    }

    FormField(Asked asked, Shown<FormCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<FormCut> shown() {
        return shown;
    }
}
