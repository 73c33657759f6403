package boldwedge.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
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

    /** Parts that may be missing or null; every other part of every form is always there. */
    private static final Map<String, Set<String>> MAY_BE_MISSING = Map.of(
            "TrialAnswer", Set.of("next", "scene"),
            "TrialRecord", Set.of("toolId", "cutId"),
            "TrialEntry", Set.of("id", "toolId", "cutId", "onDay", "note"),
            "GrindEntry", Set.of("id", "onDay", "note"),
            "ToolEntry", Set.of("id", "drawer", "note"),
            "CutEntry", Set.of("id"),
            "LatheEntry", Set.of("id"));

    @Bean
    OpenApiCustomizer requiredParts() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            Map<String, ?> properties = schema.getProperties();
            if (properties != null) {
                Set<String> missing = MAY_BE_MISSING.getOrDefault(name, Set.of());
                schema.setRequired(properties.keySet().stream()
                        .filter(part -> !missing.contains(part))
                        .sorted()
                        .toList());
            }
        });
    }
}
