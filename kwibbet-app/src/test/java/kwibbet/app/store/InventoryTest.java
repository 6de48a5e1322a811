package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.stock.Booking;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Hand;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory: what is kept comes back, and cutting a run moves paper from the shelf into the drawer. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:inventory;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({DesignStore.class, Inventory.class, Room.class, StockBook.class, Stockroom.class})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class InventoryTest {

    private static final PaperId STOCK = new PaperId("stock");

    @Autowired
    private Inventory inventory;

    @Autowired
    private Stockroom stockroom;

    @MockitoBean
    private Clock clock;

    private Stockroom.Booked cut(RunPlan plan) {
        Booking cut = Booking.ofCut(
                Stockroom.newKey(), "run", "Card", plan.sheets(), plan.sheets().copies());
        return stockroom.cut(cut, false, () -> {});
    }

    private void putIn(Offcut offcut) {
        stockroom.putIn(Stockroom.newKey(), offcut);
    }

    private void takeOne() {
        stockroom.takeOne(Stockroom.newKey(), inventory.shelf().drawer().get(0).id());
    }

    @BeforeEach
    void empty() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        inventory.shelf().papers().forEach(paper -> inventory.remove(paper.id()));
        inventory.toolbox().dies().forEach(die -> inventory.remove(die.id()));
        inventory.save(Samples.paper(STOCK.value(), "Stock", Length.ofMillimetres(3, 10)));
    }

    private RunPlan plan(int cards, Thrift thrift) {
        Card card = CardMaker.make(Samples.design("Card"), Materials.USUAL).orThrow();
        return RunPlan.of(new RunLine(card, new Copies(cards, 0)), inventory.shelf(), thrift, Toolbox.GENERIC);
    }

    private Offcut offcut(Size size, int count) {
        return new Offcut(inventory.newOffcutId(), STOCK, size, count);
    }

    private int onHand() {
        return inventory.shelf().find(STOCK).orElseThrow().onHand();
    }

    /** A base 10 × 7 from 12 × 12 leaves 12 × 5 and 2 × 7; common practice, no source. */
    @Test
    void cuttingARunMovesPaperFromTheShelfIntoTheDrawer() {
        cut(plan(3, Thrift.FEWEST_SHEETS));
        assertThat(onHand()).isEqualTo(7);
        List<Offcut> drawer = inventory.shelf().drawer();
        assertThat(drawer).isNotEmpty().allSatisfy(offcut -> {
            assertThat(offcut.paper()).isEqualTo(STOCK);
            assertThat(offcut.count()).isEqualTo(3);
        });
        cut(plan(3, Thrift.FEWEST_SHEETS));
        assertThat(inventory.shelf().drawer()).hasSameSizeAs(drawer).allSatisfy(offcut -> assertThat(offcut.count())
                .isEqualTo(6));
    }

    @Test
    void leftoversAreUsedUpFirstWhereThatIsAsked() {
        putIn(offcut(new Size(Length.ofInches(11), Length.ofInches(8)), 1));
        putIn(offcut(new Size(Length.ofInches(11), Length.ofInches(8)), 1));
        assertThat(inventory.shelf().drawer()).singleElement().satisfies(offcut -> assertThat(offcut.count())
                .isEqualTo(2));
        assertThat(plan(3, Thrift.FEWEST_SHEETS).sheets().leftovers()).isZero();
        RunPlan first = plan(3, Thrift.LEFTOVERS_FIRST);
        assertThat(first.sheets().sheets()).isEqualTo(1);
        assertThat(first.sheets().leftovers()).isEqualTo(2);
        assertThat(first.sheets().proof()).contains("no plan can use fewer");
        assertThat(first.cents()).contains(25L);
        List<Offcut> before = inventory.shelf().drawer();
        Stockroom.Booked booked = cut(first);
        assertThat(booked).isInstanceOf(Stockroom.Done.class);
        stockroom.takeBack(((Stockroom.Done) booked).key());
        assertThat(onHand()).isEqualTo(10);
        assertThat(inventory.shelf().drawer())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .isEqualTo(before);
        first = plan(3, Thrift.LEFTOVERS_FIRST);
        cut(first);
        assertThat(onHand()).isEqualTo(9);
        Size used = new Size(Length.ofInches(11), Length.ofInches(8));
        assertThat(inventory.shelf().drawer()).extracting(Offcut::size).doesNotContain(used);
    }

    @Test
    void oneIsTakenOutAtATimeAndAllGoWithTheirPaper() {
        putIn(offcut(SheetSizes.LETTER, 2));
        takeOne();
        assertThat(inventory.shelf().drawer().get(0).count()).isEqualTo(1);
        takeOne();
        assertThat(inventory.shelf().drawer()).isEmpty();
        putIn(offcut(SheetSizes.LETTER, 2));
        inventory.remove(STOCK);
        assertThat(inventory.shelf().drawer()).isEmpty();
    }

    @Test
    void aDieComesBackAsItWasKept() {
        Die die = new Die(
                new DieId("strap"),
                "Strap",
                new CutShape(CutShape.Kind.RECTANGLE, new Size(Length.ofInches(2), Length.ofMillimetres(70))),
                Length.ofInches(1, 16),
                Die.Detail.INTRICATE,
                new Sides(Sides.Pattern.STITCHED, Length.ofInches(1, 4)),
                "Straps",
                2);
        inventory.save(die);
        assertThat(inventory.toolbox().dies()).containsExactly(die);
        inventory.save(inventory.toolbox().forOtherHand());
        assertThat(inventory.toolbox().dies()).containsExactly(die);
        inventory.remove(die.id());
        assertThat(inventory.toolbox().dies()).isEmpty();
    }

    /** A paper whose name has no room in its row: of a list none is kept. */
    @Test
    void ofAListAllIsKeptOrNothing() {
        Paper good = Samples.paper("good", "Good", Length.ofMillimetres(3, 10));
        Paper bad = Samples.paper("bad", "x".repeat(200), Length.ofMillimetres(3, 10));
        assertThatThrownBy(() -> inventory.savePapers(List.of(good, bad)))
                .isInstanceOf(DataIntegrityViolationException.class);
        assertThat(inventory.shelf().find(good.id())).isEmpty();
        inventory.savePapers(List.of(good));
        assertThat(inventory.shelf().find(good.id())).contains(good);
    }

    @Test
    void aPaperDieOrToolChangedElsewhereIsNotOverwritten() {
        Paper paper = inventory.shelf().find(STOCK).orElseThrow();
        long seen = inventory.versionOf(STOCK);
        inventory.save(Samples.paper(STOCK.value(), "Theirs", Length.ofMillimetres(3, 10)), seen, 10);
        assertThatThrownBy(() -> inventory.save(paper, seen, 10)).isInstanceOf(StaleItemException.class);
        assertThat(inventory.shelf().find(STOCK).orElseThrow().name()).isEqualTo("Theirs");
        inventory.save(paper, inventory.versionOf(STOCK), 10);
        assertThat(inventory.shelf().find(STOCK)).contains(paper);

        long tools = inventory.versionOfTools();
        inventory.save(inventory.toolbox().forOtherHand(), tools);
        assertThatThrownBy(() -> inventory.save(inventory.toolbox(), tools)).isInstanceOf(StaleItemException.class);
    }

    @Test
    void theStudioIsAskedOnceAndItsToolsAreInItsUnit() {
        assertThat(inventory.studio()).isEqualTo(inventory.chosenStudio().orElse(Studio.UNCHOSEN));
        Studio metric = new Studio(MeasureSystem.METRIC, Studio.Sheets.A4);
        inventory.save(metric, Hand.LEFT);
        assertThat(inventory.chosenStudio()).contains(metric);
        assertThat(inventory.toolbox().hand()).isEqualTo(Hand.LEFT);
        inventory.save(metric, Hand.RIGHT);
        assertThat(inventory.toolbox().hand()).isEqualTo(Hand.RIGHT);
    }
}
