package app.brasskettle.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

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

    @Test
    void sqlStaysInTheStores() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..", "java.sql..")
                .check(SERVER);
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
