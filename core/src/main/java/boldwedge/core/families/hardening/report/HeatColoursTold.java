package boldwedge.core.families.hardening.report;

import boldwedge.core.families.hardening.model.HeatLoad;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.heat.HeatColours;
import boldwedge.core.mechanics.heat.HeatColours.Kind;
import boldwedge.core.mechanics.heat.HeatColours.Shade;
import boldwedge.core.planning.Swatch;
import java.util.ArrayList;
import java.util.List;

/** Colours of heat and of temper to compare with, each with its temperature in both systems. */
public final class HeatColoursTold {
    private HeatColoursTold() {}

    /** The glow about the hardening heat, then the tinge of a bright spot in the temper. */
    public static List<Swatch> swatches(HeatLoad load) {
        List<Swatch> swatches = new ArrayList<>();
        swatches.addAll(of(Kind.GLOW, load.treatment().hardenC()));
        swatches.addAll(of(Kind.TEMPER, load.treatment().hourC()));
        return swatches;
    }

    private static List<Swatch> of(Kind kind, double celsius) {
        Shade here = HeatColours.at(kind, celsius);
        return HeatColours.of(kind).stream()
                .map(shade -> new Swatch(
                        shade.rgb(),
                        shade.words(),
                        Written.full(Quantity.TEMPERATURE, shade.fromC(), UnitSystem.METRIC) + " ("
                                + Written.full(Quantity.TEMPERATURE, shade.fromC(), UnitSystem.INCH) + ") ± "
                                + Written.places(shade.spreadC(), 0),
                        shade.equals(here)))
                .toList();
    }
}
