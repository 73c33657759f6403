package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;
import boldwedge.core.language.measure.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that ships about materials and blanks, read once from the tables in {@code resources/boldwedge/core/language/stock}
 * and checked while reading. To add a material, add a row there; nothing else changes.
 */
public final class StockCatalogue {
    private static final StockCatalogue SHIPPED = new StockCatalogue();
    private static final double DEG = Math.PI / 180;

    private final Map<String, WorkMaterial> work = new LinkedHashMap<>();
    private final Map<String, ToolMaterial> tools = new LinkedHashMap<>();
    private final Map<String, Blank> blanks = new LinkedHashMap<>();
    private final Map<String, Insert> inserts = new LinkedHashMap<>();
    private final Map<String, Blade> blades = new LinkedHashMap<>();
    private final Map<String, BarMaterial> bars = new LinkedHashMap<>();
    private final Map<String, ToolSteel> steels = new LinkedHashMap<>();
    private final Map<String, Head> heads = new LinkedHashMap<>();
    private final Map<UnitSystem, List<ScrewSize>> screws = new EnumMap<>(UnitSystem.class);
    private final Map<UnitSystem, List<ScrewSize>> fineScrews = new EnumMap<>(UnitSystem.class);
    private final List<KeySize> keys = new ArrayList<>();
    private final List<RingGroove> circlips = new ArrayList<>();
    private final List<ThreadRelief> reliefs = new ArrayList<>();
    private final List<Undercut> undercuts = new ArrayList<>();
    private final List<Term> glossary = new ArrayList<>();
    private final Map<String, RecommendedAngles> angles = new HashMap<>();
    private final Map<String, String> citations = new HashMap<>();

    private StockCatalogue() {
        Table.read("stock/sources.tsv").rows().forEach(row -> citations.put(row.text("key"), row.text("citation")));
        Table.read("stock/tool-materials.tsv").rows().forEach(this::addTool);
        Table.read("stock/angles.tsv").rows().forEach(this::addAngles);
        Map<String, String> speedColumns = Table.read("stock/tool-materials.tsv").rows().stream()
                .collect(Collectors.toMap(row -> row.text("id"), row -> row.text("speed")));
        Table.read("stock/work-materials.tsv").rows().forEach(row -> addWork(row, speedColumns));
        Table.read("stock/blanks.tsv").rows().forEach(this::addBlank);
        Table.read("stock/inserts.tsv").rows().forEach(this::addInsert);
        Table.read("stock/blades.tsv").rows().forEach(this::addBlade);
        Table.read("stock/bar-materials.tsv").rows().forEach(this::addBar);
        Table.read("stock/screws.tsv").rows().forEach(this::addScrew);
        Table.read("stock/heads.tsv").rows().forEach(this::addHead);
        Table.read("stock/keys.tsv").rows().forEach(this::addKey);
        Table.read("stock/circlips.tsv").rows().forEach(row -> circlips.add(RingGroove.of(row, cited(row))));
        Table.read("stock/reliefs.tsv").rows().forEach(row -> reliefs.add(ThreadRelief.of(row, cited(row))));
        Table.read("stock/undercuts.tsv").rows().forEach(row -> undercuts.add(Undercut.of(row, cited(row))));
        Table.read("stock/tool-steels.tsv").rows().forEach(this::addSteel);
        Table.read("stock/glossary.tsv").rows().forEach(this::addTerm);
    }

    /** The catalogue that ships with the program. */
    public static StockCatalogue shipped() {
        return SHIPPED;
    }

    public List<WorkMaterial> workMaterials() {
        return List.copyOf(work.values());
    }

    public List<ToolMaterial> toolMaterials() {
        return List.copyOf(tools.values());
    }

    public List<Blank> blanks() {
        return List.copyOf(blanks.values());
    }

    /** Plain square bits of high-speed steel as the shops of a system have them, the slimmest first. */
    public List<Blank> squareBits(UnitSystem units) {
        return blanks.values().stream()
                .filter(blank -> blank.toolMaterial().equals("hss")
                        && blank.tip().isEmpty()
                        && blank.bought().isEmpty())
                .filter(blank -> blank.name().contains(" in ") == (units == UnitSystem.INCH))
                .sorted(Comparator.comparingDouble(Blank::widthMm))
                .toList();
    }

    /** The work material with this id. */
    public Optional<WorkMaterial> workMaterial(String id) {
        return Optional.ofNullable(work.get(id));
    }

    /** Blanks of the same section whose edge is harder, cobalt before carbide. */
    public List<Blank> harderBlanks(Blank blank) {
        ToolMaterial now = toolMaterial(blank);
        List<String> order = List.of("hss", "cobalt", "carbide");
        return blanks.values().stream()
                .filter(other -> Math.abs(other.widthMm() - blank.widthMm()) < 0.05
                        && Math.abs(other.heightMm() - blank.heightMm()) < 0.05)
                .filter(other -> order.indexOf(toolMaterial(other).id()) > Math.max(0, order.indexOf(now.id())))
                .toList();
    }

    /** The blank with this id. */
    public Optional<Blank> blank(String id) {
        return Optional.ofNullable(blanks.get(id));
    }

    public List<Insert> inserts() {
        return List.copyOf(inserts.values());
    }

    /** The insert with this id. */
    public Optional<Insert> insert(String id) {
        return Optional.ofNullable(inserts.get(id));
    }

    public List<Blade> blades() {
        return List.copyOf(blades.values());
    }

    /** The blade with this id. */
    public Optional<Blade> blade(String id) {
        return Optional.ofNullable(blades.get(id));
    }

    /** Coarse screws of a system, the thinnest first. */
    public List<ScrewSize> screws(UnitSystem system) {
        return Collections.unmodifiableList(screws.getOrDefault(system, List.of()));
    }

    /** Those and the fine ones, for holes that are drilled for a screw that somebody has. */
    public List<ScrewSize> screwsAndFine(UnitSystem system) {
        return Stream.concat(screws(system).stream(), fineScrews.getOrDefault(system, List.of()).stream())
                .toList();
    }

    /** The screw of this name, of either series. */
    public Optional<ScrewSize> screw(String name) {
        return screws.values().stream()
                .flatMap(List::stream)
                .filter(screw -> screw.name().equals(name))
                .findFirst();
    }

    /** The thickest screw of a system that is no thicker than this; the thinnest when all are. */
    public ScrewSize screwAtMost(double threadMm, UnitSystem system) {
        List<ScrewSize> all = screws(system);
        ScrewSize best = all.getFirst();
        for (ScrewSize screw : all) {
            best = screw.threadMm() <= threadMm + 1e-6 ? screw : best;
        }
        return best;
    }

    /** Keys of both series, the smallest first. */
    public List<KeySize> keys() {
        return List.copyOf(keys);
    }

    /** The key of a bore in mm; empty where the tables name none. */
    public Optional<KeySize> key(UnitSystem system, double boreMm) {
        return keys.stream()
                .filter(key -> key.system() == system && key.fits(boreMm))
                .findFirst();
    }

    /** Grooves of retaining rings, by the shaft or the bore. */
    public List<RingGroove> circlips() {
        return List.copyOf(circlips);
    }

    /** Undercuts behind outside threads, by pitch. */
    public List<ThreadRelief> reliefs() {
        return List.copyOf(reliefs);
    }

    /** Undercuts at shoulders, those for a usual load first. */
    public List<Undercut> undercuts() {
        return List.copyOf(undercuts);
    }

    /** Heads and washers. */
    public List<Head> heads() {
        return List.copyOf(heads.values());
    }

    /** The head or washer of this name. */
    public Optional<Head> head(String name) {
        return Optional.ofNullable(heads.get(name));
    }

    /** Steels that can be hardened. */
    public List<ToolSteel> steels() {
        return List.copyOf(steels.values());
    }

    /** The steel with this id. */
    public Optional<ToolSteel> steel(String id) {
        return Optional.ofNullable(steels.get(id));
    }

    /** The words of the trade, explained. */
    public List<Term> glossary() {
        return List.copyOf(glossary);
    }

    public List<BarMaterial> barMaterials() {
        return List.copyOf(bars.values());
    }

    /** The bar material with this id. */
    public Optional<BarMaterial> barMaterial(String id) {
        return Optional.ofNullable(bars.get(id));
    }

    /** The tool material with this id. */
    public Optional<ToolMaterial> toolMaterial(String id) {
        return Optional.ofNullable(tools.get(id));
    }

    /** What a blank's cutting end is made of. */
    public ToolMaterial toolMaterial(Blank blank) {
        return known(tools, blank.toolMaterial(), "tool material");
    }

    /** Recommended angles for this work with this tool material. */
    public RecommendedAngles anglesFor(WorkMaterial material, ToolMaterial tool) {
        return known(angles, material.angleGroup() + "/" + tool.family(), "row of angles");
    }

    private void addTool(Table.Row row) {
        tools.put(
                row.text("id"),
                new ToolMaterial(
                        row.text("id"),
                        row.text("name"),
                        ToolMaterial.Family.valueOf(row.text("family")),
                        row.text("hardness"),
                        row.number("modulus") * 1000,
                        row.number("density"),
                        Span.of(row, "edge_um", 1e-3),
                        Span.of(row, "press_along", 1),
                        Span.of(row, "press_across", 1),
                        Span.of(row, "min_chip", 1),
                        row.number("taylor_n"),
                        row.text("wheel"),
                        row.text("fails"),
                        row.text("caution"),
                        cited(row)));
    }

    private void addAngles(Table.Row row) {
        angles.put(
                row.text("group") + "/" + row.text("family"),
                new RecommendedAngles(
                        Span.of(row, "back_rake", DEG),
                        Span.of(row, "side_rake", DEG),
                        Span.of(row, "end_relief", DEG),
                        Span.of(row, "side_relief", DEG),
                        row.text("why"),
                        cited(row)));
    }

    private void addWork(Table.Row row, Map<String, String> speedColumns) {
        Map<String, Span> speeds = new HashMap<>();
        speedColumns.forEach((tool, column) -> speeds.put(tool, Span.of(row, column, 1)));
        WorkMaterial material = new WorkMaterial(
                row.text("id"),
                row.text("name"),
                row.text("state"),
                row.text("group"),
                row.text("angles"),
                row.number("kc11"),
                row.number("mc"),
                row.number("spread_pct") / 100,
                row.text("hardness"),
                row.number("hb"),
                row.number("density"),
                row.number("modulus") * 1000,
                row.number("expansion") * 1e-6,
                Span.of(row, "friction", DEG),
                row.number("rake_ref") * DEG,
                Map.copyOf(speeds),
                row.number("built_up_share"),
                row.text("built_up"),
                row.text("chip"),
                cited(row));
        tools.values().forEach(tool -> anglesFor(material, tool));
        work.put(material.id(), material);
    }

    private void addBlank(Table.Row row) {
        double[] tip = row.numbers("tip");
        Blank blank = new Blank(
                row.text("id"),
                row.text("name"),
                row.text("tool_material"),
                row.number("width"),
                row.number("height"),
                row.number("length"),
                tip.length == 3 ? Optional.of(new Blank.Tip(tip[0], tip[1], tip[2])) : Optional.empty(),
                row.text("angles").isEmpty() ? Optional.empty() : Optional.of(bought(row.numbers("angles"))),
                cited(row));
        toolMaterial(blank);
        blanks.put(blank.id(), blank);
    }

    private void addInsert(Table.Row row) {
        Insert insert = new Insert(
                row.text("id"),
                row.text("name"),
                row.number("point") * DEG,
                row.number("clearance") * DEG,
                row.number("circle"),
                row.number("thickness"),
                row.number("rake") * DEG,
                Arrays.stream(row.numbers("noses")).boxed().toList(),
                row.text("tool_material"),
                cited(row));
        toolMaterial(insert.asBlank());
        inserts.put(insert.id(), insert);
    }

    private void addBlade(Table.Row row) {
        Blade blade = new Blade(
                row.text("id"),
                row.text("name"),
                Blade.Section.valueOf(row.text("section").toUpperCase(Locale.ROOT)),
                known(tools, row.text("tool_material"), "tool material"),
                row.number("top"),
                row.number("bottom"),
                row.number("height"),
                row.number("stem"),
                row.number("head"),
                row.number("length"),
                row.number("deepest"),
                row.number("bears"),
                cited(row));
        blades.put(blade.id(), blade);
    }

    private void addScrew(Table.Row row) {
        UnitSystem system = row.text("series").startsWith("metric") ? UnitSystem.METRIC : UnitSystem.INCH;
        boolean fine = row.text("series").endsWith("fine");
        (fine ? fineScrews : screws)
                .computeIfAbsent(system, whose -> new ArrayList<>())
                .add(new ScrewSize(
                        system,
                        row.text("name"),
                        row.number("thread"),
                        row.number("pitch"),
                        row.number("clearance"),
                        row.number("area"),
                        row.number("proof"),
                        row.text("class"),
                        cited(row)));
    }

    private void addKey(Table.Row row) {
        keys.add(new KeySize(
                row.text("series").equals("metric") ? UnitSystem.METRIC : UnitSystem.INCH,
                row.number("over"),
                row.number("to"),
                row.number("width"),
                row.number("height"),
                row.number("shaft"),
                row.number("hub"),
                row.number("deeper"),
                cited(row)));
    }

    private void addHead(Table.Row row) {
        heads.put(
                row.text("name"),
                new Head(
                        row.text("series").equals("metric") ? UnitSystem.METRIC : UnitSystem.INCH,
                        row.text("name"),
                        Head.Kind.valueOf(row.text("kind").toUpperCase(Locale.ROOT)),
                        row.number("screw"),
                        row.number("diameter"),
                        row.number("height"),
                        row.text("sunk").isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(row.number("sunk")),
                        cited(row)));
    }

    private void addTerm(Table.Row row) {
        glossary.add(new Term(
                row.text("id"),
                row.text("word"),
                row.text("sign"),
                Arrays.stream(row.text("forms").split("\\|"))
                        .map(String::strip)
                        .filter(form -> !form.isEmpty())
                        .toList(),
                row.text("meaning"),
                row.text("outline"),
                row.text("mark"),
                cited(row)));
    }

    private void addSteel(Table.Row row) {
        steels.put(
                row.text("id"),
                new ToolSteel(
                        row.text("id"),
                        row.text("name"),
                        ToolSteel.Kind.valueOf(row.text("kind").toUpperCase(Locale.ROOT)),
                        ToolSteel.Quench.valueOf(row.text("quench").toUpperCase(Locale.ROOT)),
                        Span.of(row, "harden_C", 1),
                        row.number("soak_base"),
                        row.number("soak_per_mm"),
                        row.number("through_mm"),
                        Span.of(row, "hrc", 1),
                        row.pairs("temper").stream()
                                .map(pair -> new ToolSteel.Temper(pair[0], pair[1]))
                                .toList(),
                        Span.of(row, "growth_pct", 0.01),
                        row.number("skin_mm"),
                        row.number("shell_mm"),
                        cited(row)));
    }

    private void addBar(Table.Row row) {
        bars.put(
                row.text("id"),
                new BarMaterial(
                        row.text("id"),
                        row.text("name"),
                        row.number("modulus") * 1000,
                        row.number("density"),
                        row.number("yield"),
                        Span.of(row, "damping_pct", 0.01),
                        row.number("rule"),
                        row.text("hardened").equals("yes"),
                        row.text("note"),
                        cited(row)));
    }

    private static Blank.BoughtAngles bought(double[] degrees) {
        return new Blank.BoughtAngles(
                degrees[0] * DEG,
                degrees[1] * DEG,
                degrees[2] * DEG,
                degrees[3] * DEG,
                degrees[4] * DEG,
                degrees[5] * DEG);
    }

    private String cited(Table.Row row) {
        return Stream.of(row.text("source").split(";"))
                .map(key -> known(citations, key.strip(), "source"))
                .collect(Collectors.joining("; "));
    }

    private static <T> T known(Map<String, T> map, String key, String what) {
        T found = map.get(key);
        if (found == null) {
            throw new IllegalStateException("The tables name a " + what + " that they do not hold: " + key);
        }
        return found;
    }
}
