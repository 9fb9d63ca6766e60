package app.brasskettle.server.openapi;

import app.brasskettle.core.worksheet.TextBounds;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How long a text that comes in may be, in the API's description: from the one table of bounds. */
// The description's own model is written without type arguments.
@SuppressWarnings({"rawtypes", "unchecked"})
@Configuration
class TextLengths {

    @Bean
    OpenApiCustomizer boundedTexts() {
        return api -> {
            Set<String> told = new HashSet<>();
            bodies(api).forEach(body -> bound("", body, api, told));
        };
    }

    private static Stream<Schema> bodies(OpenAPI api) {
        return api.getPaths().values().stream()
                .map(PathItem::readOperations)
                .flatMap(operations -> operations.stream())
                .flatMap(o -> Optional.ofNullable(o.getRequestBody()).stream())
                .flatMap(b -> b.getContent().values().stream())
                .map(MediaType::getSchema);
    }

    private static void bound(String name, Schema schema, OpenAPI api, Set<String> told) {
        if (schema == null) {
            return;
        }
        if (schema.get$ref() != null) {
            String target = schema.get$ref().replace("#/components/schemas/", "");
            if (told.add(target)) {
                bound(name, api.getComponents().getSchemas().get(target), api, told);
            }
            return;
        }
        boolean text = "string".equals(schema.getType())
                || schema.getTypes() != null && schema.getTypes().contains("string");
        if (text && schema.getEnum() == null && schema.getFormat() == null) {
            schema.setMaxLength(TextBounds.of(name));
        }
        bound(name, schema.getItems(), api, told);
        if (schema.getAnyOf() != null) {
            schema.getAnyOf().forEach(inner -> bound(name, (Schema) inner, api, told));
        }
        if (schema.getProperties() != null) {
            ((Map<String, Schema>) schema.getProperties())
                    .forEach((inner, property) -> bound(inner, property, api, told));
        }
    }
}
