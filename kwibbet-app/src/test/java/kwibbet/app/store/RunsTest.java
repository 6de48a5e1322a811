package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

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
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.app.Samples;
import kwibbet.app.store.Bench.Ticked;
import kwibbet.app.store.KeptRun.Line;
import kwibbet.app.store.Stockroom.Already;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.store.Stockroom.Done;
import kwibbet.app.store.Stockroom.TooFew;
import kwibbet.app.store.Stockroom.Unknown;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.card.feature.Mat;
import kwibbet.layout.Thrift;
import kwibbet.making.Pace;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.run.BenchStation;
import kwibbet.run.BenchStep;
import kwibbet.run.RunChange;
import kwibbet.run.RunProgress.Cards;
import kwibbet.run.RunState;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory: what is settled stays, and what is cut of it is cut once. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:runs;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({
    Bench.class,
    TickBook.class,
    DesignStore.class,
    Inventory.class,
    Room.class,
    StockBook.class,
    Stockroom.class,
    RunBook.class,
    KitBook.class,
    Runs.class,
    PlanBook.class,
    Workshop.class
})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class RunsTest {

    private static final PaperId STOCK = new PaperId("stock");

    @Autowired
    private Inventory inventory;

    @Autowired
    private Stockroom stockroom;

    @Autowired
    private DesignStore designs;

    @Autowired
    private Runs runs;

    @Autowired
    private Bench bench;

    @Autowired
    private RunBook book;

    @Autowired
    private KitBook kitBook;

    @Autowired
    private PlanBook plans;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcTemplate jdbc;

    @MockitoBean
    private Clock clock;

    @BeforeEach
    void tenSheets() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        inventory.replaced(() -> {
            List.of(
                            "run_tick",
                            "run_timer",
                            "run_cut",
                            "run_line",
                            "run",
                            "booking",
                            "stock_movement",
                            "offcut",
                            "paper",
                            "tape",
                            "sheet_plan")
                    .forEach(table -> jdbc.update("delete from " + table));
            return true;
        });
        inventory.save(Samples.paper(STOCK.value(), "Stock", Length.ofMillimetres(3, 10)));
    }

    private StoredDesign card(String name, int make) {
        return designs.create(Samples.run(name).with(new Copies(make, 0)));
    }

    private StoredDesign changed(StoredDesign stored, int make) {
        return designs.save(
                stored.id(), stored.version(), stored.run().with(new Copies(make, 0)), Edit.of("the count"));
    }

    private int onHand() {
        return inventory.shelf().find(STOCK).orElseThrow().onHand();
    }

    private Booked cut(KeptRun run, String layout, int sheets) {
        return runs.cut(runs.nextCut(run, layout), run, Map.of(layout, sheets), false);
    }

    /** As after a restart, with nothing remembered. */
    private Runs startedAnew() {
        return new Runs(book, kitBook, designs, inventory, stockroom, new Workshop(inventory, plans), transaction);
    }

    /** The card, the papers and the tools change, and the service is started anew. */
    @Test
    void whatIsSettledStaysAsItIs() {
        StoredDesign card = card("Kite", 8);
        KeptRun run = runs.settle(card);
        RunPlan plan = runs.plan(run);
        assertThat(runs.changes(run)).isEmpty();
        changed(card, 3);
        inventory.save(Samples.paper(STOCK.value(), "Other", Length.ofMillimetres(9, 10)));
        jdbc.update("delete from sheet_plan");
        RunPlan after = startedAnew().plan(startedAnew().get(run.id()));
        assertThat(after).isEqualTo(plan);
        assertThat(runs.changes(run)).singleElement().satisfies(change -> {
            assertThat(change.kind()).isEqualTo(RunChange.Kind.FEWER);
            assertThat(change.count()).isEqualTo(5);
        });
        designs.remove(card.id());
        assertThat(startedAnew().plan(run)).isEqualTo(plan);
        assertThat(runs.missing(run)).containsExactly("Kite");
    }

    /** With the same pieces, and something else to spare, it is another run. */
    @Test
    void whatIsSparedIsSettledToo() {
        StoredDesign card = card("Kite", 3);
        KeptRun first = runs.settle(card);
        StoredDesign cheaper =
                designs.save(card.id(), card.version(), card.run().with(Thrift.LEAST_COST), Edit.of("what is saved"));
        KeptRun second = runs.settle(cheaper);
        assertThat(second.id()).isEqualTo(first.id());
        assertThat(second.thrift()).isEqualTo(Thrift.LEAST_COST);
        assertThat(runs.settled(second).thrift()).isEqualTo(Thrift.LEAST_COST);
    }

    /** Printed again it is the same run; changed before anything is cut its place is taken; afterwards a run is added. */
    @Test
    void aCardHasOneSettledRunUntilSomethingIsCut() {
        StoredDesign card = card("Kite", 8);
        KeptRun first = runs.settle(card);
        assertThat(runs.settle(card).id()).isEqualTo(first.id());
        StoredDesign more = changed(card, 9);
        KeptRun second = runs.settle(more);
        assertThat(second.id()).isEqualTo(first.id());
        assertThat(second.cards()).isEqualTo(9);
        assertThat(runs.plan(second).sheets().sheets()).isEqualTo(9);
        cut(second, "A", 1);
        assertThat(runs.settle(more).id()).isNotEqualTo(first.id());
        assertThat(runs.underWay(card.id())).hasSize(2);
    }

    @Test
    void sheetsAreCutLayoutByLayoutAndTakenBack() {
        KeptRun run = runs.settle(card("Kite", 8));
        assertThat(run.standing()).isEqualTo("settled");
        BookingKey key = runs.nextCut(run, "A");
        assertThat(runs.cut(key, run, Map.of("A", 5), false)).isEqualTo(new Done(key));
        assertThat(runs.cut(key, run, Map.of("A", 5), false)).isEqualTo(new Already(key));
        assertThat(onHand()).isEqualTo(5);
        KeptRun begun = startedAnew().get(run.id());
        assertThat(begun.standing()).isEqualTo("begun");
        assertThat(runs.left(begun)).isEqualTo(Map.of("A", 3));
        assertThat(cut(begun, "A", 4)).isInstanceOf(Unknown.class);
        assertThat(cut(begun, "B", 1)).isInstanceOf(Unknown.class);
        assertThat(cut(begun, "A", -1)).isInstanceOf(Unknown.class);
        assertThat(onHand()).isEqualTo(5);
        stockroom.takeBack(key);
        stockroom.takeBack(key);
        assertThat(onHand()).isEqualTo(10);
        assertThat(runs.left(runs.get(run.id()))).isEqualTo(Map.of("A", 8));
        assertThat(runs.nextCut(run, "A")).isNotEqualTo(key);
        assertThat(runs.cuts(run)).singleElement().satisfies(cut -> assertThat(cut.isBack())
                .isTrue());
    }

    private static Design matted(String name) {
        Host front = new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER));
        return Samples.design(name)
                .plus(new Addition(
                        new PieceId("mat-1"), "Mat", new Mat(), front, Settings.PRESET, Map.of("paper", STOCK)));
    }

    /** What is not kept is not used; a form sent again uses nothing twice; fewer made than was said bring the tape back. */
    @Test
    void cardsUseTapeAsTheyAreMade() {
        KeptRun run = runs.settle(designs.create(Samples.run(matted("Kite")).with(new Copies(8, 0))));
        Length each = tape(SupplyList.of(runs.plan(run).lines()).get(0).share(1, 8));
        KeptRun untaped = runs.work(run.id(), run.version(), new Cards(0, 0, 2));
        assertThat(stockroom.onHand()).isEmpty();
        StockItem tape = new StockItem.Taped(new Tape.Flat());
        stockroom.count(Stockroom.newKey(), tape, each.multipliedBy(4).toTicks());
        KeptRun none = runs.work(run.id(), untaped.version(), new Cards(0, 0, 0));
        assertThat(stockroom.onHand().values())
                .containsExactly(each.multipliedBy(4).toTicks());
        KeptRun two = runs.work(run.id(), none.version(), new Cards(0, 0, 2));
        stockroom.count(Stockroom.newKey(), tape, each.multipliedBy(4).toTicks());
        assertThat(stockroom.takeBack(BookingKey.ofMade(run.id(), none.version())))
                .isInstanceOf(Unknown.class);
        KeptRun five = runs.work(run.id(), two.version(), new Cards(0, 0, 5));
        assertThatThrownBy(() -> runs.work(run.id(), two.version(), new Cards(0, 0, 5)))
                .isInstanceOf(StaleItemException.class);
        assertThat(stockroom.onHand().values()).containsExactly(each.toTicks());
        KeptRun four = runs.work(run.id(), five.version(), new Cards(8, 0, 4));
        assertThat(stockroom.onHand().values())
                .containsExactly(each.multipliedBy(2).toTicks());
        startedAnew().work(run.id(), four.version(), new Cards(8, 0, 8));
        assertThat(stockroom.onHand().values()).containsExactly(0L);
        assertThat(stockroom.entries(new StockItem.Taped(new Tape.Flat())))
                .hasSize(7)
                .filteredOn(StockEntry::canBeTakenBack)
                .hasSize(2);
    }

    /** What learners find in their bags is not taken off the shelf again when they have made their cards. */
    @Test
    void whatIsPackedIsNotUsedTwice() {
        KeptRun run = runs.settle(designs.create(Samples.run(matted("Kite")).with(new Copies(8, 0))));
        long each =
                StockItem.Goods.amountOf(SupplyList.of(runs.plan(run).lines()).get(0)) / 8;
        StockItem.Goods tape = new StockItem.Taped(new Tape.Flat());
        stockroom.count(Stockroom.newKey(), tape, each * 8);
        stockroom.book(Booking.ofPacked(Stockroom.newKey(), run.id(), "Kit", Map.of(tape, each * 5)));
        KeptRun two = runs.work(run.id(), run.version(), new Cards(0, 0, 2));
        assertThat(stockroom.onHand().values()).containsExactly(each);
        KeptRun all = runs.work(run.id(), two.version(), new Cards(0, 0, 8));
        assertThat(stockroom.onHand().values()).containsExactly(0L);
        runs.work(run.id(), all.version(), new Cards(0, 0, 0));
        assertThat(stockroom.onHand().values()).containsExactly(each * 3);
    }

    private static Length tape(SupplyList used) {
        return Length.ofTicks(StockItem.Goods.amountOf(used));
    }

    private BenchStep made(KeptRun run, int step) {
        return runs.bench(run, Way.BATCH).at(BenchStation.MAKE).get(step - 1);
    }

    /** A button pressed twice, an answer that was lost, two tablets at one step: each is counted once, and what is taken back is taken back. */
    @Test
    void whatIsTickedOffIsCountedOnceAndCanBeTakenBack() {
        KeptRun run = runs.settle(designs.create(Samples.run(matted("Kite")).with(new Copies(8, 0))));
        BenchStep step = made(run, 1);
        assertThat(bench.tick("one", run, step, 3, Way.BATCH)).isEqualTo(Ticked.DONE);
        assertThat(bench.tick("one", run, step, 3, Way.BATCH)).isEqualTo(Ticked.ALREADY);
        assertThat(bench.tick("two", run, step, 8, Way.BATCH)).isEqualTo(Ticked.DONE);
        assertThat(bench.tick("three", run, step, 1, Way.BATCH)).isEqualTo(Ticked.NOTHING_LEFT);
        KeptRun begun = startedAnew().get(run.id());
        assertThat(begun.progress().steps()).isEqualTo(Map.of(step.key(), 8));
        assertThat(begun.standing()).isEqualTo("begun");
        assertThat(bench.last(run, step.key())).hasValue(5);
        String mark = bench.mark(run);
        assertThat(bench.takeBack(run, step.key(), Way.BATCH)).isTrue();
        assertThat(bench.mark(run)).isNotEqualTo(mark);
        assertThat(runs.get(run.id()).progress().steps()).isEqualTo(Map.of(step.key(), 3));
        assertThat(bench.takeBack(run, step.key(), Way.BATCH)).isTrue();
        assertThat(bench.takeBack(run, step.key(), Way.BATCH)).isFalse();
        assertThat(runs.get(run.id()).progress().isBegun()).isFalse();
    }

    /** Whoever ticks off the last step of some cards has made them: their tape is used, and comes back with the tick. */
    @Test
    void cardsAreMadeAsTheirStepsAreTickedOff() {
        KeptRun run = runs.settle(designs.create(Samples.run(matted("Kite")).with(new Copies(8, 0))));
        Length each = tape(SupplyList.of(runs.plan(run).lines()).get(0).share(1, 8));
        stockroom.count(
                Stockroom.newKey(),
                new StockItem.Taped(new Tape.Flat()),
                each.multipliedBy(8).toTicks());
        List<BenchStep> steps = runs.bench(run, Way.BATCH).at(BenchStation.MAKE);
        steps.forEach(step -> bench.tick("all " + step.key().id(), run, step, 5, Way.BATCH));
        assertThat(runs.get(run.id()).progress().cards().made()).isEqualTo(5);
        assertThat(stockroom.onHand().values())
                .containsExactly(each.multipliedBy(3).toTicks());
        bench.takeBack(run, steps.get(0).key(), Way.BATCH);
        assertThat(runs.get(run.id()).progress().cards().made()).isZero();
        assertThat(stockroom.onHand().values())
                .containsExactly(each.multipliedBy(8).toTicks());
    }

    /** A list of sheets is ticked off as long as it is that list; what was made of the pieces is made, whatever is planned anew. */
    @Test
    void ticksOutliveANewPlanWhereTheirStepDoes() {
        KeptRun run = runs.settle(card("Kite", 4));
        BenchStep cut = runs.bench(run, Way.BATCH).at(BenchStation.TRIM).get(0);
        BenchStep made = made(run, 1);
        bench.tick("cut", run, cut, cut.due(), Way.BATCH);
        bench.tick("made", run, made, 4, Way.BATCH);
        KeptRun begun = runs.get(run.id());
        KeptRun planned = runs.replan(run.id(), begun.version(), true);
        assertThat(planned.progress().steps()).isEqualTo(Map.of(made.key(), 4));
        // What was cut by the lists before is not taken back from these.
        assertThat(bench.last(planned, cut.key())).isEmpty();
        assertThat(bench.takeBack(planned, cut.key(), Way.BATCH)).isFalse();
        assertThat(bench.takeBack(planned, made.key(), Way.BATCH)).isTrue();
    }

    /** A timer runs on over a restart; what it told is kept with the tick, and goes with it. */
    @Test
    void whatWasTimedIsWhatTheMakerTakes() {
        KeptRun run = runs.settle(card("Kite", 8));
        BenchStep step = made(run, 1);
        bench.time(run, step.key(), true);
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:04:00Z"));
        bench.time(run, step.key(), true);
        bench.tick("timed", run, step, 8, Way.BATCH);
        assertThat(bench.timer(run, step.key())).isEmpty();
        assertThat(bench.pace().of(step.timedAs(), 8, 9)).isEqualTo(new Pace.Minutes(0.5, 1));
        bench.takeBack(run, step.key(), Way.BATCH);
        assertThat(bench.pace()).isEqualTo(Pace.UNKNOWN);
        bench.time(run, step.key(), true);
        bench.time(run, step.key(), false);
        assertThat(bench.timer(run, step.key())).isEmpty();
    }

    @Test
    void cuttingMoreThanThereIsIsBookedOnlyAsFound() {
        KeptRun run = runs.settle(card("Kite", 14));
        assertThat(cut(run, "A", 14)).isInstanceOf(TooFew.class);
        assertThat(runs.get(run.id()).progress().isBegun()).isFalse();
        assertThat(runs.cut(runs.nextCut(run, "A"), run, Map.of("A", 14), true)).isInstanceOf(Done.class);
        assertThat(onHand()).isZero();
    }

    /** Two people cut one run: whoever is second is told, and no sheet is cut twice. */
    @Test
    void twoPeopleCutOneRun() throws InterruptedException, ExecutionException {
        KeptRun run = runs.settle(card("Kite", 8));
        BookingKey key = runs.nextCut(run, "A");
        ExecutorService people = Executors.newFixedThreadPool(6);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Booked>> answers = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            answers.add(people.submit(() -> {
                start.await();
                return runs.cut(key, run, Map.of("A", 8), false);
            }));
        }
        start.countDown();
        List<Booked> booked = new ArrayList<>();
        for (Future<Booked> each : answers) {
            booked.add(each.get());
        }
        people.shutdown();
        assertThat(booked).containsOnlyOnce(new Done(key));
        assertThat(onHand()).isEqualTo(2);
        assertThat(runs.left(runs.get(run.id()))).isEmpty();
    }

    /** Any course of cutting, taking back and planning anew: sheets on hand and cut add up to what there was. */
    @Test
    void whateverIsDoneTheSheetsAddUp() {
        for (int seed = 0; seed < 6; seed++) {
            tenSheets();
            stockroom.count(Stockroom.newKey(), new StockItem.Sheets(STOCK), 60);
            Random random = new Random(seed);
            StoredDesign card = card("Kite", 20);
            KeptRun run = runs.settle(card);
            Map<BookingKey, Integer> standing = new HashMap<>();
            for (int step = 0; step < 25; step++) {
                int choice = random.nextInt(6);
                Runs service = random.nextInt(4) == 0 ? startedAnew() : runs;
                KeptRun now = service.get(run.id());
                if (choice < 3) {
                    int sheets = 1 + random.nextInt(4);
                    BookingKey key = service.nextCut(now, "A");
                    if (service.cut(key, now, Map.of("A", sheets), false) instanceof Done) {
                        standing.put(key, sheets);
                    }
                } else if (choice == 3 && !standing.isEmpty()) {
                    BookingKey key = standing.keySet().iterator().next();
                    if (stockroom.takeBack(key) instanceof Done) {
                        standing.remove(key);
                    }
                } else if (choice == 4) {
                    card = changed(card, 10 + random.nextInt(20));
                    service.replan(now.id(), now.version(), true);
                } else if (choice == 5) {
                    service.replan(now.id(), now.version(), false);
                }
                int cut = standing.values().stream().mapToInt(Integer::intValue).sum();
                assertThat(onHand()).as("seed %s, step %s", seed, step).isEqualTo(60 - cut);
            }
        }
    }

    /** What is cut stays cut: the card of more takes as many sheets more, and the rest is planned for what is left. */
    @Test
    void theRestIsPlannedAnewWithTheCardsAsTheyAre() {
        StoredDesign card = card("Kite", 8);
        KeptRun run = runs.settle(card);
        cut(run, "A", 5);
        changed(card, 12);
        KeptRun now = runs.get(run.id());
        KeptRun planned = runs.replan(now.id(), now.version(), true);
        assertThat(runs.left(planned)).isEqualTo(Map.of("A", 7));
        assertThat(planned.cards()).isEqualTo(12);
        assertThat(planned.progress().before()).isEqualTo(5);
        assertThat(planned.standing()).isEqualTo("begun");
        assertThat(runs.changes(planned)).isEmpty();
        assertThat(runs.plan(planned)
                        .bench()
                        .score()
                        .settings()
                        .get(0)
                        .steps()
                        .get(0)
                        .count())
                .isEqualTo(12);
        assertThatThrownBy(() -> runs.replan(now.id(), now.version(), true)).isInstanceOf(StaleItemException.class);
        assertThat(runs.cut(new BookingKey("late"), now, Map.of("A", 1), false)).isInstanceOf(Unknown.class);
    }

    @Test
    void aCuttingDayFollowsItsCardsUntilItIsSettled() {
        StoredDesign kite = card("Kite", 2);
        StoredDesign sail = card("Sail", 2);
        KeptRun day = runs.keep(
                "Market",
                List.of(new Line(kite.id(), new Copies(3, 1)), new Line(sail.id(), new Copies(2, 0))),
                Thrift.LEAST_COST);
        assertThat(runs.plan(day).sheets().sheets()).isEqualTo(6);
        KeptRun more = runs.change(
                day.id(), day.version(), "Fair", List.of(new Line(kite.id(), new Copies(5, 0))), Thrift.FEWEST_SHEETS);
        assertThat(runs.plan(more).sheets().sheets()).isEqualTo(5);
        assertThatThrownBy(() -> runs.change(day.id(), day.version(), "Late", day.lines(), day.thrift()))
                .isInstanceOf(StaleItemException.class);
        assertThatThrownBy(() -> runs.settle(day.id(), day.version())).isInstanceOf(StaleItemException.class);
        KeptRun settled = runs.settle(more.id(), more.version());
        assertThat(settled.state()).isEqualTo(RunState.SETTLED);
        assertThatThrownBy(() -> runs.settle(settled.id(), settled.version())).isInstanceOf(StaleItemException.class);
        designs.remove(kite.id());
        assertThat(runs.plan(settled).sheets().sheets()).isEqualTo(5);
        KeptRun other = runs.keep("Gone", List.of(new Line(kite.id(), new Copies(1, 0))), Thrift.FEWEST_SHEETS);
        assertThat(runs.hasCards(other)).isFalse();
        assertThatThrownBy(() -> runs.plan(other)).isInstanceOf(NoSuchDesignException.class);
    }

    /** Even where one card is left of it: neither that card's count nor its lists, printed, reach a day that is settled. */
    @Test
    void aCuttingDayOfOneCardHasItsOwnCount() {
        StoredDesign kite = card("Kite", 2);
        KeptRun open = runs.keep("Fair", List.of(new Line(kite.id(), new Copies(5, 0))), Thrift.FEWEST_SHEETS);
        KeptRun day = runs.settle(open.id(), open.version());
        assertThat(runs.changes(day)).isEmpty();
        assertThat(runs.settle(kite).id()).isNotEqualTo(day.id());
        assertThat(runs.get(day.id())).isEqualTo(day);
        KeptRun planned = runs.replan(day.id(), day.version(), true);
        assertThat(runs.left(planned)).isEqualTo(Map.of("A", 5));
        assertThat(runs.changes(planned)).isEmpty();
    }

    @Test
    void aRunIsDonePutAwayAndTakenUpAgain() {
        KeptRun run = runs.settle(card("Kite", 8));
        KeptRun worked = runs.work(run.id(), run.version(), new Cards(3, 0, 2));
        assertThat(worked.progress().cards().made()).isEqualTo(2);
        assertThat(worked.standing()).isEqualTo("begun");
        KeptRun done = runs.move(run.id(), worked.version(), RunState.DONE);
        assertThat(runs.underWay(run.lines().get(0).card())).isEmpty();
        KeptRun away = runs.move(run.id(), done.version(), RunState.PUT_AWAY);
        KeptRun again = runs.move(run.id(), away.version(), RunState.SETTLED);
        assertThat(again.progress()).isEqualTo(worked.progress());
        KeptRun day = runs.keep("Market", run.lines(), Thrift.FEWEST_SHEETS);
        KeptRun dayAway = runs.move(day.id(), day.version(), RunState.PUT_AWAY);
        assertThat(runs.move(day.id(), dayAway.version(), RunState.SETTLED).state())
                .isEqualTo(RunState.OPEN);
        assertThatThrownBy(() -> runs.get("none")).isInstanceOf(NoSuchRunException.class);
    }

    /** The paper is deleted while the run is begun: what was cut stays booked, and no more is cut of what is not there. */
    @Test
    void aPaperThatIsDeletedLeavesTheRunStanding() {
        KeptRun run = runs.settle(card("Kite", 8));
        cut(run, "A", 2);
        inventory.remove(STOCK);
        KeptRun now = runs.get(run.id());
        assertThat(runs.plan(now).sheets().sheets()).isEqualTo(8);
        assertThat(cut(now, "A", 1)).isInstanceOf(TooFew.class);
    }

    @Test
    void whatCannotBeReadIsToldAndTakesNothingElseDown() {
        KeptRun run = runs.settle(card("Kite", 8));
        jdbc.update("update run set document = '{\"format\":\"kwibbet-run\"' where id = ?", run.id());
        assertThatThrownBy(() -> startedAnew().plan(run)).isInstanceOf(DamagedRunException.class);
        assertThat(startedAnew().followed(run.lines().get(0).card()))
                .singleElement()
                .satisfies(each -> assertThat(each.changes()).isEmpty());
        assertThat(runs.all()).hasSize(1);
    }

    /** Not begun, it is settled anew by the next print. */
    @Test
    void listsWithoutAPlanOfTheirSheetsAreToldLikewise() {
        StoredDesign card = card("Kite", 8);
        KeptRun run = runs.settle(card);
        assertThat(jdbc.update(
                        "update run set document = regexp_replace(document, '\"plans\":.*$', '\"plans\":{}}') where id = ?",
                        run.id()))
                .isEqualTo(1);
        assertThatThrownBy(() -> startedAnew().plan(run))
                .isInstanceOf(DamagedRunException.class)
                .hasMessageContaining("no plan for stock");
        KeptRun again = startedAnew().settle(card);
        assertThat(again.id()).isEqualTo(run.id());
        assertThat(startedAnew().plan(again).sheets().sheets()).isEqualTo(8);
    }
}
