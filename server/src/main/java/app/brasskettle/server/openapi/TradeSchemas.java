package app.brasskettle.server.openapi;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.server.retries.ChangingHandlers;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.GetMapping;

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

    /** Records are written whole: each of their fields is always there, and an absent one is null. */
    @Bean
    OpenApiCustomizer wholeRecords() {
        return api -> {
            // Where this server happens to listen is no part of what it offers.
            api.setServers(List.of(new Server().url("/")));
            api.getComponents().getSchemas().forEach((name, schema) -> whole(name, schema));
        };
    }

    /** Every changing call takes a key by which its retry is known. */
    @Bean
    OperationCustomizer keys() {
        return (operation, handler) -> {
            boolean keyed =
                    handler.getMethodAnnotation(GetMapping.class) == null && ChangingHandlers.keyed("POST", handler);
            return keyed
                    ? operation.addParametersItem(new HeaderParameter()
                            .name("Idempotency-Key")
                            .description("8 to 80 signs; the same call with the same key is answered as the first time")
                            .schema(new StringSchema().minLength(8).maxLength(80)))
                    : operation;
        };
    }

    private static void whole(String name, Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties != null) {
            absent(name).forEach(p -> properties.computeIfPresent(p, (n, inner) -> orNull(inner)));
            // As CoreJson writes it.
            if (properties.containsKey("forPieces")) {
                properties.put("for", properties.remove("forPieces"));
            }
            schema.setRequired(new ArrayList<>(new TreeSet<>(properties.keySet())));
        }
    }

    /** Fields of the record called {@code name} that may be absent; none for what is no record of ours. */
    private static List<String> absent(String name) {
        return type(name)
                .filter(Class::isRecord)
                .map(t -> Arrays.stream(t.getRecordComponents())
                        .filter(c -> c.getType() == Optional.class)
                        .map(RecordComponent::getName)
                        .toList())
                .orElse(List.of());
    }

    /** The class the description calls {@code name}; a record inside another is told from its package by trying. */
    private static Optional<Class<?>> type(String name) {
        String binary = name;
        while (true) {
            try {
                return Optional.of(Class.forName(binary, false, TradeSchemas.class.getClassLoader()));
            } catch (ClassNotFoundException deeper) {
                int dot = binary.lastIndexOf('.');
                if (dot < 0) {
                    return Optional.empty();
                }
                binary = binary.substring(0, dot) + "$" + binary.substring(dot + 1);
            }
        }
    }

    private static Schema orNull(Schema inner) {
        Schema nothing = new Schema();
        nothing.setTypes(Set.of("null"));
        Schema either = new Schema();
        either.setAnyOf(List.of(inner, nothing));
        return either;
    }

    private static final class TradeTypes implements ModelConverter {

        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json31.mapper().constructType(type.getType());
            Class<?> raw = java.getRawClass();
            if (Coded.class.isAssignableFrom(raw) && raw.isEnum()) {
                StringSchema words = new StringSchema();
                words.setEnum(Arrays.stream(raw.getEnumConstants())
                        .map(w -> ((Coded) w).code())
                        .toList());
                return words;
            }
            if (raw == TestKind.class) {
                StringSchema kinds = new StringSchema();
                kinds.setEnum(TestKinds.all().stream().map(TestKind::code).toList());
                return kinds;
            }
            if (raw == Samples.class) {
                return new ArraySchema().items(new NumberSchema());
            }
            return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        }
    }
}
