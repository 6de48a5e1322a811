package kwibbet.app.demo;

import java.io.IOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;

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

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.StoredDesign;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.fold.CardPattern;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

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
                    CardMaker.make(stored.design(), inventory.materials()).orThrow(),
                    inventory.shelf(),
                    inventory.toolbox());
            assertThat(plan.sheets().isComplete()).as(stored.design().name()).isTrue();
            assertThat(plan.sheets().isInStock()).as(stored.design().name()).isTrue();
            assertThat(plan.sheets().isProven()).as(stored.design().name()).isTrue();
        }
        assertThat(laidIn).extracting(stored -> stored.design().base()).containsAll(Bases.ALL);
        assertThat(laidIn)
                .flatExtracting(stored -> stored.design().additions())
                .extracting(Addition::feature)
                .containsAll(Features.ALL);
        demo.run(new DefaultApplicationArguments());
        assertThat(designs.all()).hasSameSizeAs(laidIn);
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
    void folds() throws IOException {
        demo.run(new DefaultApplicationArguments());
        for (int round = 0; round < 15; round++)
            for (StoredDesign stored : designs.all()) {
                Card card =
                        CardMaker.make(stored.design(), inventory.materials()).orThrow();
                long t0 = System.nanoTime();
                CardPattern pattern = CardPattern.of(card, true);
                long t1 = System.nanoTime();
                FlatFolding folding = FlatFolding.of(pattern.pattern());
                long t2 = System.nanoTime();
                String line = ("FOLD " + stored.design().name() + " facets "
                        + pattern.facets().size());
                if (folding instanceof FlatFolding.Folds folds) {
                    FoldSequence sequence = FoldSequence.of(folds);
                    long t3 = System.nanoTime();
                    line = line.concat("" + " orders " + folds.count() + " layers " + folds.layers() + " size "
                            + folds.size() + " short " + sequence.isShortest());
                    line = line.concat("" + " ms " + (t1 - t0) / 1e6 + " " + (t2 - t1) / 1e6 + " " + (t3 - t2) / 1e6);
                    for (FoldStep step : sequence.steps()) {
                        line = line.concat("" + "\nFOLD    " + step.kind() + " "
                                + step.moving().stream()
                                        .map(i -> pattern.pattern()
                                                .facets()
                                                .get(i)
                                                .name())
                                        .toList() + " under "
                                + step.under().stream()
                                        .map(i -> pattern.pattern()
                                                .facets()
                                                .get(i)
                                                .name())
                                        .toList());
                    }
                } else if (folding instanceof FlatFolding.CannotFold cannot) {
                    line = line.concat("" + " CANNOT " + cannot.reasons());
                } else line = line.concat("" + " UNDECIDED");
                if (round == 0 || round == 14) System.out.println(line);
            }
    }
}
