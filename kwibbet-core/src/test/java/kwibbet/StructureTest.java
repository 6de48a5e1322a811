package kwibbet;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The core reads in one direction and knows nothing of pages, storage or files. */
class StructureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("kwibbet");

    @Test
    void theCoreUsesOnlyTheJdkAndItself() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("java.lang..", "java.util..", "java.math..", "kwibbet..", "org.jspecify..")
                .check(CORE);
    }

    @Test
    void packagesHaveNoCycles() {
        slices().matching("kwibbet.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void lowerPackagesDoNotKnowHigherOnes() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("values")
                .definedBy("kwibbet.measure", "kwibbet.shape", "kwibbet.wording", "kwibbet.outcome")
                .layer("goods")
                .definedBy("kwibbet.paper", "kwibbet.tool")
                .layer("card")
                .definedBy("kwibbet.card")
                .layer("bases")
                .definedBy("kwibbet.card.base")
                .layer("fold")
                .definedBy("kwibbet.fold")
                .layer("layout")
                .definedBy("kwibbet.layout")
                .layer("bench")
                .definedBy("kwibbet.bench")
                .layer("drawing")
                .definedBy("kwibbet.drawing")
                .layer("picture")
                .definedBy("kwibbet.picture")
                .whereLayer("picture")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("bases")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("drawing")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("bench")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("layout")
                .mayOnlyBeAccessedByLayers("bench", "picture")
                .whereLayer("fold")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("card")
                .mayOnlyBeAccessedByLayers("bases", "fold", "layout", "bench", "picture")
                .whereLayer("goods")
                .mayOnlyBeAccessedByLayers("card", "bases", "fold", "layout", "bench", "drawing", "picture")
                .check(CORE);
    }
}
