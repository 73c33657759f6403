package boldwedge.server.web;

import boldwedge.core.language.drawing.Stroke;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the OpenAPI document says of itself; it is served at {@code /api/openapi.json}. */
@Configuration
class ApiDocument {
    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Bold Wedge")
                                .version("1")
                                .description(
                                        "Every calculation and record of Bold Wedge. Values are sent as a machinist would type them;"
                                                + " numbers are answered in mm, N, degrees, rpm, m/min, mm/rev and µm, with their working."))
                .servers(List.of(new Server().url("/")));
    }

    /** Every part of a form is always there, but for those that its record says may be missing: Optional or nullable ones. */
    @Bean
    ModelConverter requiredParts() {
        return new RequiredParts();
    }

    private static final class RequiredParts implements ModelConverter {
        private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            Class<?> raw = Json31.mapper().constructType(type.getType()).getRawClass();
            if (schema != null && raw.isRecord()) {
                List<String> required = Arrays.stream(raw.getRecordComponents())
                        .filter(part -> !mayBeMissing(part))
                        .map(RecordComponent::getName)
                        .sorted()
                        .toList();
                String ref = schema.get$ref();
                Schema<?> model =
                        ref == null ? schema : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
                if (model != null) {
                    model.setRequired(required);
                    if (raw == Stroke.class) {
                        asPath(model);
                    }
                }
                if (ref != null) {
                    Class<?> other = named.putIfAbsent(ref, raw);
                    if (other != null && other != raw) {
                        throw new IllegalStateException("Two forms have one name: " + other + " and " + raw);
                    }
                }
            }
            return schema;
        }

        /** See {@link DrawnPaths}. */
        private static void asPath(Schema<?> stroke) {
            stroke.getProperties().remove("points");
            stroke.addProperty(
                    "path",
                    new JsonSchema()
                            .typesItem("string")
                            .description("As SVG writes a path: M x,y L x,y, with Z where it closes. Y is up."));
            stroke.setRequired(List.of("closed", "path", "role"));
        }

        private static boolean mayBeMissing(RecordComponent part) {
            return part.getType() == Optional.class || part.getAnnotatedType().isAnnotationPresent(Nullable.class);
        }
    }
}
