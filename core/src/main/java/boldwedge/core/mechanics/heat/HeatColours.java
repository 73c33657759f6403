package boldwedge.core.mechanics.heat;

import boldwedge.core.language.measure.Table;
import java.util.List;
import java.util.Locale;

/** Colours by which heat is told by eye: glow in dim light, and what a bright spot runs to in a temper. Rough, and said so. */
public final class HeatColours {
    private static final List<HeatColours.Shade> ALL = Table.read("stock/heat-colours.tsv").rows().stream()
            .map(row -> new Shade(
                    Kind.valueOf(row.text("kind").toUpperCase(Locale.ROOT)),
                    row.text("words"),
                    row.number("from"),
                    row.number("spread"),
                    "#" + row.text("rgb")))
            .toList();

    private HeatColours() {}

    /** Whether steel glows, or its skin is tinged. */
    public enum Kind {
        GLOW,
        TEMPER
    }

    /**
     * A colour.
     *
     * @param words what it is called
     * @param fromC from this temperature on, °C
     * @param spreadC eyes and light make it so much more or less, °C
     * @param rgb how a screen shows it, #rrggbb
     */
    public record Shade(Kind kind, String words, double fromC, double spreadC, String rgb) {}

    /** All of a kind, the coolest first. */
    public static List<Shade> of(Kind kind) {
        return ALL.stream().filter(shade -> shade.kind() == kind).toList();
    }

    /** The colour at a temperature, °C. */
    public static Shade at(Kind kind, double celsius) {
        Shade found = of(kind).getFirst();
        for (Shade shade : of(kind)) {
            found = celsius >= shade.fromC() ? shade : found;
        }
        return found;
    }
}
