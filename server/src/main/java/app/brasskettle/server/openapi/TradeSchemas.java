package app.brasskettle.server.openapi;

import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.core.worksheet.Word;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * How the core's types stand in the API's description: terms of the trade by their words, absent values as null, every
 * field always there.
 */
// The description's own model is written without type arguments.
@SuppressWarnings({"rawtypes", "unchecked"})
@Configuration
class TradeSchemas {

    @Bean
    ModelConverter tradeTypes() {
        return new TradeTypes();
    }

    /** Records are written whole, so each of their fields is always there; an absent one is null. */
    @Bean
    OpenApiCustomizer allFieldsRequired() {
        return api -> api.getComponents().getSchemas().values().forEach(schema -> {
            if (schema.getProperties() != null) {
                Set<String> names = new TreeSet<>();
                schema.getProperties().keySet().forEach(n -> names.add((String) n));
                schema.setRequired(new ArrayList<>(names));
            }
        });
    }

    private static final class TradeTypes implements ModelConverter {

        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json31.mapper().constructType(type.getType());
            Class<?> raw = java.getRawClass();
            if (Word.class.isAssignableFrom(raw) && raw.isEnum()) {
                StringSchema words = new StringSchema();
                words.setEnum(Arrays.stream(raw.getEnumConstants())
                        .map(w -> ((Word) w).word())
                        .toList());
                return words;
            }
            if (raw == Samples.class) {
                return new ArraySchema().items(new NumberSchema());
            }
            if (raw == Optional.class) {
                Schema<?> inner = context.resolve(new AnnotatedType(java.containedType(0))
                        .resolveAsRef(true)
                        .ctxAnnotations(type.getCtxAnnotations()));
                Schema<Object> nullable = new Schema<>();
                Schema<Object> nothing = new Schema<>();
                nothing.setTypes(Set.of("null"));
                nullable.setAnyOf(List.of(inner, nothing));
                return nullable;
            }
            return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        }
    }
}
