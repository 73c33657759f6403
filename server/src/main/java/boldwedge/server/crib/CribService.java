package boldwedge.server.crib;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.boring.BarSearch;
import boldwedge.core.boring.BoreField;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.MeasureParser;
import boldwedge.core.measure.Parsed;
import boldwedge.core.measure.Reading;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.parting.PartField;
import boldwedge.core.plan.Family;
import boldwedge.core.plan.Planner;
import boldwedge.core.plan.ToolMatch;
import boldwedge.core.stock.StockCatalogue;
import boldwedge.core.turning.TurningField;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The shop's tools. */
@Service
public class CribService {
    private final CribMapper crib;
    private final PlanService plans;

    CribService(CribMapper crib, PlanService plans) {
        this.crib = crib;
        this.plans = plans;
    }

    /**
     * A tool beside a cut.
     *
     * @param tool the tool
     * @param match how it would do
     */
    record Candidate(ToolRecord tool, ToolMatch match) {}

    /** All tools, by name. */
    public List<ToolRecord> all() {
        return crib.all();
    }

    /** All grinds, oldest first. */
    public List<GrindRecord> grinds() {
        return crib.grinds();
    }

    /** The tool of this id. */
    public ToolRecord tool(UUID id) {
        return crib.find(id).orElseThrow(() -> Refusal.missing("This tool is not in the crib."));
    }

    /** The tool's grinds, the last first. */
    public List<GrindRecord> grindsOf(UUID id) {
        return crib.grindsOf(id);
    }

    List<ToolRecord> withWords(String words) {
        List<String> patterns = Stream.of(words.strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .limit(8)
                .map(word ->
                        "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%")
                .toList();
        return patterns.isEmpty() ? crib.all() : crib.withWords(patterns);
    }

    /** The shop's tools tried on a cut, the best first. A tool counts as it was last measured. */
    List<Candidate> which(Map<String, String> fields, UnitSystem units) {
        PlanRequest cut = plans.request(fields, units);
        Map<UUID, Map<String, String>> measured = new HashMap<>();
        crib.grinds().forEach(grind -> measured.put(grind.toolId(), inUnits(grind.measured(), grind.units())));
        Family family = Planner.family(cut);
        if (family == Family.BORING) {
            return bars(cut);
        }
        return crib.all().stream()
                .filter(tool -> kind(tool) == (family == Family.PARTING ? Kind.BLADE : Kind.BIT))
                .map(tool -> {
                    Map<String, String> own = new HashMap<>(inUnits(tool.fields(), tool.units()));
                    own.putAll(measured.getOrDefault(tool.id(), Map.of()));
                    return new Candidate(tool, ToolMatch.of(cut, own));
                })
                .sorted(Comparator.comparingDouble(
                        candidate -> candidate.match().rank()))
                .toList();
    }

    /** The shop's bars at every reach, speed and feed, the best first. */
    private List<Candidate> bars(PlanRequest cut) {
        Map<String, ToolRecord> bars = new LinkedHashMap<>();
        crib.all().stream()
                .filter(tool -> kind(tool) == Kind.BAR)
                .forEach(tool -> bars.put(tool.id().toString(), tool));
        List<BarSearch.ShopBar> asked = bars.values().stream()
                .map(tool -> new BarSearch.ShopBar(tool.id().toString(), inUnits(tool.fields(), tool.units())))
                .toList();
        return BarSearch.search(cut, asked).stream()
                .map(match -> new Candidate(
                        Objects.requireNonNull(bars.get(match.id())),
                        new ToolMatch(match.verdict(), match.rank(), match.reasons(), match.take())))
                .toList();
    }

    /** What a kept thing is, by what is written of it. */
    private enum Kind {
        BIT,
        BAR,
        BLADE,
        HOLDER
    }

    private static Kind kind(ToolRecord tool) {
        Map<String, String> fields = tool.fields();
        if (fields.containsKey(PartField.HOLDER.id())) {
            return Kind.HOLDER;
        }
        if (fields.containsKey(PartField.BLADE.id())) {
            return Kind.BLADE;
        }
        return fields.containsKey(BoreField.BAR_DIAMETER.id()) ? Kind.BAR : Kind.BIT;
    }

    ToolRecord add(ToolRecord tool) {
        check(tool);
        crib.add(tool);
        return tool;
    }

    /** Adds a tool unless it is already there; whether it was added. For imports. */
    public boolean addIfMissing(ToolRecord tool) {
        check(tool);
        return crib.add(tool) == 1;
    }

    ToolRecord save(ToolRecord tool) {
        check(tool);
        Version.check(crib.save(tool), crib.find(tool.id()).isPresent(), "tool");
        return new ToolRecord(
                tool.id(), tool.version() + 1, tool.name(), tool.drawer(), tool.note(), tool.units(), tool.fields());
    }

    void delete(UUID id) {
        crib.delete(id);
    }

    /** Keeps a grind; its measurements must be readable. */
    public boolean addGrind(GrindRecord grind) {
        Map<String, String> wrong = unreadable(grind.measured(), grind.units());
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("Some measurements cannot be read.", wrong);
        }
        tool(grind.toolId());
        return crib.addGrind(grind) == 1;
    }

    private static void check(ToolRecord tool) {
        Map<String, String> wrong = new HashMap<>(unreadable(tool.fields(), tool.units()));
        String blank = tool.fields().getOrDefault(TurningField.BLANK.id(), "");
        if (kind(tool) == Kind.BIT && StockCatalogue.shipped().blank(blank).isEmpty()) {
            wrong.put(TurningField.BLANK.id(), "There is no blank called “" + blank + "”. Pick one from the list.");
        }
        String blade = tool.fields().getOrDefault(PartField.BLADE.id(), "");
        if (!blade.isEmpty() && StockCatalogue.shipped().blade(blade).isEmpty()) {
            wrong.put(PartField.BLADE.id(), "There is no blade called “" + blade + "”. Pick one from the list.");
        }
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("Some of the tool's values cannot be read.", wrong);
        }
    }

    private static Map<String, String> unreadable(Map<String, String> texts, UnitSystem units) {
        Map<String, String> wrong = new HashMap<>();
        texts.forEach((id, text) -> {
            Optional<Limits> limits = Planner.entry(id).flatMap(Entry::limits);
            if (limits.isPresent()
                    && MeasureParser.parse(text, limits.get(), units) instanceof Parsed.Wrong<Reading> bad) {
                wrong.put(id, bad.sentence());
            }
        });
        return wrong;
    }

    /** The texts with their unit written out, so that they mean the same in any unit system. */
    private static Map<String, String> inUnits(Map<String, String> texts, UnitSystem units) {
        Map<String, String> explicit = new HashMap<>();
        texts.forEach((id, text) -> explicit.put(
                id,
                Planner.entry(id)
                        .flatMap(Entry::limits)
                        .map(limits -> switch (MeasureParser.parse(text, limits.quantity(), units)) {
                            case Parsed.Good<Reading>(Reading r) -> plain(r);
                            case Parsed.Wrong<Reading> bad -> text;
                        })
                        .orElse(text)));
        return explicit;
    }

    private static String plain(Reading reading) {
        return switch (reading.quantity()) {
            case ANGLE -> Math.toDegrees(reading.value()) + "°";
            case LENGTH -> String.format(java.util.Locale.ROOT, "%.6f mm", reading.value());
            default -> reading.typed();
        };
    }
}
