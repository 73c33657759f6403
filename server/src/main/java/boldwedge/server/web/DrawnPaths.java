package boldwedge.server.web;

import boldwedge.core.drawing.Point;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.Stroke;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * How the strokes of a scene are written: each as the data of an SVG path, {@code Mx,yLx,y}, to a hundredth of a plate's millimetre; open
 * strokes of one role that follow each other as one path. A drawing is most of an answer, and is a third as long so.
 */
@Configuration
class DrawnPaths {
    @Bean
    JsonMapperBuilderCustomizer scenes() {
        return builder -> builder.addMixIn(Scene.class, WithPaths.class);
    }

    private interface WithPaths {
        @JsonSerialize(using = Written.class)
        List<Stroke> strokes();
    }

    static final class Written extends ValueSerializer<List<Stroke>> {
        @Override
        public void serialize(List<Stroke> strokes, JsonGenerator out, SerializationContext context) {
            StringBuilder path = new StringBuilder(256);
            out.writeStartArray();
            for (int i = 0; i < strokes.size(); i++) {
                Stroke stroke = strokes.get(i);
                add(path, stroke);
                if (i + 1 < strokes.size() && goOn(stroke, strokes.get(i + 1))) {
                    continue;
                }
                out.writeStartObject();
                out.writeStringProperty("role", stroke.role().name());
                out.writeStringProperty("path", path.toString());
                out.writeBooleanProperty("closed", stroke.closed());
                out.writeEndObject();
                path.setLength(0);
            }
            out.writeEndArray();
        }

        private static boolean goOn(Stroke stroke, Stroke next) {
            return !stroke.closed() && !next.closed() && stroke.role() == next.role();
        }

        private static void add(StringBuilder path, Stroke stroke) {
            char by = 'M';
            for (Point point : stroke.points()) {
                path.append(by);
                hundredths(path, point.x());
                path.append(',');
                hundredths(path, point.y());
                by = 'L';
            }
            if (stroke.closed()) {
                path.append('Z');
            }
        }

        private static void hundredths(StringBuilder text, double value) {
            long all = Math.round(value * 100);
            if (all < 0) {
                text.append('-');
            }
            long size = Math.abs(all);
            text.append(size / 100);
            long rest = size % 100;
            if (rest != 0) {
                text.append('.').append(rest / 10);
                if (rest % 10 != 0) {
                    text.append(rest % 10);
                }
            }
        }
    }
}
