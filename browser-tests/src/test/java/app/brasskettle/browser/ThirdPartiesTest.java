package app.brasskettle.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.jar.JarFile;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** docs/third-parties.md names every library that is shipped, in its version, and no other; each with a licence. */
class ThirdPartiesTest {

    private static final Pattern LINE = Pattern.compile("^- `(.+)` \\((.+)\\)$", Pattern.MULTILINE);

    private static String list(int part) throws IOException {
        String[] parts = Files.readString(Path.of("../docs/third-parties.md")).split("(?m)^## .*$");
        assertThat(parts)
                .as("what it says first, on the server, in the browser")
                .hasSize(3);
        return parts[part];
    }

    private static List<String> named(int part) throws IOException {
        return LINE.matcher(list(part)).results().map(r -> r.group(1)).toList();
    }

    @Test
    void everyLibraryOfTheServer() throws IOException {
        try (JarFile product = new JarFile(Product.packaged().toFile())) {
            List<String> shipped = product.stream()
                    .map(e -> e.getName())
                    .filter(n -> n.startsWith("BOOT-INF/lib/") && n.endsWith(".jar") && !n.contains("/brass-kettle-"))
                    .map(n -> n.substring("BOOT-INF/lib/".length()))
                    .toList();
            // Group, name, version and, where there is one, a classifier: the file is called by all but the first.
            List<String> files = named(1).stream()
                    .map(n -> n.substring(n.indexOf(':') + 1).replace(':', '-') + ".jar")
                    .toList();
            assertThat(files).containsExactlyInAnyOrderElementsOf(shipped);
        }
    }

    @Test
    void everyLibraryOfThePages() throws IOException {
        JsonObject lock = JsonParser.parseString(Files.readString(Path.of("../web/package-lock.json")))
                .getAsJsonObject()
                .getAsJsonObject("packages");
        Stream<String> shipped = lock.entrySet().stream()
                .filter(e -> e.getKey().contains("node_modules/"))
                .filter(e -> !e.getValue().getAsJsonObject().has("dev"))
                .map(e -> e.getKey().replaceFirst(".*node_modules/", "") + ":"
                        + e.getValue().getAsJsonObject().get("version").getAsString());
        assertThat(named(2))
                .containsExactlyInAnyOrderElementsOf(shipped.distinct().toList());
    }

    @Test
    void eachWithItsLicence() throws IOException {
        for (int part : new int[] {1, 2}) {
            List<MatchResult> lines = LINE.matcher(list(part)).results().toList();
            assertThat(lines).hasSize((int)
                    list(part).lines().filter(l -> l.startsWith("- ")).count());
            assertThat(lines)
                    .allSatisfy(l -> assertThat(l.group(2))
                            .isNotBlank()
                            .doesNotContainIgnoringCase("unknown")
                            .isNotEqualTo("see its file"));
        }
    }
}
