package app.brasskettle.measurements;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/** Inputs made up from the API's own description: what it asks for, and what somebody might send instead. */
final class FuzzInputs {

    private static final String[] TEXTS = {
        "",
        " ",
        "0",
        "-1",
        "1e400",
        "1e50000000",
        "7 kW",
        "50 hp",
        "NaN",
        "true",
        "null",
        "'; drop table job; --",
        "<b>x</b>",
        "\u0000",
        "a\u0007b",
        "\u001b[2J",
        "\uFFFE",
        "\uD800",
        "\u202Eabc",
        "é".repeat(400),
        "x".repeat(5000),
        "../../etc",
        "%",
        "2026-13-45",
        "2026-11-28T00:00:00Z",
        "TQ-0401",
        "wye",
        "usual",
        "plate",
        "1 / 2 / 3"
    };
    private static final String[] NUMBERS = {
        "0",
        "-1",
        "1",
        "3",
        "60",
        "1e13",
        "1e-13",
        "1e400",
        "1e50000000",
        "9223372036854775808",
        "0.1",
        "-0.0",
        "1".repeat(150)
    };
    private static final String[] RAW = {
        "",
        "null",
        "[]",
        "{",
        "{}",
        "{\"a\":1,\"a\":2}",
        "\"x\"",
        "[".repeat(2000),
        "\u0000",
        "{\"typed\":null,\"version\":1e9}"
    };
    private static final String[] TYPES = {
        "application/json",
        "application/json",
        "application/json",
        "*/*",
        "text/csv",
        "application/octet-stream",
        "nonsense",
        ""
    };

    private final JsonNode description;
    private final List<String> tags;
    private final Random random;

    /** A call to make. */
    record Call(String method, String path, String type, byte[] body, String template) {}

    FuzzInputs(JsonNode description, List<String> tags, long seed) {
        this.description = description;
        this.tags = tags;
        this.random = new Random(seed);
    }

    /** A call of {@code method} at the address written {@code template} in the description. */
    Call call(String method, String template, JsonNode operation) {
        String path = template;
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            switch (parameter.get("in").asString()) {
                case "path" ->
                    path = path.replace("{" + name + "}", encoded(pathValue(name, parameter.path("schema"))));
                case "query" -> {
                    if (random.nextInt(3) > 0) {
                        query.add(name + "=" + (random.nextInt(40) == 0 ? "%" : encoded(text(name))));
                    }
                }
                default -> {
                    // Headers are made up by whoever sends.
                }
            }
        }
        String address = query.isEmpty() ? path : path + "?" + String.join("&", query);
        JsonNode content = operation.path("requestBody").path("content");
        if (content.isEmpty()) {
            return new Call(method, address, null, null, template);
        }
        String told = content.propertyNames().iterator().next();
        String type = random.nextInt(10) == 0 ? TYPES[random.nextInt(TYPES.length)] : told;
        return new Call(method, address, type, body(content.get(told).path("schema")), template);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private String pathValue(String name, JsonNode schema) {
        if (random.nextInt(8) == 0) {
            String text = TEXTS[random.nextInt(TEXTS.length)];
            return text.isEmpty() ? "x" : text;
        }
        return switch (name) {
            case "tag" -> tags.get(random.nextInt(tags.size()));
            case "id", "version", "seed" -> Integer.toString(1 + random.nextInt(20));
            case "kind" ->
                word(
                        "insulation-resistance",
                        "winding-resistance",
                        "plate",
                        "arrival",
                        "coil-map",
                        "findings",
                        "offers",
                        "winding",
                        "surge-comparison",
                        "tasks");
            case "username" -> "nobody" + random.nextInt(3);
            default -> text(schema.path("format").asString("") + name);
        };
    }

    private String word(String... words) {
        return words[random.nextInt(words.length)];
    }

    private String text(String name) {
        return random.nextInt(3) == 0 ? name : TEXTS[random.nextInt(TEXTS.length)];
    }

    private byte[] body(JsonNode schema) {
        int dice = random.nextInt(20);
        if (dice == 0) {
            return RAW[random.nextInt(RAW.length)].getBytes(StandardCharsets.UTF_8);
        }
        if (dice == 1 && random.nextInt(20) == 0) {
            return wide();
        }
        return json(schema, 0).getBytes(StandardCharsets.UTF_8);
    }

    /** Much of something: fields, entries, or one long text. */
    private byte[] wide() {
        int many = 1 << random.nextInt(17);
        String made = switch (random.nextInt(3)) {
            case 0 ->
                IntStream.range(0, many).mapToObj(i -> "\"k" + i + "\":1").collect(Collectors.joining(",", "{", "}"));
            case 1 -> "{\"typed\":{\"readings\":[" + "1,".repeat(many) + "1]}}";
            default -> "{\"notes\":\"" + "x".repeat(20 * many) + "\"}";
        };
        return made.getBytes(StandardCharsets.UTF_8);
    }

    private String json(JsonNode schema, int depth) {
        if (depth > 6 || random.nextInt(12) == 0) {
            return junk();
        }
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString().replace("#/components/schemas/", "");
            return json(description.path("components").path("schemas").path(name), depth + 1);
        }
        if (schema.has("anyOf")) {
            return json(
                    schema.get("anyOf").get(random.nextInt(schema.get("anyOf").size())), depth + 1);
        }
        if (schema.has("enum")) {
            return quoted(schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .asString(""));
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> quoted(text("word"));
            case "integer", "number" ->
                random.nextInt(3) == 0 ? NUMBERS[random.nextInt(NUMBERS.length)] : Integer.toString(random.nextInt(70));
            case "boolean" -> Boolean.toString(random.nextBoolean());
            case "array" ->
                IntStream.range(0, random.nextInt(4))
                        .mapToObj(i -> json(schema.path("items"), depth + 1))
                        .collect(Collectors.joining(",", "[", "]"));
            default -> object(schema, depth);
        };
    }

    private String object(JsonNode schema, int depth) {
        Map<String, String> fields = new LinkedHashMap<>();
        schema.path("properties").propertyStream().forEach(p -> {
            if (random.nextInt(10) > 0) {
                fields.put(p.getKey(), json(p.getValue(), depth + 1));
            }
        });
        if (fields.isEmpty()) {
            for (int i = random.nextInt(5); i > 0; i--) {
                fields.put(
                        word("ratedPowerW", "phases", "poles", "groups", "readings", "notes", "connection", "x"),
                        junk());
            }
        }
        return fields.entrySet().stream()
                .map(f -> quoted(f.getKey()) + ":" + f.getValue())
                .collect(Collectors.joining(",", "{", "}"));
    }

    private String junk() {
        return switch (random.nextInt(6)) {
            case 0 -> "null";
            case 1 -> NUMBERS[random.nextInt(NUMBERS.length)];
            case 2 -> "[null]";
            case 3 -> "{\"a\":{}}";
            case 4 -> "true";
            default -> quoted(TEXTS[random.nextInt(TEXTS.length)]);
        };
    }

    /** JSON text with everything outside ASCII escaped, so that halves of pairs come through as they are. */
    private static String quoted(String text) {
        StringBuilder out = new StringBuilder("\"");
        for (char c : text.toCharArray()) {
            out.append(c < ' ' || c > '~' || c == '"' || c == '\\' ? String.format("\\u%04X", (int) c) : c);
        }
        return out.append('"').toString();
    }
}
