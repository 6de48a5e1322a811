package kwibbet.app;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The rules across the modules; those within the core are held in the core. */
class StructureTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("kwibbet");

    @Test
    void formatsKnowNeitherPagesNorStorage() {
        noClasses()
                .that()
                .resideInAPackage("kwibbet.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("kwibbet.app..", "org.springframework..", "jakarta..", "org.hibernate..")
                .check(ALL);
    }

    @Test
    void onlyTheStoreKnowsTheDatabase() {
        noClasses()
                .that()
                .resideOutsideOfPackage("kwibbet.app.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..", "java.sql..")
                .check(ALL);
    }

    @Test
    void featuresDoNotKnowEachOther() {
        slices().matching("kwibbet.app.(*)..").should().beFreeOfCycles().check(ALL);
        noClasses()
                .that()
                .resideInAPackage("kwibbet.app.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("kwibbet.app.web..", "kwibbet.app.card..", "kwibbet.app.home..")
                .check(ALL);
    }
}
