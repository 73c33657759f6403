package boldwedge.server.exchange;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolKind;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.Entry;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.web.Cells;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The crib as a table of comma-separated values (RFC 4180), its cells harmless to a spreadsheet.
 */
final class CribTable {
    private static final String NOTHING = " Nothing was taken in.";

    /** Bytes: some thousand characters in each column. */
    private static final long MOST_OF_A_LINE = 1024L * 1024;

    /** What the things of every kind bring, a column each. */
    private static final List<Entry> COLUMNS = Families.kinds().stream()
            .flatMap(kind -> kind.brings().stream())
            .map(ToolKind.KeptField::entry)
            .filter(distinctBy(Entry::id))
            .toList();

    private static <T> Predicate<T> distinctBy(Function<T, String> key) {
        Set<String> seen = new HashSet<>();
        return one -> seen.add(key.apply(one));
    }

    private CribTable() {}

    private static List<String> heading() {
        List<String> heading = new ArrayList<>(List.of("id", "name", "drawer", "note", "kind", "units"));
        COLUMNS.forEach(field -> heading.add(field.id()));
        return heading;
    }

    /** Writes a table of what is handed over. */
    static void write(Writer out, Consumer<Consumer<ToolRecord>> tools) throws IOException {
        CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(heading().toArray(String[]::new))
                        .get());
        tools.accept(tool -> {
            List<String> row = new ArrayList<>(List.of(
                    tool.id().toString(),
                    tool.name(),
                    tool.drawer(),
                    tool.note(),
                    tool.kind(),
                    tool.units().name()));
            COLUMNS.forEach(field -> row.add(tool.fields().getOrDefault(field.id(), "")));
            row.replaceAll(Cells::harmless);
            try {
                csv.printRecord(row);
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        });
        csv.flush();
    }

    /** Reads a table, handing on each tool with the words for where it stands. */
    static void read(InputStream file, Consumer<ToolRecord> take) {
        Metered bytes = new Metered(file, CribTable::tooLong);
        // What is no UTF-8 is told, not replaced.
        Reader text = new InputStreamReader(bytes, StandardCharsets.UTF_8.newDecoder());
        bytes.next(MOST_OF_A_LINE);
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .get()
                .parse(text)) {
            List<String> known = heading();
            for (String column : csv.getHeaderNames()) {
                if (!known.contains(column)) {
                    throw Refusal.wrong(
                            "unknown-column",
                            "The first line has a column “" + shortened(column)
                                    + "” that I do not know. The columns are: " + String.join(", ", known) + "."
                                    + NOTHING);
                }
            }
            for (String needed : List.of("name", "units")) {
                if (!csv.getHeaderNames().contains(needed)) {
                    throw Refusal.wrong("unknown-column", "The first line has no column “" + needed + "”." + NOTHING);
                }
            }
            for (CSVRecord row : csv) {
                String line = "Line " + (row.getRecordNumber() + 1);
                bytes.next(MOST_OF_A_LINE);
                try {
                    take.accept(tool(row, line));
                } catch (Refusal refusal) {
                    throw refusal.sentence().startsWith(line)
                            ? refusal
                            : Refusal.wrong(
                                    refusal.code(),
                                    line + ": " + refusal.sentence()
                                            + refusal.fields().entrySet().stream()
                                                    .limit(3)
                                                    .map(field -> " (" + field.getKey() + ": " + field.getValue() + ")")
                                                    .reduce("", String::concat)
                                            + NOTHING);
                }
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException notATable) {
            throw Refusal.wrong(
                    "not-a-table",
                    "This is not a table of comma-separated values: a heading or a quoted cell is broken." + NOTHING);
        }
    }

    private static void tooLong() {
        throw Refusal.wrong("record-too-long", "A line of the table goes on longer than any tool's does." + NOTHING);
    }

    private static String shortened(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "?");
        return plain.length() > 60 ? plain.substring(0, 60) + "…" : plain;
    }

    private static ToolRecord tool(CSVRecord row, String line) {
        if (!row.isConsistent()) {
            throw Refusal.wrong(
                    "unreadable", line + " has " + row.size() + " cells, not as many as the first line." + NOTHING);
        }
        Map<String, String> fields = new HashMap<>();
        for (Entry field : COLUMNS) {
            String text = cell(row, field.id());
            if (!text.isEmpty()) {
                fields.put(field.id(), text);
            }
        }
        String id = cell(row, "id");
        try {
            return new ToolRecord(
                    id.isEmpty() ? UUID.randomUUID() : UUID.fromString(id),
                    1,
                    cell(row, "name"),
                    cell(row, "drawer"),
                    cell(row, "note"),
                    cell(row, "kind"),
                    UnitSystem.valueOf(cell(row, "units")),
                    fields,
                    null,
                    "",
                    null,
                    "");
        } catch (IllegalArgumentException wrong) {
            throw Refusal.wrong(
                    "unreadable",
                    line + " cannot be read: the units must be METRIC or INCH and the id empty or a UUID." + NOTHING);
        }
    }

    private static String cell(CSVRecord row, String column) {
        return row.isMapped(column) ? Cells.asItWas(row.get(column).strip()) : "";
    }
}
