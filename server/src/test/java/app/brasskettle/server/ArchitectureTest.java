package app.brasskettle.server;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final Path SOURCES = Path.of("src/main/java/app/brasskettle/server");
    private static final Path CORE_SOURCES = Path.of("../core/src/main/java/app/brasskettle/core");

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.brasskettle.server");

    @Test
    void roomsDoNotDependOnEachOtherInCircles() {
        slices().matching("app.brasskettle.server.(*)..")
                .should()
                .beFreeOfCycles()
                .check(SERVER);
    }

    /** Whoever looks for SQL looks into the stores. */
    @Test
    void sqlStaysInTheStores() {
        noClasses()
                .that()
                .haveNameNotMatching(".*\\.\\w+Store(\\$.*)?")
                .and()
                .resideOutsideOfPackage("app.brasskettle.server.sql..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..", "java.sql..")
                .check(SERVER);
    }

    /** Whatever is written or judged goes by the record's clock. A one-time code and a session go by the machine's, and the demo tells of before. */
    @Test
    void theRecordsTimeIsNeverTheMachines() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "app.brasskettle.server.clock..",
                        "app.brasskettle.server.access..",
                        "app.brasskettle.server.demo..")
                .should()
                .callMethodWhere(describe(
                        "now of the machine",
                        call -> call.getTarget().getName().equals("now")
                                && call.getTargetOwner().getPackageName().equals("java.time")))
                .check(SERVER);
    }

    /** A room of more than 1,500 lines of code is two rooms, and a file of more than 300 two files. */
    @Test
    void roomsAndFilesStaySmall() throws IOException {
        Map<String, Integer> rooms = new TreeMap<>();
        for (Map.Entry<Path, Integer> file : linesOfCode(SOURCES).entrySet()) {
            rooms.merge(file.getKey().getParent().getFileName().toString(), file.getValue(), Integer::sum);
        }
        assertThat(rooms)
                .isNotEmpty()
                .allSatisfy((room, lines) -> assertThat(lines).as(room).isLessThanOrEqualTo(1500));
        for (Path sources : List.of(SOURCES, CORE_SOURCES)) {
            assertThat(linesOfCode(sources))
                    .isNotEmpty()
                    .allSatisfy((file, lines) ->
                            assertThat(lines).as(file.toString()).isLessThanOrEqualTo(300));
        }
    }

    private static Map<Path, Integer> linesOfCode(Path sources) throws IOException {
        Map<Path, Integer> files = new TreeMap<>();
        try (Stream<Path> all = Files.walk(sources)) {
            for (Path file : all.filter(f -> f.toString().endsWith(".java")).toList()) {
                int lines = (int) Files.readAllLines(file).stream()
                        .map(String::strip)
                        .filter(l -> !l.isEmpty() && !l.startsWith("*") && !l.startsWith("/*") && !l.startsWith("//"))
                        .count();
                files.put(file, lines);
            }
        }
        return files;
    }

    @Test
    void controllersAreNobodysButTheFrameworks() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    @Test
    void noRepositoryMagic() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..", "org.hibernate..")
                .check(SERVER);
    }
}
