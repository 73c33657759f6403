package boldwedge.core.planning;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.hole.DrillSet;
import java.util.stream.Stream;

/** What can be picked from the shop's stock, for whichever family. */
public final class StockChoices {
    private static final double LARGEST_BIT_MM = 10;
    private static final StockCatalogue STOCK = StockCatalogue.shipped();

    /** Softer as quenched than this no edge is made of it. */
    private static final double EDGE_HRC = 60;

    private StockChoices() {}

    /** Work materials. */
    public static Options<WorkMaterial> materials() {
        return Options.rows(
                "material",
                STOCK.workMaterials().stream(),
                m -> new Choice(m.id(), m.name(), m.state() + "; " + m.hardness()),
                STOCK::workMaterial,
                WorkMaterial::fullName);
    }

    /** Tool blanks. */
    public static Options<Blank> blanks() {
        return Options.rows("blank", STOCK.blanks().stream(), StockChoices::blank, STOCK::blank, Blank::name);
    }

    /** Plain square blanks: any edge is ground from them. */
    public static Options<Blank> squares() {
        return Options.rows(
                "square blank",
                STOCK.blanks().stream().filter(StockChoices::isPlain),
                StockChoices::blank,
                id -> STOCK.blank(id).filter(StockChoices::isPlain),
                Blank::name);
    }

    private static boolean isPlain(Blank blank) {
        return blank.tip().isEmpty() && blank.bought().isEmpty();
    }

    /** Bits and inserts that fit into a bar. */
    public static Options<Blank> bits() {
        return Options.rows(
                "bit for a bar",
                Stream.concat(
                        STOCK.blanks().stream().filter(b -> b.tip().isEmpty() && b.widthMm() <= LARGEST_BIT_MM),
                        STOCK.inserts().stream().map(Insert::asBlank)),
                StockChoices::blank,
                id -> STOCK.insert(id)
                        .map(Insert::asBlank)
                        .or(() -> STOCK.blank(id).filter(blank -> blank.tip().isEmpty())),
                Blank::name);
    }

    /** Inserts. */
    public static Options<Insert> inserts() {
        return Options.rows(
                "insert", STOCK.inserts().stream(), insert -> blank(insert.asBlank()), STOCK::insert, Insert::name);
    }

    private static Choice blank(Blank blank) {
        return new Choice(blank.id(), blank.name(), STOCK.toolMaterial(blank).name());
    }

    /** What bars are made of. */
    public static Options<BarMaterial> barMaterials() {
        return Options.rows(
                "bar material",
                STOCK.barMaterials().stream(),
                b -> new Choice(b.id(), b.name(), b.note()),
                STOCK::barMaterial,
                BarMaterial::name);
    }

    /** Blades for parting and grooving. */
    public static Options<Blade> blades() {
        return Options.rows(
                "blade",
                STOCK.blades().stream(),
                b -> new Choice(b.id(), b.name(), b.tool().name()),
                STOCK::blade,
                Blade::name);
    }

    /** Screws of both series. */
    public static Options<ScrewSize> screws() {
        return Options.rows(
                "screw",
                Stream.of(UnitSystem.values()).flatMap(system -> STOCK.screwsAndFine(system).stream()),
                screw -> new Choice(
                        screw.name(),
                        screw.name(),
                        screw.system() == UnitSystem.METRIC ? "metric coarse" : "unified coarse"),
                STOCK::screw,
                ScrewSize::name);
    }

    /** Heads and washers of both series, and one that is typed. */
    public static Options<String> heads() {
        return Options.listed(
                "head or washer",
                Stream.concat(
                                STOCK.heads().stream()
                                        .map(head -> new Choice(
                                                head.name(),
                                                head.name(),
                                                head.system() == UnitSystem.METRIC ? "metric" : "inch")),
                                Stream.of(new Choice("typed", "of typed sizes", "whatever is to sit there")))
                        .toList());
    }

    /** What drills a shop has. */
    public static Options<DrillSet> drillSets() {
        return Options.of(
                "set of drills",
                DrillSet.values(),
                Stream.of(DrillSet.values())
                        .map(set -> new Choice(Entry.choice(set), set.words(), set.more()))
                        .toList());
    }

    /** Steels to be hardened. */
    public static Options<ToolSteel> steels() {
        return Options.rows(
                "steel",
                STOCK.steels().stream(),
                steel -> new Choice(
                        steel.id(), steel.name(), "cooled in " + steel.quench().words()),
                STOCK::steel,
                ToolSteel::name);
    }

    /** What tools that cut about their own axis are made of: steels that come hard at the edge, or a rod that is bought hard. */
    public static Options<String> edgeSteels() {
        return Options.listed(
                "steel",
                Stream.concat(
                                STOCK.steels().stream()
                                        .filter(steel -> steel.kind() == ToolSteel.Kind.TOOL
                                                && steel.asQuenched().chosen() >= EDGE_HRC)
                                        .map(steel -> new Choice(
                                                steel.id(),
                                                steel.name(),
                                                "cooled in " + steel.quench().words())),
                                Stream.of(new Choice("hss", "High-speed steel rod", "bought hard, ground to shape")))
                        .toList());
    }
}
