package kwibbet;

import java.util.Optional;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The core reads in one direction and knows nothing of pages, storage or files. */
class StructureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("kwibbet");

    @Test
    void theCoreUsesOnlyTheJdkPolygonOverlayLinearProgramsAndItself() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "java.lang..",
                        "java.time..",
                        "java.util..",
                        "java.math..",
                        "kwibbet..",
                        "org.jspecify..",
                        "org.ojalgo..",
                        "org.locationtech.jts..")
                .check(CORE);
    }

    @Test
    void polygonOverlayStaysBehindOneClass() {
        noClasses()
                .that()
                .doNotHaveSimpleName("Overlay")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech.jts..")
                .check(CORE);
    }

    @Test
    void linearProgramsStayBehindOneClass() {
        noClasses()
                .that()
                .doNotHaveSimpleName("PackingProgram")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.ojalgo..")
                .check(CORE);
    }

    /** Whoever opens what is empty is told what was missing. */
    @Test
    void whatIsMissingIsSaid() {
        noClasses().should().callMethod(Optional.class, "orElseThrow").check(CORE);
    }

    /** Ticks are counted where lengths are made, searched over as whole numbers, and added up in the ledger; everywhere else lengths are asked. */
    @Test
    void ticksStayInMeasureAndInSearches() {
        noClasses()
                .that()
                .resideOutsideOfPackages("kwibbet.measure", "kwibbet.cutting", "kwibbet.stock")
                .should()
                .callMethod(Length.class, "toTicks")
                .orShould()
                .callMethod(Length.class, "ofTicks", long.class)
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
                .definedBy("kwibbet.measure", "kwibbet.shape", "kwibbet.outline", "kwibbet.wording", "kwibbet.outcome")
                .layer("goods")
                .definedBy("kwibbet.paper", "kwibbet.tool", "kwibbet.artwork")
                .layer("card")
                .definedBy("kwibbet.card")
                .layer("bases")
                .definedBy("kwibbet.card.base")
                .layer("features")
                .definedBy("kwibbet.card.feature")
                .layer("review")
                .definedBy("kwibbet.review")
                .layer("crease")
                .definedBy("kwibbet.crease")
                .layer("fold")
                .definedBy("kwibbet.fold")
                .layer("cutting")
                .definedBy("kwibbet.cutting")
                .layer("layout")
                .definedBy("kwibbet.layout")
                .layer("stock")
                .definedBy("kwibbet.stock")
                .layer("bench")
                .definedBy("kwibbet.bench")
                .layer("run")
                .definedBy("kwibbet.run")
                .layer("scoring")
                .definedBy("kwibbet.scoring")
                .layer("press")
                .definedBy("kwibbet.press")
                .layer("trial")
                .definedBy("kwibbet.trial")
                .layer("mail")
                .definedBy("kwibbet.mail")
                .layer("room")
                .definedBy("kwibbet.room")
                .layer("kit")
                .definedBy("kwibbet.kit")
                .layer("lesson")
                .definedBy("kwibbet.lesson")
                .layer("drawing")
                .definedBy("kwibbet.drawing")
                .layer("picture")
                .definedBy("kwibbet.picture")
                .layer("plot")
                .definedBy("kwibbet.plot")
                .whereLayer("plot")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("picture")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("review")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("features")
                .mayOnlyBeAccessedByLayers("review")
                .whereLayer("bases")
                .mayOnlyBeAccessedByLayers("features", "review", "mail")
                .whereLayer("drawing")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("trial")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("bench")
                .mayOnlyBeAccessedByLayers("run", "kit", "trial", "picture")
                .whereLayer("scoring")
                .mayOnlyBeAccessedByLayers("bench", "trial", "picture")
                .whereLayer("press")
                .mayOnlyBeAccessedByLayers("layout", "bench", "run", "kit", "trial", "picture")
                .whereLayer("cutting")
                .mayOnlyBeAccessedByLayers("layout", "bench", "run", "kit", "trial", "picture", "plot")
                .whereLayer("layout")
                .mayOnlyBeAccessedByLayers("stock", "bench", "run", "kit", "trial", "picture", "plot")
                .whereLayer("stock")
                .mayOnlyBeAccessedByLayers("kit")
                .whereLayer("run")
                .mayOnlyBeAccessedByLayers("kit")
                .whereLayer("room")
                .mayOnlyBeAccessedByLayers("kit", "lesson", "picture")
                .whereLayer("kit")
                .mayOnlyBeAccessedByLayers("lesson", "picture")
                .whereLayer("lesson")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("crease")
                .mayOnlyBeAccessedByLayers("fold", "mail", "review", "picture")
                .whereLayer("fold")
                .mayOnlyBeAccessedByLayers("mail", "review", "picture")
                .whereLayer("mail")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("card")
                .mayOnlyBeAccessedByLayers(
                        "bases",
                        "features",
                        "review",
                        "fold",
                        "layout",
                        "stock",
                        "scoring",
                        "press",
                        "bench",
                        "run",
                        "kit",
                        "lesson",
                        "mail",
                        "trial",
                        "picture",
                        "plot")
                .whereLayer("goods")
                .mayOnlyBeAccessedByLayers(
                        "card",
                        "bases",
                        "features",
                        "review",
                        "fold",
                        "layout",
                        "stock",
                        "scoring",
                        "press",
                        "bench",
                        "run",
                        "kit",
                        "lesson",
                        "mail",
                        "trial",
                        "drawing",
                        "picture",
                        "plot")
                .check(CORE);
    }
}
