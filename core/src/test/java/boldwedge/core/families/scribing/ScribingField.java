package boldwedge.core.families.scribing;

import static boldwedge.core.planning.Shown.*;

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

/** What a scribed line is asked, in order. */
enum ScribingField implements CutEntry<ScribedLine> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "scribe",
            Options.of("operation", new Choice("scribe", "scribe", "a line")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "brass-free", StockChoices.materials())),
    LINE(Asked.of("lineWidth", "Width of the line", Station.CUT, Entry.length(0.02, 2), "0.1 mm", ".004")),
    LATHE(Asked.machine("lathe", "Machine")),
    POINT(Asked.of("scriberPoint", "Point", Station.EDGE, Entry.degrees(15, 90)), value(ScribedLine::pointRad)),
    PRESS(
            Asked.of("scriberPress", "Pressed with", Station.REACH, new Limits(Quantity.FORCE, 1, 200)),
            value(ScribedLine::pressN)),
    LENGTH(Asked.of("scriberLength", "Length", Station.MAKE, Entry.length(40, 300), "120 mm", "5"));

    private final Asked asked;

    private final Shown<ScribedLine> shown;

    ScribingField(Asked asked) {
        this(asked, nothing());
    }

    ScribingField(Asked asked, Shown<ScribedLine> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Shown<ScribedLine> shown() {
        return shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
