package boldwedge.server.exchange;

import boldwedge.server.exchange.ShopDocument.Section;
import java.io.OutputStream;
import java.util.function.Consumer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes a shop's file record by record: however large it is, only one is in memory. */
final class ShopWriter implements AutoCloseable {
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final JsonGenerator json;

    ShopWriter(OutputStream out) {
        json = JSON.writer().createGenerator(out);
        json.writeStartObject();
        json.writeStringProperty("format", ShopDocument.FORMAT);
        json.writeNumberProperty("formatVersion", ShopDocument.VERSION);
    }

    /** Writes a list: whoever holds the records hands them over. */
    void list(Section section, Consumer<Consumer<Object>> records) {
        json.writeName(section.list);
        json.writeStartArray();
        records.accept(json::writePOJO);
        json.writeEndArray();
    }

    @Override
    public void close() {
        json.writeEndObject();
        json.close();
    }
}
