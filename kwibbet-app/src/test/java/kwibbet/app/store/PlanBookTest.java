package kwibbet.app.store;

import java.time.Clock;
import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.bench.RunPlan;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Settings;
import kwibbet.card.base.ShutterGate;
import kwibbet.card.feature.QuickWays;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.SheetSearch;
import kwibbet.layout.KnownPlans.Known;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

/** Against the real schema in memory. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:plans;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({PlanBook.class, Room.class})
@MockitoBean(types = Clock.class)
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class PlanBookTest {

    private static final PaperShelf SHELF =
            new PaperShelf(List.of(Samples.paper("stock", "Stock", Length.ofInches(1, 80))));

    @Autowired
    private PlanBook book;

    @Autowired
    private JdbcTemplate jdbc;

    private final Inventory inventory = Mockito.mock(Inventory.class);

    @BeforeEach
    void set() {
        when(inventory.shelf()).thenReturn(SHELF);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        when(inventory.materials()).thenReturn(new Materials(SHELF, Graduation.SIXTEENTHS));
        jdbc.update("delete from sheet_plan");
    }

    private Workshop workshop() {
        return new Workshop(inventory, book);
    }

    /** A shutter gate with a mat on each panel, and mats of mats, 23 and 2 to spare: too much for what is found at once. */
    private CardRun gate() {
        return matted().with(QuickWays.matEveryPanel(workshop().card(matted().design())));
    }

    /** The gate with one mat on each panel. */
    private CardRun matted() {
        Design plain = Design.of("Gate", MeasureSystem.INCH, new ShutterGate(), Settings.PRESET, new PaperId("stock"));
        Design matted = QuickWays.matEveryPanel(workshop().card(plain));
        return new CardRun(matted, new Copies(23, 2), Thrift.FEWEST_SHEETS);
    }

    private static CuttingPlan only(SheetPlan plan) {
        return plan.papers().get(0).cutting();
    }

    /** As kept results are dropped from memory, and as after a restart. */
    @Test
    void aPlanThatWasSettledIsNeverShownOtherwise() {
        CardRun gate = gate();
        Workshop workshop = workshop();
        CuttingPlan atOnce = only(workshop.run(gate).plan().sheets());
        RunPlan settled = workshop.settled(gate).plan();
        assertThat(CuttingPlan.BETTER.compare(only(settled.sheets()), atOnce)).isLessThan(0);
        for (int i = 0; i < 66; i++) {
            workshop.run(Samples.run("Other " + i));
        }
        assertThat(workshop.run(gate).plan().sheets()).isEqualTo(settled.sheets());
        assertThat(workshop.run(gate).plan().bench().trim())
                .isEqualTo(settled.bench().trim());
        assertThat(workshop().run(gate).plan().sheets()).isEqualTo(settled.sheets());
        assertThat(workshop().settled(gate).plan().sheets()).isEqualTo(settled.sheets());
    }

    /** A hunt that gives way to another card has found less than it would; that is not where it stays. */
    @Test
    void aHuntThatGaveWayIsBegunAnew() {
        CardRun gate = gate();
        Workshop workshop = workshop();
        SheetHunt hunt = workshop.hunt(gate);
        workshop.run(Samples.run("Other"));
        hunt.await();
        CuttingPlan settled = only(workshop.settled(gate).plan().sheets());
        jdbc.update("delete from sheet_plan");
        assertThat(only(workshop().settled(gate).plan().sheets())).isEqualTo(settled);
        if (hunt.hasGivenWay()) {
            assertThat(workshop.hunt(gate)).isNotSameAs(hunt);
        }
    }

    @Test
    void aBetterPlanTakesThePlaceOfAWorseAndStaysWhenItIsFinal() {
        SheetPlan plan = workshop().run(matted()).plan().sheets();
        CuttingPlan first = SheetSearch.plan(only(plan).job(), Budget.of(0));
        CuttingPlan best = SheetSearch.refined(first.job(), Budget.about(Duration.ofSeconds(4)), better -> {});
        assertThat(CuttingPlan.BETTER.compare(best, first)).isLessThan(0);
        assertThat(book.of(first.job())).isEmpty();
        book.keep(first, false);
        assertThat(book.of(first.job())).contains(new Known(first, false));
        book.keep(best, false);
        book.keep(first, false);
        assertThat(book.of(first.job())).contains(new Known(best, false));
        book.keep(first, true);
        assertThat(book.of(first.job())).contains(new Known(best, true));
    }

    @Test
    void whatIsFinalStaysEvenIfABetterOneTurnsUp() {
        CuttingPlan best = only(workshop().settled(matted()).plan().sheets());
        CuttingPlan first = SheetSearch.plan(best.job(), Budget.of(0));
        jdbc.update("delete from sheet_plan");
        book.keep(first, true);
        book.keep(best, false);
        assertThat(book.of(first.job())).contains(new Known(first, true));
    }

    @Test
    void aPlanThatCannotBeReadIsMadeAnew() {
        CardRun gate = matted();
        SheetPlan settled = workshop().settled(gate).plan().sheets();
        assertThat(jdbc.update("update sheet_plan set document = left(document, 400)"))
                .isPositive();
        assertThat(book.of(only(settled).job())).isEmpty();
        assertThat(workshop().settled(gate).plan().sheets()).isEqualTo(settled);
        assertThat(book.of(only(settled).job()).map(Known::isFinal)).contains(true);
    }
}
