package boldwedge.server.crib;

import boldwedge.core.measure.UnitSystem;
import boldwedge.core.plan.ToolMatch;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/crib")
class CribController {
    private final CribService crib;

    CribController(CribService crib) {
        this.crib = crib;
    }

    /** A tool as sent. */
    record ToolEntry(
            int version,
            String name,
            @Nullable String drawer,
            @Nullable String note,
            UnitSystem units,
            Map<String, @Nullable String> fields) {}

    /** A grind as sent; the day as 2026-11-24. */
    record GrindEntry(
            @Nullable LocalDate onDay,
            UnitSystem units,
            Map<String, @Nullable String> measured,
            @Nullable String note) {}

    /** A cut to find a tool for. */
    record WhichQuestion(Map<String, @Nullable String> fields, UnitSystem units) {}

    /** A tool tried on a cut. */
    record WhichAnswer(ToolRecord tool, ToolMatch match) {}

    /** The tools whose card holds all these words; all tools when there are none. */
    @GetMapping("/tools")
    List<ToolRecord> tools(@RequestParam(defaultValue = "") String words) {
        return crib.withWords(words);
    }

    @GetMapping("/tools/{id}")
    ToolRecord tool(@PathVariable UUID id) {
        return crib.tool(id);
    }

    @PostMapping("/tools")
    ToolRecord add(@RequestBody ToolEntry entry) {
        return crib.add(record(UUID.randomUUID(), 1, entry));
    }

    @PutMapping("/tools/{id}")
    ToolRecord save(@PathVariable UUID id, @RequestBody ToolEntry entry) {
        return crib.save(record(id, entry.version(), entry));
    }

    @DeleteMapping("/tools/{id}")
    void delete(@PathVariable UUID id) {
        crib.delete(id);
    }

    @GetMapping("/tools/{id}/grinds")
    List<GrindRecord> grinds(@PathVariable UUID id) {
        return crib.grindsOf(id);
    }

    @PostMapping("/tools/{id}/grinds")
    GrindRecord grind(@PathVariable UUID id, @RequestBody GrindEntry entry) {
        LocalDate day = entry.onDay() == null ? LocalDate.now(java.time.ZoneId.systemDefault()) : entry.onDay();
        Map<String, String> measured = Text.map(entry.measured());
        if (measured.isEmpty() && (entry.note() == null || entry.note().isBlank())) {
            throw Refusal.wrong("Type at least one angle or the nose radius that you measured, or a note.");
        }
        GrindRecord grind = new GrindRecord(
                UUID.randomUUID(), id, day, entry.units(), measured, Text.optional(entry.note(), "note", 2000));
        crib.addGrind(grind);
        return grind;
    }

    /** Which of my tools will do this cut? Every tool is planned on it; the best come first. */
    @PostMapping("/which")
    List<WhichAnswer> which(@RequestBody WhichQuestion question) {
        return crib.which(Text.map(question.fields()), question.units()).stream()
                .map(candidate -> new WhichAnswer(candidate.tool(), candidate.match()))
                .toList();
    }

    private static ToolRecord record(UUID id, int version, ToolEntry entry) {
        return new ToolRecord(
                id,
                version,
                Text.required(entry.name(), "name", 120, "Give the tool a name that you would call it by."),
                Text.optional(entry.drawer(), "drawer", 120),
                Text.optional(entry.note(), "note", 2000),
                entry.units(),
                Text.map(entry.fields()));
    }
}
