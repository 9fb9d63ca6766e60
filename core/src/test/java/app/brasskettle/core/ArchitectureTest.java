package app.brasskettle.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.brasskettle.core");

    @Test
    void knowsNoFrameworkNoDatabaseNoJson() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "java.sql..",
                        "javax.sql..",
                        "jakarta..",
                        "com.fasterxml..",
                        "tools.jackson..",
                        "app.brasskettle.server..")
                .check(CORE);
    }

    @Test
    void readsNoClockFileOrNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..", "java.net..", "java.time..")
                .check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(Math.class, "random").check(CORE);
    }

    @Test
    void roomsDoNotDependOnEachOtherInCircles() {
        slices().matching("app.brasskettle.core.(*)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
    }

    @Test
    void everyRoomSaysWhatItIsForAndShowsFewTypes() {
        Map<String, Long> publicTypes = CORE.stream()
                .filter(c -> c.isTopLevelClass() && c.getModifiers().contains(JavaModifier.PUBLIC))
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));
        assertThat(publicTypes).allSatisfy((room, count) -> {
            assertThat(count).as(room).isLessThanOrEqualTo(16);
            assertThat(CORE.stream().anyMatch(c -> c.getName().equals(room + ".package-info")))
                    .as(room + " has a package-info")
                    .isTrue();
        });
    }
}
