package app.brasskettle.server.json;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reading of JSON objects without mercy: no name twice in one object, nothing after the end, figures as exact decimals so
 * that none is rounded away before it can be judged.
 */
@Component
public class StrictJson {

    private final JsonMapper strict = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();
    private final JsonMapper mapper;

    StrictJson(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * The object in {@code body}.
     *
     * @throws InvalidInputException when it is no JSON, or JSON but no object
     */
    public Map<String, Object> object(byte[] body) {
        Object read;
        try {
            read = strict.readValue(body, Object.class);
        } catch (JacksonException broken) {
            throw refusal(
                    Problem.Code.SYNTAX,
                    "The body is not one JSON object" + at(broken) + ": " + broken.getOriginalMessage());
        }
        if (!(read instanceof Map<?, ?>)) {
            throw refusal(Problem.Code.TYPE, "The body must be one JSON object");
        }
        @SuppressWarnings("unchecked")
        Map<String, Object> object = (Map<String, Object>) read;
        return object;
    }

    /**
     * The record of {@code type} in {@code body}, which must have every field it knows and no other.
     *
     * @throws InvalidInputException when it is not that
     */
    public <T extends Record> T exactly(Class<T> type, byte[] body) {
        try {
            T read = strict.readerFor(type)
                    .with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(body);
            if (read == null) {
                throw refusal(Problem.Code.TYPE, "The body must be one JSON object");
            }
            return read;
        } catch (JacksonException broken) {
            throw refusal(Problem.Code.SYNTAX, "The record is not what it should be: " + broken.getOriginalMessage());
        }
    }

    /**
     * Reads the one list in {@code body}, an object with nothing but that list, an entry at a time.
     *
     * @param body JSON
     * @param list name of the list
     * @param each takes each entry
     * @throws InvalidInputException when it is not that
     */
    public void list(byte[] body, String list, Consumer<Object> each) {
        ObjectReader entry = strict.readerFor(Object.class).without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        try (JsonParser parser = strict.createParser(body)) {
            if (parser.nextToken() != JsonToken.START_OBJECT
                    || !list.equals(parser.nextName())
                    || parser.nextToken() != JsonToken.START_ARRAY) {
                throw refusal(Problem.Code.TYPE, "The body must be one JSON object with nothing but the list " + list);
            }
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                each.accept(entry.readValue(parser));
            }
            if (parser.nextToken() != JsonToken.END_OBJECT || parser.nextToken() != null) {
                throw refusal(Problem.Code.TYPE, "Something stands behind the list " + list);
            }
        } catch (JacksonException broken) {
            throw refusal(
                    Problem.Code.SYNTAX,
                    "The body is not one JSON object" + at(broken) + ": " + broken.getOriginalMessage());
        }
    }

    /** {@code value} as JSON text, for the store. */
    public String text(Object value) {
        return mapper.writeValueAsString(value);
    }

    /** The object in a stored text. */
    public Map<String, Object> stored(String text) {
        @SuppressWarnings("unchecked")
        Map<String, Object> object = mapper.readValue(text, Map.class);
        return object;
    }

    private static String at(JacksonException broken) {
        return broken.getLocation() == null
                ? ""
                : ", line " + broken.getLocation().getLineNr() + ", column "
                        + broken.getLocation().getColumnNr();
    }

    private static InvalidInputException refusal(Problem.Code code, String message) {
        return new InvalidInputException(List.of(new Problem("", code, message)));
    }
}
