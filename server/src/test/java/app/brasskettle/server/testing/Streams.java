package app.brasskettle.server.testing;

import java.util.Arrays;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Server-sent events taken apart. */
public final class Streams {

    private Streams() {}

    /** Data of the events called {@code name}, in order. */
    public static List<JsonNode> events(String stream, String name) {
        JsonMapper json = JsonMapper.builder().build();
        return Arrays.stream(stream.split("\n\n"))
                .filter(block -> block.lines().anyMatch(l -> l.equals("event:" + name)))
                .map(block -> block.lines()
                        .filter(l -> l.startsWith("data:"))
                        .map(l -> l.substring(5))
                        .findFirst()
                        .orElseThrow())
                .map(json::readTree)
                .toList();
    }
}
