package boldwedge.server.crib;

import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.people.Door;
import boldwedge.server.web.QrPicture;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.Texts;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api/crib")
class CribController {
    private static final int MOST_IN_A_PAGE = 500;

    /** How often whoever waits hears something, and is noticed when gone. */
    private static final long TELL_NANOS = 250_000_000L;

    private final CribService crib;
    private final Door door;
    private final ToolSearch which;
    private final JsonMapper json;

    CribController(CribService crib, ToolSearch which, JsonMapper json, Door door) {
        this.door = door;
        this.crib = crib;
        this.which = which;
        this.json = json;
    }

    /** A tool as sent; with an id of the sender's own it can be sent twice and is kept once. */
    record ToolEntry(
            @Nullable UUID id,
            int version,
            String name,
            @Nullable String drawer,
            @Nullable String note,
            @Nullable String kind,
            UnitSystem units,
            Map<String, @Nullable String> fields) {}

    /** A grind as sent; the day as 2026-11-24. */
    record GrindEntry(
            @Nullable UUID id,
            @Nullable LocalDate onDay,
            UnitSystem units,
            Map<String, @Nullable String> measured,
            @Nullable String note) {}

    /** A cut to find a tool for. */
    record WhichQuestion(
            @Texts Map<String, @Nullable String> fields,
            @NotNull(message = "This part is missing.") UnitSystem units) {}

    /** A tool tried on a cut. */
    record WhichAnswer(ToolRecord tool, ToolMatch match) {}

    /** How far a search is. */
    record WhichProgress(int tried, int of) {}

    /**
     * Some of the crib's tools, by name.
     *
     * @param tools the tools
     * @param count how many there are with these words, up to 1000
     * @param countIsAtLeast whether there are that many or more
     * @param more whether others come after these
     * @param lastUsed the day on which each was ground or tried last, by its id; missing where it never was
     * @param timesGround how often each was ground, by its id; missing where it never was ground or tried
     */
    record ToolPage(
            List<ToolRecord> tools,
            int count,
            boolean countIsAtLeast,
            boolean more,
            Map<UUID, LocalDate> lastUsed,
            Map<UUID, Integer> timesGround) {}

    /** Tools whose card holds all these words, a page at a time: the next one comes after the last one's id. */
    @GetMapping("/tools")
    ToolPage tools(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(required = false) @Nullable String kind,
            @RequestParam(defaultValue = "NAME") CribService.Sort sort,
            @RequestParam(required = false) @Nullable UUID after,
            @RequestParam(defaultValue = "50") int most) {
        int asked = Math.clamp(most, 1, MOST_IN_A_PAGE);
        List<ToolRecord> found = crib.page(words, kind, sort, after, asked + 1);
        boolean more = found.size() > asked;
        int count = after == null && !more ? found.size() : crib.count(words, kind);
        List<ToolRecord> tools = more ? found.subList(0, asked) : found;
        List<CribMapper.Used> used = crib.used(tools);
        return new ToolPage(
                tools,
                count,
                count >= CribService.MOST_COUNTED,
                more,
                used.stream().collect(Collectors.toMap(CribMapper.Used::id, CribMapper.Used::onDay)),
                used.stream().collect(Collectors.toMap(CribMapper.Used::id, CribMapper.Used::grinds)));
    }

    @GetMapping("/tools/{id}")
    ToolRecord tool(@PathVariable UUID id) {
        return crib.tool(id);
    }

    /** The code for a tool's drawer: it opens the tool's card where the shop's other machines reach the program, else where this was asked. */
    @GetMapping(value = "/tools/{id}/code.svg", produces = "image/svg+xml")
    String code(@PathVariable UUID id, HttpServletRequest request) {
        crib.tool(id);
        String address = door.isOpen()
                ? door.address(request)
                : ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
        return QrPicture.of(address + "/tools/" + id);
    }

    @PostMapping("/tools")
    ToolRecord add(@RequestBody ToolEntry entry) {
        return crib.add(record(entry.id() == null ? UUID.randomUUID() : entry.id(), 1, entry));
    }

    @PutMapping("/tools/{id}")
    ToolRecord save(@PathVariable UUID id, @RequestBody ToolEntry entry) {
        return crib.save(record(id, entry.version(), entry));
    }

    @DeleteMapping("/tools/{id}")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        crib.delete(id, version);
    }

    @GetMapping("/tools/{id}/grinds")
    List<GrindRecord> grinds(@PathVariable UUID id) {
        return crib.grindsOf(id);
    }

    @PostMapping("/tools/{id}/grinds")
    GrindRecord grind(@PathVariable UUID id, @RequestBody GrindEntry entry) {
        LocalDate day = entry.onDay() == null ? LocalDate.now(java.time.ZoneId.systemDefault()) : entry.onDay();
        Map<String, String> measured = Text.map(entry.measured());
        if (measured.isEmpty() && Text.stripped(entry.note()).isEmpty()) {
            throw Refusal.wrong(
                    "nothing-measured", "Type at least one angle or the nose radius that you measured, or a note.");
        }
        return crib.addGrind(new GrindRecord(
                entry.id() == null ? UUID.randomUUID() : entry.id(),
                id,
                day,
                entry.units(),
                measured,
                Text.stripped(entry.note()),
                null,
                "",
                null,
                ""));
    }

    /**
     * Which of my tools will do this cut? Every tool of the right kind is tried; at most the best 200 are answered, the best
     * first. Asked for as application/x-ndjson it tells how far it is in lines before the last, which holds the answer.
     * Whoever leaves ends the search.
     */
    @PostMapping(
            value = "/which",
            produces = {MediaType.APPLICATION_JSON_VALUE, MediaType.APPLICATION_NDJSON_VALUE})
    @ApiResponse(
            responseCode = "200",
            content = {
                @Content(
                        mediaType = MediaType.APPLICATION_JSON_VALUE,
                        array = @ArraySchema(schema = @Schema(implementation = WhichAnswer.class))),
                @Content(
                        mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                        schema = @Schema(implementation = WhichProgress.class))
            })
    void which(@Valid @RequestBody WhichQuestion question, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        boolean lines = accepted != null && accepted.contains(MediaType.APPLICATION_NDJSON_VALUE);
        OutputStream out = response.getOutputStream();
        long[] told = {System.nanoTime()};
        Runnable begin = () -> {
            response.setContentType(lines ? MediaType.APPLICATION_NDJSON_VALUE : MediaType.APPLICATION_JSON_VALUE);
        };
        List<WhichAnswer> found = which
                .best(Text.map(question.fields()), question.units(), (tried, of) -> {
                    if (System.nanoTime() - told[0] < TELL_NANOS) {
                        return;
                    }
                    begin.run();
                    // In plain JSON white space may stand before the answer: it tells whether anybody still listens.
                    out.write(lines ? line(new WhichProgress(tried, of)) : new byte[] {'\n'});
                    out.flush();
                    told[0] = System.nanoTime();
                })
                .stream()
                .map(candidate -> new WhichAnswer(candidate.tool(), candidate.match()))
                .toList();
        begin.run();
        out.write(line(found));
    }

    private byte[] line(Object value) {
        return (json.writeValueAsString(value) + "\n").getBytes(StandardCharsets.UTF_8);
    }

    private static ToolRecord record(UUID id, int version, ToolEntry entry) {
        return new ToolRecord(
                id,
                version,
                entry.name(),
                Text.stripped(entry.drawer()),
                Text.stripped(entry.note()),
                Text.stripped(entry.kind()),
                entry.units(),
                Text.map(entry.fields()),
                null,
                "",
                null,
                "");
    }
}
