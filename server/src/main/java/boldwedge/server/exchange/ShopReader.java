package boldwedge.server.exchange;

import boldwedge.server.exchange.ShopDocument.Section;
import boldwedge.server.web.Misfit;
import boldwedge.server.web.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads a shop's file from end to end, handing its records on a few hundred at a time. */
final class ShopReader {
    private static final int AT_A_TIME = 500;

    /** They are a thousand times larger. */
    private static final int PHOTOS_AT_A_TIME = 10;

    /** Bytes of one record: the largest of a cut or a tool, entry by entry, is a tenth of it. */
    private static final long MOST_OF_A_RECORD = 1024L * 1024;

    /** A picture of 2 MB in base 64, with its note. */
    private static final long MOST_OF_A_PHOTO = 4L * 1024 * 1024;

    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(20)
                            .maxNumberLength(100)
                            .maxNameLength(200)
                            .maxStringLength((int) MOST_OF_A_PHOTO)
                            .build())
                    .build())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            // After a record the rest of the file follows.
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private ShopReader() {}

    /** Takes records of one kind in. */
    interface Taker {
        /** Takes these in. */
        void take(Section section, List<?> records);

        /** Checks one, which may be refused. */
        void check(Section section, Object record);
    }

    /** Reads these lists of the file; the others are passed over. */
    static void read(Path file, Set<Section> wanted, Taker taker) {
        String format = "";
        int version = ShopDocument.VERSION;
        try (Metered bytes = new Metered(Files.newInputStream(file), ShopReader::tooLong);
                JsonParser json = JSON.createParser(bytes)) {
            bytes.next(MOST_OF_A_RECORD);
            if (json.nextToken() != JsonToken.START_OBJECT) {
                throw notAShop();
            }
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = json.currentName();
                json.nextToken();
                switch (name) {
                    case "format" -> format = json.getValueAsString("");
                    case "formatVersion" -> version = json.getValueAsInt(0);
                    default -> list(json, bytes, name, wanted, taker);
                }
            }
            if (json.nextToken() != null) {
                throw Refusal.wrong(
                        "not-json", "After the end of the shop's file there is something else. Nothing was taken in.");
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        } catch (StreamConstraintsException endless) {
            throw refusedTooLong();
        } catch (DatabindException misfit) {
            throw Refusal.wrong(
                    "not-a-shop",
                    "The file is JSON, but not a shop's file: " + Misfit.sentence(misfit) + " Nothing was taken in.");
        } catch (JacksonException cut) {
            throw Refusal.wrong(
                    "not-json",
                    "The file is cut short or is not JSON: it stops making sense at line "
                            + Math.max(
                                    1,
                                    cut.getLocation() == null
                                            ? 1
                                            : cut.getLocation().getLineNr())
                            + ". Nothing was taken in.");
        }
        if (!ShopDocument.FORMAT.equals(format)) {
            throw notAShop();
        }
        if (version < ShopDocument.FIRST_VERSION || version > ShopDocument.VERSION) {
            throw Refusal.wrong(
                    "unknown-version",
                    "The file is of version " + version + "; this program reads versions " + ShopDocument.FIRST_VERSION
                            + " to " + ShopDocument.VERSION + ". Nothing was taken in.");
        }
    }

    private static void tooLong() {
        throw refusedTooLong();
    }

    private static Refusal refusedTooLong() {
        return Refusal.wrong(
                "record-too-long",
                "Something in the file goes on longer, or deeper, than anything of a shop does. Nothing was taken in.");
    }

    private static Refusal notAShop() {
        return Refusal.wrong(
                "not-a-shop",
                "The file does not say that it is a shop's file (\"format\": \"" + ShopDocument.FORMAT
                        + "\"). Nothing was taken in.");
    }

    private static void list(JsonParser json, Metered bytes, String name, Set<Section> wanted, Taker taker) {
        Section section = null;
        for (Section candidate : Section.values()) {
            section = candidate.list.equals(name) ? candidate : section;
        }
        if (section == null) {
            throw Refusal.wrong(
                    "not-a-shop",
                    "The file has a part that I do not know. The parts are: format, formatVersion, lathes, cuts, tools,"
                            + " grinds, trials, photos, weeks, jobs, ticks, stock, moves. Nothing was taken in.");
        }
        if (json.currentToken() == JsonToken.VALUE_NULL) {
            return;
        }
        if (json.currentToken() != JsonToken.START_ARRAY) {
            throw Refusal.wrong("not-a-shop", "The part “" + section.list + "” is no list. Nothing was taken in.");
        }
        long most = section == Section.PHOTOS ? MOST_OF_A_PHOTO : MOST_OF_A_RECORD;
        bytes.next(most);
        List<Object> some = new ArrayList<>(AT_A_TIME);
        int number = 0;
        while (json.nextToken() != JsonToken.END_ARRAY) {
            number++;
            if (!wanted.contains(section)) {
                json.skipChildren();
                bytes.next(most);
                continue;
            }
            some.add(record(json, section, number, taker));
            bytes.next(most);
            if (some.size() == (section == Section.PHOTOS ? PHOTOS_AT_A_TIME : AT_A_TIME)) {
                taken(some, section, number, taker);
            }
        }
        taken(some, section, number, taker);
        bytes.next(MOST_OF_A_RECORD);
    }

    private static Object record(JsonParser json, Section section, int number, Taker taker) {
        String which = "The " + section.one + " number " + number;
        if (json.currentToken() == JsonToken.VALUE_NULL) {
            throw Refusal.wrong("unusable", which + " is empty. Nothing was taken in.");
        }
        try {
            Object record = JSON.readValue(json, section.form);
            taker.check(section, record);
            return record;
        } catch (StreamConstraintsException endless) {
            throw refusedTooLong();
        } catch (DatabindException misfit) {
            if (misfit.getCause() instanceof Refusal refusal) {
                throw refusal;
            }
            throw Refusal.wrong("unreadable", which + ": " + Misfit.sentence(misfit) + " Nothing was taken in.");
        } catch (Refusal refusal) {
            String details = refusal.fields().entrySet().stream()
                    .limit(3)
                    .map(field -> " (" + field.getKey() + ": " + field.getValue() + ")")
                    .reduce("", String::concat);
            throw Refusal.wrong(refusal.code(), which + ": " + refusal.sentence() + details + " Nothing was taken in.");
        }
    }

    private static void taken(List<Object> some, Section section, int number, Taker taker) {
        if (some.isEmpty()) {
            return;
        }
        try {
            taker.take(section, List.copyOf(some));
        } catch (Refusal refusal) {
            throw Refusal.wrong(
                    refusal.code(),
                    "Among the " + section.list + " up to number " + number + ": " + refusal.sentence()
                            + " Nothing was taken in.");
        }
        some.clear();
    }
}
