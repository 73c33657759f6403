package boldwedge.server.people;

import boldwedge.server.web.Cells;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The journal, for the owner. */
@RestController
@RequestMapping("/api/journal")
class JournalController {
    private static final int AT_A_TIME = 100;

    private static final Map<String, String> WORDS =
            Arrays.stream(Deed.values()).collect(Collectors.toUnmodifiableMap(Deed::name, Deed::words));

    private final Journal journal;

    JournalController(Journal journal) {
        this.journal = journal;
    }

    /**
     * A line as it is shown.
     *
     * @param words what was done, in words after a name
     */
    record Told(long id, Instant at, String person, String address, String what, String words, String about) {}

    /** A hundred lines before one, the last first; from the end where none is said. */
    @GetMapping
    List<Told> lines(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return journal.before(before, AT_A_TIME).stream()
                .map(line -> new Told(
                        line.id(),
                        line.at(),
                        line.person(),
                        line.address(),
                        line.what(),
                        WORDS.getOrDefault(line.what(), line.what()),
                        line.about()))
                .toList();
    }

    /** All of it as a table. */
    @GetMapping(value = "/journal.csv", produces = "text/csv")
    @Transactional(readOnly = true)
    public void table(HttpServletResponse response) throws IOException {
        response.setContentType("text/csv;charset=UTF-8");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename("journal.csv").build().toString());
        CSVPrinter csv = new CSVPrinter(
                new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader("id", "at", "person", "address", "what", "about")
                        .get());
        journal.each(line -> {
            try {
                csv.printRecord(
                        line.id(),
                        line.at(),
                        Cells.harmless(line.person()),
                        line.address(),
                        line.what(),
                        Cells.harmless(line.about()));
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        });
        csv.flush();
    }
}
