package boldwedge.server.web;

import boldwedge.core.drawing.Point;
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
 * How the corners of a stroke are written: as SVG writes a list of points, {@code x,y x,y}, to a hundredth of a plate's millimetre. A
 * drawing is most of an answer, and is a third as long so.
 */
@Configuration
class DrawnPoints {
    @Bean
    JsonMapperBuilderCustomizer strokes() {
        return builder -> builder.addMixIn(Stroke.class, WithPoints.class);
    }

    private interface WithPoints {
        @JsonSerialize(using = Written.class)
        List<Point> points();
    }

    static final class Written extends ValueSerializer<List<Point>> {
        @Override
        public void serialize(List<Point> points, JsonGenerator out, SerializationContext context) {
            StringBuilder text = new StringBuilder(12 * points.size());
            for (Point point : points) {
                if (!text.isEmpty()) {
                    text.append(' ');
                }
                hundredths(text, point.x());
                text.append(',');
                hundredths(text, point.y());
            }
            out.writeString(text.toString());
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
