package app.brasskettle.server.json;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reading of JSON objects without mercy: no name twice in one object, nothing after the end, figures as exact decimals so
 * that none is rounded away before it can be judged.
 */
@Component
public class StrictJson {

    /** A little more than {@link JsonShape} takes, so that what is too much is told by its path. */
    private static final int DEEPEST = 40;

    private static final int LONGEST_FIGURE = 200;
    private static final int LONGEST_WORDS = 200;

    private final JsonMapper strict = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxNumberLength(LONGEST_FIGURE)
                            .build())
                    .build())
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
        return object(body, JsonShape.Limits.CALL);
    }

    /** The object in {@code file}, a file of readings. */
    public Map<String, Object> readings(byte[] file) {
        return object(file, JsonShape.Limits.READINGS);
    }

    private Map<String, Object> object(byte[] body, JsonShape.Limits limits) {
        Object read;
        try {
            check(body, limits);
            read = strict.readValue(body, Object.class);
        } catch (JacksonException broken) {
            throw broken(broken);
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
            check(body, JsonShape.Limits.JOB);
            T read = strict.readerFor(type)
                    .with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(body);
            if (read == null) {
                throw refusal(Problem.Code.TYPE, "The body must be one JSON object");
            }
            return read;
        } catch (JacksonException broken) {
            throw broken(broken);
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
            check(body, JsonShape.Limits.BANK);
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
            throw broken(broken);
        }
    }

    /**
     * Walks through the body of a call.
     *
     * @throws InvalidInputException when there is more in it than any call takes, or what no page can print
     */
    void check(byte[] body) {
        try {
            check(body, JsonShape.Limits.CALL);
        } catch (JacksonException broken) {
            throw broken(broken);
        }
    }

    private void check(byte[] body, JsonShape.Limits limits) {
        try (JsonParser parser = strict.createParser(body)) {
            JsonShape.check(parser, limits);
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

    /** What is wrong, in the parser's words only where they speak of the text and not of classes. */
    private static InvalidInputException broken(JacksonException broken) {
        if (broken instanceof StreamReadException) {
            String words = broken.getOriginalMessage();
            return refusal(
                    Problem.Code.SYNTAX,
                    "The body is not one JSON object" + at(broken) + ": "
                            + words.substring(0, Math.min(LONGEST_WORDS, words.length())));
        }
        String path = broken.getPath().stream()
                .map(r -> r.getPropertyName() == null ? "[" + r.getIndex() + "]" : "." + r.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
        String what = broken instanceof UnrecognizedPropertyException
                ? " is no field of it"
                : " cannot be read as what it must be";
        return new InvalidInputException(List.of(
                path.isEmpty()
                        ? new Problem("", Problem.Code.SYNTAX, "The body is not one JSON object")
                        : new Problem(path, Problem.Code.TYPE, path + what)));
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
