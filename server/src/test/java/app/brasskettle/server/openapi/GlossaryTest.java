package app.brasskettle.server.openapi;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** docs/glossary.md gives every public name of the API once. */
class GlossaryTest {

    private static final Pattern CODE = Pattern.compile("`([^`]+)`");

    private static Set<String> glossary;
    private static JsonNode api;

    @BeforeAll
    static void read() throws IOException {
        glossary = CODE.matcher(Files.readString(Path.of("../docs/glossary.md")))
                .results()
                .map((MatchResult m) -> m.group(1))
                .collect(Collectors.toSet());
        api = JsonMapper.shared().readTree(Files.readString(Path.of("../web/openapi.json")));
    }

    /** The outermost class of a schema's name, since a nested one is explained with it. */
    private static String outer(String schema) {
        return Arrays.stream(schema.split("\\."))
                .filter(part -> Character.isUpperCase(part.charAt(0)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySchemaStandsInIt() {
        Set<String> missing = new TreeSet<>();
        api.at("/components/schemas").propertyNames().forEach(name -> missing.add(outer(name)));
        assertThat(missing).hasSizeGreaterThan(50);
        missing.removeAll(glossary);
        assertThat(missing).isEmpty();
    }

    @Test
    void everyPartOfAPathStandsInIt() {
        Set<String> missing = new TreeSet<>();
        api.get("paths")
                .propertyNames()
                .forEach(path -> Arrays.stream(path.split("/"))
                        .filter(part -> !part.isEmpty() && !part.startsWith("{") && !part.equals("api"))
                        .forEach(missing::add));
        assertThat(missing).hasSizeGreaterThan(50);
        missing.removeAll(glossary);
        assertThat(missing).isEmpty();
    }

    @Test
    void noTermStandsInItTwice() throws IOException {
        assertThat(Files.readAllLines(Path.of("../docs/glossary.md")).stream()
                        .filter(line -> line.startsWith("| ") && !line.startsWith("| term"))
                        .map(line -> line.split("\\|")[1].strip()))
                .isNotEmpty()
                .doesNotHaveDuplicates();
    }
}
