package boldwedge.server.web;

import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.Stroke;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * How the strokes of a scene are written: each as the data of an SVG path, {@code Mx,yLx,y}, to a hundredth of a plate's millimetre; open
 * strokes of one role that follow each other as one path, and so the facets of a solid. A drawing is most of an answer, and is a third as
 * long so; and a browser works out the look of each path by itself.
 */
@Configuration
class DrawnPaths {
    @Bean
    JsonMapperBuilderCustomizer scenes() {
        return builder -> builder.addMixIn(Scene.class, WithPaths.class);
    }

    private interface WithPaths {
        @JsonSerialize(using = Written.class)
        @SuppressWarnings("UnusedMethod") // Jackson's
        List<Stroke> strokes();
    }

    /** Roles whose areas are opaque and have no line round them. */
    private static final Set<Role> FACETS = EnumSet.of(Role.TOOL, Role.GROUND);

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

        /** Areas go on in one path where that paints the same: opaque, without a line round them, and run the same way round. */
        private static boolean goOn(Stroke stroke, Stroke next) {
            return stroke.role() == next.role()
                    && stroke.closed() == next.closed()
                    && (!stroke.closed()
                            || (FACETS.contains(stroke.role()) && doubleArea(stroke) * doubleArea(next) > 0));
        }

        /** Twice the area within, above 0 where it is run anticlockwise. */
        private static double doubleArea(Stroke stroke) {
            double sum = 0;
            Point from = stroke.points().getLast();
            for (Point to : stroke.points()) {
                sum += from.x() * to.y() - to.x() * from.y();
                from = to;
            }
            return sum;
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
