package boldwedge.server.exchange;

import boldwedge.core.ask.Entry;
import boldwedge.core.boring.BarSearch;
import boldwedge.core.boring.BoreField;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.parting.PartField;
import boldwedge.core.plan.ToolMatch;
import boldwedge.server.crib.CribService;
import boldwedge.server.crib.ToolRecord;
import boldwedge.server.plan.PlanService;
import boldwedge.server.proof.ProofService;
import boldwedge.server.shop.ShopService;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes and reads shops as JSON and cribs as CSV. An import adds what is missing and leaves alone what is there. */
@Service
public class ExchangeService {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    /** What tools bring, bits, bars, blades and holders, a column each. */
    private static final List<Entry> COLUMNS = Stream.of(
                    ToolMatch.BIT,
                    BarSearch.BRINGS,
                    List.of(BoreField.STIFFNESS, BoreField.OVERHANG),
                    ToolMatch.BLADE,
                    List.of(PartField.COST),
                    ToolMatch.HOLDER)
            .<Entry>flatMap(List::stream)
            .toList();

    private final ShopService shop;
    private final PlanService plans;
    private final CribService crib;
    private final ProofService proofs;

    ExchangeService(ShopService shop, PlanService plans, CribService crib, ProofService proofs) {
        this.shop = shop;
        this.plans = plans;
        this.crib = crib;
        this.proofs = proofs;
    }

    String wholeShop() {
        return JSON.writeValueAsString(new ShopDocument(
                ShopDocument.FORMAT,
                ShopDocument.VERSION,
                shop.all(),
                plans.cuts(),
                crib.all(),
                crib.grinds(),
                proofs.all()));
    }

    String oneTool(UUID id) {
        return JSON.writeValueAsString(new ShopDocument(
                ShopDocument.FORMAT,
                ShopDocument.VERSION,
                List.of(),
                List.of(),
                List.of(crib.tool(id)),
                crib.grindsOf(id),
                proofs.ofTool(id)));
    }

    /** Takes in a shop's file, all of it or nothing. */
    @Transactional
    public Imported takeIn(String json) {
        ShopDocument document = read(json);
        int[] count = new int[2];
        each(document.lathes(), shop::addIfMissing, count, "lathe");
        each(document.cuts(), plans::addIfMissing, count, "cut");
        each(document.tools(), crib::addIfMissing, count, "tool");
        each(document.grinds(), crib::addGrind, count, "grind");
        each(document.trials(), proofs::addIfMissing, count, "trial");
        return imported(count);
    }

    String cribAsCsv() {
        List<String> heading = new ArrayList<>(List.of("id", "name", "drawer", "note", "units"));
        COLUMNS.forEach(field -> heading.add(field.id()));
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(heading.toArray(String[]::new))
                        .get())) {
            for (ToolRecord tool : crib.all()) {
                List<String> row = new ArrayList<>(List.of(
                        tool.id().toString(),
                        tool.name(),
                        tool.drawer(),
                        tool.note(),
                        tool.units().name()));
                COLUMNS.forEach(field -> row.add(tool.fields().getOrDefault(field.id(), "")));
                csv.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    @Transactional
    public Imported takeInCsv(String text) {
        int[] count = new int[2];
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .get()
                .parse(new StringReader(text))) {
            List<String> known = new ArrayList<>(List.of("id", "name", "drawer", "note", "units"));
            COLUMNS.forEach(field -> known.add(field.id()));
            for (String column : csv.getHeaderNames()) {
                if (!known.contains(column)) {
                    throw Refusal.wrong(
                            "The first line has a column “" + column + "” that I do not know. The columns are: "
                                    + String.join(", ", known) + ". Nothing was taken in.");
                }
            }
            for (String needed : List.of("name", "units")) {
                if (!csv.getHeaderNames().contains(needed)) {
                    throw Refusal.wrong("The first line has no column “" + needed + "”. Nothing was taken in.");
                }
            }
            for (CSVRecord row : csv) {
                count[crib.addIfMissing(tool(row)) ? 0 : 1]++;
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException e) {
            throw Refusal.wrong(
                    "This is not a table of comma-separated values: " + e.getMessage() + ". Nothing was taken in.");
        }
        return imported(count);
    }

    private static ToolRecord tool(CSVRecord row) {
        String line = "Line " + (row.getRecordNumber() + 1);
        if (!row.isConsistent()) {
            throw Refusal.wrong(
                    line + " has " + row.size() + " cells, not as many as the first line. Nothing was taken in.");
        }
        String id = cell(row, "id");
        try {
            Map<String, String> fields = new HashMap<>();
            for (Entry field : COLUMNS) {
                String text = cell(row, field.id());
                if (!text.isEmpty()) {
                    fields.put(field.id(), text);
                }
            }
            if (cell(row, "name").isEmpty()) {
                throw Refusal.wrong(line + " has no name. Nothing was taken in.");
            }
            return new ToolRecord(
                    id.isEmpty() ? UUID.randomUUID() : UUID.fromString(id),
                    1,
                    cell(row, "name"),
                    cell(row, "drawer"),
                    cell(row, "note"),
                    UnitSystem.valueOf(cell(row, "units")),
                    fields);
        } catch (IllegalArgumentException wrong) {
            throw Refusal.wrong(line + " cannot be read: the units must be METRIC or INCH and the id empty or a UUID."
                    + " Nothing was taken in.");
        }
    }

    private static String cell(CSVRecord row, String column) {
        return row.isMapped(column) ? row.get(column).strip() : "";
    }

    private static ShopDocument read(String json) {
        ShopDocument document;
        try {
            document = JSON.readValue(json, ShopDocument.class);
        } catch (StreamReadException cut) {
            throw Refusal.wrong("The file is cut short or is not JSON: it stops making sense at line "
                    + cut.getLocation().getLineNr() + ". Nothing was taken in.");
        } catch (JacksonException wrong) {
            throw Refusal.wrong("The file is JSON, but not a shop's file: "
                    + wrong.getOriginalMessage().lines().findFirst().orElse("") + " Nothing was taken in.");
        }
        if (document == null || !ShopDocument.FORMAT.equals(document.format())) {
            throw Refusal.wrong("The file does not say that it is a shop's file (\"format\": \"" + ShopDocument.FORMAT
                    + "\"). Nothing was taken in.");
        }
        if (document.formatVersion() != ShopDocument.VERSION) {
            throw Refusal.wrong("The file is of version " + document.formatVersion() + "; this program reads version "
                    + ShopDocument.VERSION + ". Nothing was taken in.");
        }
        return document;
    }

    private static <T> void each(@Nullable List<T> records, Predicate<T> add, int[] count, String what) {
        if (records == null) {
            return;
        }
        int at = 0;
        for (T record : records) {
            at++;
            if (record == null) {
                throw Refusal.wrong("The " + what + " number " + at + " is empty. Nothing was taken in.");
            }
            try {
                count[add.test(record) ? 0 : 1]++;
            } catch (NullPointerException missing) {
                throw Refusal.wrong("The " + what + " number " + at + " lacks a part. Nothing was taken in.");
            } catch (Refusal refusal) {
                throw Refusal.wrong(
                        "The " + what + " number " + at + ": " + refusal.getMessage() + " Nothing was taken in.");
            }
        }
    }

    private static Imported imported(int[] count) {
        return new Imported(
                count[0],
                count[1],
                "Added " + count[0] + "; " + count[1] + " were already there and were left as they are.");
    }
}
