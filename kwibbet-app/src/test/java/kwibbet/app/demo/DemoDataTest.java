package kwibbet.app.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ComponentScan;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.fold.CardFoldFile;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.StoredDesign;
import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;
import kwibbet.crease.FoldStep;
import kwibbet.cutting.Budget;
import kwibbet.fold.CardFolding;
import kwibbet.formats.document.RunDocument;
import kwibbet.formats.fold.FoldPattern;
import kwibbet.formats.fold.FoldReader;
import kwibbet.formats.pdf.Handout;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.formats.pdf.PrintPart;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.picture.RayCast;
import kwibbet.run.SettledRun;
import kwibbet.shape.Size;
import kwibbet.trial.TrialRun;

import static org.assertj.core.api.Assertions.assertThat;

@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:demo;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@ActiveProfiles("demo")
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class DemoDataTest {

    @TestConfiguration
    @ComponentScan(basePackages = {"kwibbet.app.store", "kwibbet.app.demo"})
    static class Stores {
        @Bean
        Clock clock() {
            return Clock.systemUTC();
        }
    }

    @Autowired
    private DemoData demo;

    @Autowired
    private DesignStore designs;

    @Autowired
    private Inventory inventory;

    @Test
    void everyDemoCardCanBeMadeFromTheDemoPaperAndNothingIsLaidInTwice() throws IOException {
        demo.run(new DefaultApplicationArguments());
        List<StoredDesign> laidIn = designs.all();
        assertThat(laidIn).hasSizeGreaterThanOrEqualTo(5);
        for (StoredDesign stored : laidIn) {
            RunPlan plan = RunPlan.of(
                    new RunLine(
                            CardMaker.make(stored.design(), inventory.materials())
                                    .orThrow(),
                            stored.run().copies()),
                    inventory.shelf(),
                    stored.run().thrift(),
                    inventory.toolbox());
            assertThat(plan.sheets().isComplete()).as(stored.design().name()).isTrue();
            assertThat(plan.sheets().isInStock()).as(stored.design().name()).isTrue();
            SheetPlan fewest = SheetPlanner.plan(
                    plan.order(), plan.tools().trimmer(), KnownPlans.NONE, Budget.about(Duration.ofSeconds(10)));
            assertThat(fewest.isProven()).as(stored.design().name()).isTrue();
        }
        assertThat(laidIn).extracting(stored -> stored.design().base()).containsAll(Bases.ALL);
        assertThat(laidIn)
                .flatExtracting(stored -> stored.design().additions())
                .extracting(Addition::feature)
                .containsAll(Features.ALL);
        demo.run(new DefaultApplicationArguments());
        assertThat(designs.all()).hasSameSizeAs(laidIn);
    }

    /** What stands in an address between two slashes must have none: a die of 1 3/4 in can be changed and taken out as others can. */
    @Test
    void whatIsLaidInHasAnAddress() throws IOException {
        demo.run(new DefaultApplicationArguments());
        assertThat(inventory.toolbox().dies())
                .hasSizeGreaterThan(20)
                .allSatisfy(die -> assertThat(die.id().value()).doesNotContain("/"));
        assertThat(inventory.shelf().papers())
                .allSatisfy(paper -> assertThat(paper.id().value()).doesNotContain("/"));
    }

    /** All sheets of every demo card are written as FOLD and read back as that many pieces of paper, whatever is cut free, inlaid or punched of them. */
    @Test
    void allSheetsOfEveryDemoCardAreReadBackAsFold() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (StoredDesign stored : designs.all()) {
            String name = stored.design().name();
            Card card = CardMaker.make(stored.design(), inventory.materials()).orThrow();
            CardFolding folding = CardFolding.of(card);
            FoldPattern back =
                    FoldReader.read(CardFoldFile.whole(name, card, folding)).orThrow();
            assertThat(back.traced().rings()).as(name).hasSameSizeAs(folding.leaves());
        }
    }

    /** Settled, written and read back, every demo card gives just the lists it had; and what is left of it with some cut is done right at the trial bench. */
    @Test
    void everyDemoCardSettledGivesTheSameLists() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (StoredDesign stored : designs.all()) {
            SettledRun run = new SettledRun(
                    List.of(new SettledRun.Line(
                            stored.id(), stored.design(), stored.run().copies())),
                    stored.run().thrift(),
                    inventory.shelf(),
                    inventory.toolbox(),
                    Map.of(),
                    KnownLists.NONE);
            RunPlan plan = run.plan();
            SettledRun read = RunDocument.read(RunDocument.write(run, plan)).orThrow();
            assertThat(read.plan()).as(stored.design().name()).isEqualTo(plan);
            Map<String, Integer> half = new HashMap<>();
            plan.sheets().copies().forEach((letter, copies) -> half.put(letter, copies / 2));
            RunPlan rest = read.replanned(
                            read.lines(), inventory.shelf(), inventory.toolbox(), read.cutSoFar(plan, half))
                    .plan();
            assertThat(TrialRun.of(rest, Integer.MAX_VALUE, List.of()).cut().faults())
                    .as(stored.design().name())
                    .isEmpty();
            assertThat(rest.sheets().sheets()).isLessThanOrEqualTo(plan.sheets().sheets());
        }
    }

    /** A card of up to 20 steps, whatever the page; of more steps on three. */
    @Test
    void everyDemoCardIsTaughtOnTwoSheets() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (StoredDesign stored : designs.all()) {
            Card card = CardMaker.make(stored.design(), inventory.materials()).orThrow();
            RunPlan plan = RunPlan.of(
                    new RunLine(card, Copies.ONE),
                    inventory.shelf(),
                    stored.run().thrift(),
                    inventory.toolbox());
            int steps = Making.of(card, plan.bench().press().plan(), Way.BATCH)
                    .told()
                    .size();
            int sheets = steps > 20 ? 3 : 2;
            for (PrintPart part : List.of(PrintPart.STEPS, PrintPart.LARGE_STEPS)) {
                for (PageFormat format : PageFormat.values()) {
                    byte[] handout = Handout.write(stored.design().name(), plan, format, EnumSet.of(part));
                    try (PDDocument pages = Loader.loadPDF(handout)) {
                        assertThat(pages.getNumberOfPages())
                                .as(stored.design().name())
                                .isLessThanOrEqualTo(part == PrintPart.STEPS ? sheets : 2 * sheets);
                    }
                }
            }
        }
    }

    @Test
    void everyDemoCardIsDrawnAsItIsSeen() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (StoredDesign stored : designs.all()) {
            Card card = CardMaker.make(stored.design(), inventory.materials()).orThrow();
            for (Pose pose : card.form().poses()) {
                assertThat(RayCast.disagreements(card, inventory.shelf(), pose, new Random(1), 150))
                        .as(stored.design().name())
                        .isEmpty();
            }
        }
    }

    @Test
    void everyDemoCardTakesAnySizeNearItsOwn() throws IOException {
        demo.run(new DefaultApplicationArguments());
        List<String> refused = new ArrayList<>();
        for (StoredDesign stored : designs.all()) {
            Size finished = stored.design().finished();
            for (int step = -16; step <= 32; step++) {
                Length more = Length.ofInches(step, 64);
                Size other =
                        new Size(finished.width().plus(more), finished.height().plus(more));
                CardMaker.make(stored.design().resized(other), inventory.materials())
                        .reasons()
                        .forEach(reason -> refused.add(stored.design().name() + " at " + other + ": " + reason));
            }
        }
        assertThat(refused).isEmpty();
    }

    @Test
    void everyDemoCardClosesByAnOrderOfFoldingThatNoneIsShorterThan() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (StoredDesign stored : designs.all()) {
            CardFolding folding = CardFolding.of(
                    CardMaker.make(stored.design(), inventory.materials()).orThrow());
            String name = stored.design().name();
            assertThat(folding.sequence()).as(name).isPresent();
            assertThat(folding.sequence().orElseThrow().isShortest()).as(name).isTrue();
            assertThat(folding.sequence().orElseThrow().count(FoldStep.Kind.TUCK))
                    .as(name)
                    .isEqualTo(
                            switch (name) {
                                case "Signal box", "Level crossing" -> 2;
                                case "Dynamo" -> 1;
                                default -> 0;
                            });
        }
    }
}
