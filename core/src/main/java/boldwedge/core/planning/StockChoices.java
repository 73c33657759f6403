package boldwedge.core.planning;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.mechanics.hole.DrillSet;
import java.util.List;
import java.util.stream.Stream;

/** What can be picked from the shop's stock, for whichever family. */
public final class StockChoices {
    private static final double LARGEST_BIT_MM = 10;
    private static final StockCatalogue STOCK = StockCatalogue.shipped();

    /** Softer as quenched than this no edge is made of it. */
    private static final double EDGE_HRC = 60;

    private StockChoices() {}

    /** Work materials. */
    public static List<Choice> materials() {
        return STOCK.workMaterials().stream()
                .map(m -> new Choice(m.id(), m.name(), m.state() + "; " + m.hardness()))
                .toList();
    }

    /** Tool blanks. */
    public static List<Choice> blanks() {
        return STOCK.blanks().stream().map(StockChoices::blank).toList();
    }

    /** Bits and inserts that fit into a bar. */
    public static List<Choice> bits() {
        return Stream.concat(
                        STOCK.blanks().stream().filter(b -> b.tip().isEmpty() && b.widthMm() <= LARGEST_BIT_MM),
                        STOCK.inserts().stream().map(Insert::asBlank))
                .map(StockChoices::blank)
                .toList();
    }

    /** Inserts. */
    public static List<Choice> inserts() {
        return STOCK.inserts().stream().map(insert -> blank(insert.asBlank())).toList();
    }

    private static Choice blank(Blank blank) {
        return new Choice(blank.id(), blank.name(), STOCK.toolMaterial(blank).name());
    }

    /** What bars are made of. */
    public static List<Choice> barMaterials() {
        return STOCK.barMaterials().stream()
                .map(b -> new Choice(b.id(), b.name(), b.note()))
                .toList();
    }

    /** Blades for parting and grooving. */
    public static List<Choice> blades() {
        return STOCK.blades().stream()
                .map(b -> new Choice(b.id(), b.name(), b.tool().name()))
                .toList();
    }

    /** Screws of both series. */
    public static List<Choice> screws() {
        return Stream.of(UnitSystem.values())
                .flatMap(system -> STOCK.screws(system).stream())
                .map(screw -> new Choice(
                        screw.name(),
                        screw.name(),
                        screw.system() == UnitSystem.METRIC ? "metric coarse" : "unified coarse"))
                .toList();
    }

    /** Heads and washers of both series, and one that is typed. */
    public static List<Choice> heads() {
        return Stream.concat(
                        STOCK.heads().stream()
                                .map(head -> new Choice(
                                        head.name(),
                                        head.name(),
                                        head.system() == UnitSystem.METRIC ? "metric" : "inch")),
                        Stream.of(new Choice("typed", "of typed sizes", "whatever is to sit there")))
                .toList();
    }

    /** What drills a shop has. */
    public static List<Choice> drillSets() {
        return Stream.of(DrillSet.values())
                .map(set -> new Choice(Entry.choice(set), set.words(), set.more()))
                .toList();
    }

    /** Steels to be hardened. */
    public static List<Choice> steels() {
        return STOCK.steels().stream()
                .map(steel -> new Choice(
                        steel.id(), steel.name(), "cooled in " + steel.quench().words()))
                .toList();
    }

    /** What tools that cut about their own axis are made of: steels that come hard at the edge, or a rod that is bought hard. */
    public static List<Choice> edgeSteels() {
        return Stream.concat(
                        STOCK.steels().stream()
                                .filter(steel -> steel.kind() == ToolSteel.Kind.TOOL
                                        && steel.asQuenched().chosen() >= EDGE_HRC)
                                .map(steel -> new Choice(
                                        steel.id(),
                                        steel.name(),
                                        "cooled in " + steel.quench().words())),
                        Stream.of(new Choice("hss", "High-speed steel rod", "bought hard, ground to shape")))
                .toList();
    }
}
