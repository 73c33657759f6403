package boldwedge.server.crib;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolKind;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.storage.Knowledge;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's tools. */
@Service
public class CribService {
    private static final int MOST_WORDS = 8;

    /** Counted no further: "1000 or more" is as good to whoever searches. */
    static final int MOST_COUNTED = 1000;

    private final CribMapper crib;
    private final Journal journal;
    private final Knowledge knowledge;
    private final Checked checked;
    private final Who who;
    private final ApplicationEventPublisher events;

    CribService(
            CribMapper crib,
            Knowledge knowledge,
            Checked checked,
            Who who,
            Journal journal,
            ApplicationEventPublisher events) {
        this.journal = journal;
        this.events = events;
        this.crib = crib;
        this.knowledge = knowledge;
        this.checked = checked;
        this.who = who;
    }

    /** Hands over every tool, one after the other; within a transaction. */
    public void each(Consumer<ToolRecord> take) {
        crib.each().forEach(take);
    }

    /** Hands over every grind, one after the other; within a transaction. */
    public void eachGrind(Consumer<GrindRecord> take) {
        crib.eachGrind().forEach(take);
    }

    /** The tool of this id. */
    public ToolRecord tool(UUID id) {
        return crib.find(id).orElseThrow(() -> Refusal.missing("no-such-tool", "This tool is not in the crib."));
    }

    /** Whether a tool of this id is kept. */
    public boolean isKept(UUID id) {
        return crib.find(id).isPresent();
    }

    /** The tool's grinds, the last first. */
    public List<GrindRecord> grindsOf(UUID id) {
        return crib.grindsOf(id);
    }

    /** How the tools of a list follow each other. */
    enum Sort {
        NAME,
        /** What was saved last first. */
        SAVED
    }

    /**
     * Tools with all these words, in order, after the one given.
     *
     * @param kind the only kind wanted; all where it is missing
     */
    List<ToolRecord> page(String words, @Nullable String kind, Sort sort, @Nullable UUID after, int most) {
        return switch (sort) {
            case NAME -> crib.page(patterns(words), kind, after, most);
            case SAVED -> crib.pageByTime(patterns(words), kind, after, most);
        };
    }

    /** How many there are with these words, up to {@link #MOST_COUNTED}. */
    int count(String words, @Nullable String kind) {
        return crib.count(patterns(words), kind, MOST_COUNTED);
    }

    /** When each of these tools was ground or tried last, and how often it was ground; those that never were either are missing. */
    List<CribMapper.Used> used(List<ToolRecord> tools) {
        return tools.isEmpty() ? List.of() : crib.used(tools);
    }

    private static List<CribMapper.Word> patterns(String words) {
        return Stream.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST_WORDS)
                .map(CribService::pattern)
                .toList();
    }

    private static CribMapper.Word pattern(String word) {
        return word.matches("[a-z0-9]{1,2}")
                ? new CribMapper.Word(word + ":*", true)
                : new CribMapper.Word(
                        "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%", false);
    }

    /** Keeps a new tool; one that was sent twice under one id is kept once. */
    @Transactional
    public ToolRecord add(ToolRecord entry) {
        ToolRecord tool = by(entry);
        check(tool);
        if (crib.add(List.of(tool)) == 0) {
            ToolRecord there = tool(tool.id());
            Version.checkSameAgain(there.saysTheSameAs(tool), "tool");
            return there;
        }
        return tool(tool.id());
    }

    /** Adds those tools that are not there yet; how many. For imports. */
    public int addMissing(List<ToolRecord> tools) {
        return crib.add(tools);
    }

    @Transactional
    public ToolRecord save(ToolRecord entry) {
        ToolRecord tool = by(entry);
        check(tool);
        Version.check(crib.save(tool), crib.find(tool.id()).isPresent(), "tool");
        return tool(tool.id());
    }

    /** Takes a tool out with its grinds and trials; what those taught goes with them. */
    @Transactional
    public void delete(UUID id, int version) {
        String name = crib.find(id).map(ToolRecord::name).orElse("");
        if (crib.delete(id, version) == 0) {
            if (crib.find(id).isPresent()) {
                Version.check(0, true, "tool");
            }
            return;
        }
        journal.note(Deed.DELETED, "the tool " + name);
        knowledge.changed();
    }

    private ToolRecord by(ToolRecord entry) {
        return new ToolRecord(
                entry.id(),
                entry.version(),
                entry.name(),
                entry.drawer(),
                entry.note(),
                entry.kind(),
                entry.units(),
                entry.fields(),
                null,
                who.name(),
                null,
                "");
    }

    /** Keeps a grind; its measurements must be readable. */
    @Transactional
    public GrindRecord addGrind(GrindRecord entry) {
        GrindRecord grind = new GrindRecord(
                entry.id(),
                entry.toolId(),
                entry.onDay(),
                entry.units(),
                entry.measured(),
                entry.note(),
                null,
                who.name(),
                null,
                "");
        check(grind);
        tool(grind.toolId());
        if (crib.addGrinds(List.of(grind)) == 0) {
            GrindRecord there = crib.grind(grind.id()).orElseThrow();
            Version.checkSameAgain(there.saysTheSameAs(grind), "grind");
            return there;
        }
        events.publishEvent(new ToolGround(grind.toolId(), grind.id(), grind.onDay()));
        return crib.grind(grind.id()).orElseThrow();
    }

    /** Adds those grinds that are not there yet; how many. Their tools must be there. For imports. */
    public int addMissingGrinds(List<GrindRecord> grinds) {
        mustBeKept(grinds.stream().map(GrindRecord::toolId).toList(), "grind");
        return crib.addGrinds(grinds);
    }

    /** Refuses what belongs to tools that are not kept. */
    public void mustBeKept(List<UUID> tools, String what) {
        List<String> missing = tools.isEmpty() ? List.of() : crib.missing(tools);
        if (!missing.isEmpty()) {
            throw Refusal.wrong(
                    "no-such-tool",
                    "There is a " + what + " of the tool " + missing.getFirst()
                            + ", which is neither in the crib nor in the file.");
        }
    }

    /** Whether a tool may be kept. */
    public void check(ToolRecord tool) {
        checked.record(tool);
        Map<String, String> wrong = new HashMap<>(unreadable(tool.fields(), tool.units()));
        Optional<ToolKind> kind = Families.kind(tool.kind());
        if (kind.isEmpty()) {
            wrong.put(
                    "kind",
                    "There is no kind of tool called “" + tool.kind() + "”. There are: "
                            + Families.kinds().stream().map(ToolKind::id).collect(Collectors.joining(", ")) + ".");
        } else {
            wrong.putAll(unknown(tool.fields(), kind.get()));
        }
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("unreadable-values", "Some of the tool's values cannot be read.", wrong);
        }
    }

    /** Whether a grind may be kept. */
    public void check(GrindRecord grind) {
        checked.record(grind);
        Map<String, String> wrong = unreadable(grind.measured(), grind.units());
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("unreadable-values", "Some measurements cannot be read.", wrong);
        }
    }

    /** What it is known by must be said, and where that is picked, be there to be picked. */
    private static Map<String, String> unknown(Map<String, String> texts, ToolKind kind) {
        Map<String, String> wrong = new HashMap<>();
        List<Entry> marks = Families.kinds().stream().map(ToolKind::mark).toList();
        for (ToolKind.KeptField kept : kind.brings()) {
            Entry entry = kept.entry();
            String text = texts.getOrDefault(entry.id(), "");
            boolean said = entry.equals(kind.mark()) || (marks.contains(entry) && texts.containsKey(entry.id()));
            if (said && !entry.choices().isEmpty() && !Families.canBe(entry, text)) {
                wrong.put(
                        entry.id(),
                        "There is no " + entry.label().toLowerCase(Locale.ROOT) + " called “" + text
                                + "”. Pick one from the list.");
            }
        }
        return wrong;
    }

    private static Map<String, String> unreadable(Map<String, String> texts, UnitSystem units) {
        Map<String, String> wrong = new HashMap<>();
        texts.forEach((id, text) -> {
            Optional<Limits> limits = Families.entry(id).flatMap(Entry::limits);
            if (limits.isPresent()
                    && MeasureParser.parse(text, limits.get(), units) instanceof Parsed.Wrong<Reading> bad) {
                wrong.put(id, bad.sentence());
            }
        });
        return wrong;
    }
}
