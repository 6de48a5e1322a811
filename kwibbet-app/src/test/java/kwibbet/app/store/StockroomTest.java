package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

import javax.sql.DataSource;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.app.store.Stockroom.Already;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.store.Stockroom.Done;
import kwibbet.app.store.Stockroom.TooFew;
import kwibbet.app.store.Stockroom.Unknown;
import kwibbet.bench.RunPlan;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.card.Tape;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory: what is on hand is the sum of what came and went, whoever asks how often. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:stockroom;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({DesignStore.class, Inventory.class, Room.class, StockBook.class, Stockroom.class})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class StockroomTest {

    private static final PaperId STOCK = new PaperId("stock");
    private static final StockItem SHEETS = new StockItem.Sheets(STOCK);

    @Autowired
    private Inventory inventory;

    @Autowired
    private Stockroom stockroom;

    @Autowired
    private StockBook book;

    @Autowired
    private JdbcTemplate jdbc;

    @MockitoBean
    private Clock clock;

    @BeforeEach
    void tenSheets() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        inventory.replaced(() -> {
            List.of("booking", "stock_movement", "offcut", "paper", "tape")
                    .forEach(table -> jdbc.update("delete from " + table));
            return true;
        });
        inventory.save(Samples.paper(STOCK.value(), "Stock", Length.ofMillimetres(3, 10)));
    }

    private SheetPlan plan(int cards) {
        return RunPlan.of(
                        new RunLine(
                                CardMaker.make(Samples.design("Card"), Materials.USUAL)
                                        .orThrow(),
                                new Copies(cards, 0)),
                        inventory.shelf(),
                        Thrift.FEWEST_SHEETS,
                        Toolbox.GENERIC)
                .sheets();
    }

    private Booked cut(BookingKey key, SheetPlan plan, boolean isFound) {
        return stockroom.cut(Booking.ofCut(key, "run", "Card", plan, plan.copies()), isFound, () -> {});
    }

    private int onHand() {
        return inventory.shelf().find(STOCK).orElseThrow().onHand();
    }

    private Booked bought(String key, int sheets) {
        return stockroom.book(Booking.of(new BookingKey(key), "bought", SHEETS, sheets, Reason.BOUGHT));
    }

    /** 10 on hand, 400 marked as cut, taken back: there were 400 then. */
    @Test
    void cuttingMoreThanThereIsSaysByHowManyAndTakingItBackInventsNothing() {
        SheetPlan plan = plan(400);
        BookingKey key = new BookingKey("cut 1");
        Booked refused = cut(key, plan, false);
        assertThat(refused).isInstanceOf(TooFew.class);
        assertThat(((TooFew) refused).shortages()).singleElement().satisfies(shortage -> {
            assertThat(shortage.item()).isEqualTo(SHEETS);
            assertThat(shortage.missing()).isEqualTo(plan.sheets() - 10);
        });
        assertThat(onHand()).isEqualTo(10);
        assertThat(inventory.shelf().drawer()).isEmpty();

        assertThat(cut(key, plan, true)).isEqualTo(new Done(key));
        assertThat(onHand()).isZero();
        assertThat(stockroom.entries(STOCK))
                .extracting(entry -> entry.movement().reason())
                .contains(Reason.FOUND, Reason.CUT, Reason.PUT_IN);
        assertThat(stockroom.takeBack(key)).isInstanceOf(Done.class);
        assertThat(onHand()).isEqualTo(10);
        assertThat(inventory.shelf().drawer()).isEmpty();
    }

    /** From two tabs, by a double click, or because the answer was lost. */
    @Test
    void twoSubmissionsAtOnceTakeARunOnce() throws InterruptedException, ExecutionException {
        SheetPlan plan = plan(3);
        BookingKey key = new BookingKey("cut 1");
        ExecutorService tabs = Executors.newFixedThreadPool(8);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Booked>> answers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            answers.add(tabs.submit(() -> {
                start.await();
                return cut(key, plan, false);
            }));
        }
        start.countDown();
        List<Booked> booked = new ArrayList<>();
        for (Future<Booked> each : answers) {
            booked.add(each.get());
        }
        tabs.shutdown();
        assertThat(booked)
                .containsOnlyOnce(new Done(key))
                .filteredOn(new Already(key)::equals)
                .hasSize(7);
        assertThat(onHand()).isEqualTo(7);
        assertThat(stockroom.takeBack(key)).isInstanceOf(Done.class);
        assertThat(stockroom.takeBack(key)).isInstanceOf(Already.class);
        assertThat(onHand()).isEqualTo(10);
    }

    /** As a maker says it: more was bought, fewer are spoilt, so many were counted; too many spoilt are told. */
    @Test
    void whatAMakerSaysIsBooked() {
        assertThat(stockroom.said(new BookingKey("one"), SHEETS, Reason.BOUGHT, 5))
                .isInstanceOf(Done.class);
        assertThat(stockroom.said(new BookingKey("two"), SHEETS, Reason.SPOILT, 2))
                .isInstanceOf(Done.class);
        assertThat(onHand()).isEqualTo(13);
        assertThat(stockroom.said(new BookingKey("three"), SHEETS, Reason.SPOILT, 14))
                .isInstanceOf(TooFew.class);
        assertThat(stockroom.said(new BookingKey("four"), SHEETS, Reason.COUNTED, 4))
                .isInstanceOf(Done.class);
        assertThat(onHand()).isEqualTo(4);
    }

    /** Tape adds up like sheets, to the tick: each height for itself, flat tape for itself, and never below nothing. */
    @Test
    void tapeIsKeptByItsLength() {
        StockItem.Goods flat = new StockItem.Taped(new Tape.Flat());
        StockItem.Goods low = new StockItem.Taped(new Tape.Foam(Length.ofMillimetres(1)));
        StockItem.Goods high = new StockItem.Taped(new Tape.Foam(Length.ofInches(1, 8)));
        Length roll = Length.ofInches(360);
        Length odd = Length.ofTicks(7);
        stockroom.book(Booking.of(new BookingKey("roll"), "bought", flat, roll.toTicks(), Reason.BOUGHT));
        stockroom.book(Booking.of(new BookingKey("foam"), "bought", high, roll.toTicks(), Reason.BOUGHT));
        stockroom.book(Booking.of(new BookingKey("bit"), "spoilt", flat, -odd.toTicks(), Reason.SPOILT));
        assertThat(stockroom.book(Booking.of(new BookingKey("low"), "spoilt", low, -1, Reason.SPOILT)))
                .isInstanceOf(TooFew.class);
        assertThat(stockroom.onHand())
                .containsExactly(Map.entry(flat, roll.minus(odd).toTicks()), Map.entry(high, roll.toTicks()));
        assertThat(stockroom.takeBack(new BookingKey("roll"))).isInstanceOf(TooFew.class);
        stockroom.takeBack(new BookingKey("bit"));
        stockroom.count(Stockroom.newKey(), high, 0);
        assertThat(stockroom.onHand().values()).containsExactly(roll.toTicks(), 0L);
        assertThat(stockroom.entries(flat)).hasSize(3);
        assertThat(stockroom.entries(high).get(0).movement())
                .isEqualTo(new Movement(high, -roll.toTicks(), Reason.COUNTED));
        assertThat(stockroom.entries(STOCK)).hasSize(1);
    }

    @Test
    void whatIsUsedSinceIsNotTakenBack() {
        bought("pack", 25);
        stockroom.count(Stockroom.newKey(), SHEETS, 5);
        assertThat(stockroom.takeBack(new BookingKey("pack"))).isInstanceOf(TooFew.class);
        assertThat(onHand()).isEqualTo(5);
        assertThat(stockroom.takeBack(new BookingKey("nothing"))).isInstanceOf(Unknown.class);
        bought("more", 1);
        stockroom.takeBack(new BookingKey("more"));
        assertThat(stockroom.takeBack(new BookingKey("more").back())).isInstanceOf(Unknown.class);
        assertThat(onHand()).isEqualTo(5);
    }

    /** An old page would put back what was cut in the meantime. */
    @Test
    void aPaperThatIsRenamedKeepsWhatIsOnHandUnlessItWasCounted() {
        Paper seen = inventory.shelf().find(STOCK).orElseThrow();
        cut(new BookingKey("cut 1"), plan(3), false);
        inventory.save(seen, inventory.versionOf(STOCK), 10);
        assertThat(onHand()).isEqualTo(7);
        inventory.save(seen.withOnHand(12), inventory.versionOf(STOCK), 10);
        assertThat(onHand()).isEqualTo(12);
        assertThat(stockroom.entries(STOCK).get(0).movement().reason()).isEqualTo(Reason.COUNTED);
        assertThat(stockroom.entries(STOCK).get(0).movement().amount()).isEqualTo(5);
    }

    /** Its sheets and leftovers went with it. */
    @Test
    void aPaperLaidInAnewHasNothingOfTheOneBefore() {
        cut(new BookingKey("cut 1"), plan(3), false);
        List<Offcut> before = inventory.shelf().drawer();
        inventory.remove(STOCK);
        inventory.save(Samples.paper(STOCK.value(), "Stock", Length.ofMillimetres(3, 10))
                .withOnHand(2));
        assertThat(onHand()).isEqualTo(2);
        assertThat(inventory.shelf().drawer()).isEmpty();
        stockroom.putIn(Stockroom.newKey(), before.get(0));
        assertThat(inventory.shelf().drawer().get(0).count())
                .isEqualTo(before.get(0).count());
    }

    /** A name for which there is no room: the movements before it are not there either. */
    @Test
    void aBookingIsWholeOrNotThere() {
        Booking good = Booking.of(new BookingKey("good"), "x".repeat(300), SHEETS, 3, Reason.BOUGHT);
        assertThatThrownBy(() -> stockroom.book(good)).isInstanceOf(DataIntegrityViolationException.class);
        assertThat(onHand()).isEqualTo(10);
        Booking bad = new Booking(
                new BookingKey("bad"),
                "bought",
                Optional.empty(),
                List.of(
                        new Movement(SHEETS, 3, Reason.BOUGHT),
                        new Movement(new StockItem.Sheets(new PaperId("x".repeat(130))), 3, Reason.BOUGHT)));
        assertThatThrownBy(() -> stockroom.book(bad)).isInstanceOf(DataIntegrityViolationException.class);
        assertThat(onHand()).isEqualTo(10);
        assertThat(bought("bad", 4)).isInstanceOf(Done.class);
    }

    /** Any interleaving of bookings, undos, retries and new starts adds up to what is kept by hand beside it. */
    @Test
    void anyCourseOfBookingsAddsUpToALedgerKeptByHand() {
        for (int seed = 0; seed < 12; seed++) {
            tenSheets();
            Random random = new Random(seed);
            Map<String, Integer> byHand = new HashMap<>();
            Set<String> back = new HashSet<>();
            List<String> keys = new ArrayList<>();
            int sum = 10;
            for (int step = 0; step < 60; step++) {
                int amount = random.nextInt(15) - 7;
                int choice = random.nextInt(6);
                Stockroom room = random.nextInt(5) == 0 ? new Stockroom(inventory, book) : stockroom;
                if (choice < 3 || keys.isEmpty()) {
                    String key = "step " + step;
                    if (amount != 0 && sum + amount >= 0) {
                        keys.add(key);
                        byHand.put(key, amount);
                        sum += amount;
                    }
                    room.book(Booking.of(new BookingKey(key), "step", SHEETS, amount, Reason.BOUGHT));
                } else {
                    String key = keys.get(random.nextInt(keys.size()));
                    if (choice == 3) {
                        room.book(Booking.of(new BookingKey(key), "again", SHEETS, amount, Reason.BOUGHT));
                    } else if (!back.contains(key) && sum - byHand.getOrDefault(key, 0) >= 0) {
                        back.add(key);
                        sum -= byHand.getOrDefault(key, 0);
                        room.takeBack(new BookingKey(key));
                    } else {
                        room.takeBack(new BookingKey(key));
                    }
                }
                assertThat(onHand()).as("seed %s, step %s", seed, step).isEqualTo(sum);
            }
            List<StockEntry> entries = stockroom.entries(STOCK);
            assertThat(entries.get(0).onHand()).isEqualTo(sum);
            assertThat(entries.stream()
                            .mapToLong(entry -> entry.movement().amount())
                            .sum())
                    .isEqualTo(sum);
            assertThat(entries.stream().filter(StockEntry::isTakenBack)).hasSameSizeAs(back);
        }
    }

    /** What was on hand in data of a release before is what the ledger begins with; lengths are as long as they were. */
    @Test
    void dataOfBeforeBeginsTheLedger() {
        DataSource old = new SingleConnectionDataSource("jdbc:h2:mem:before-the-ledger", "kwibbet", "", true);
        Flyway.configure().dataSource(old).target("12").load().migrate();
        JdbcTemplate before = new JdbcTemplate(old);
        before.update(
                "insert into paper (id, place, name, kind, sheet_width, sheet_height, measure_system, colour, pattern, grain,"
                        + " weight, caliper, on_hand, cents, margin, version) values ('dusk', 0, 'Dusk', 'CARD_STOCK', 100, 200, 'INCH',"
                        + " '#000000', 'PLAIN', 'UNKNOWN', 200, 3, 37, 0, 0, 0), ('dawn', 1, 'Dawn', 'CARD_STOCK', 100, 200, 'INCH',"
                        + " '#000000', 'PLAIN', 'UNKNOWN', 200, 3, 0, 0, 0, 0)");
        before.update(
                "insert into offcut (id, paper, width, height, pieces, version) values ('strip', 'dusk', 50, 80, 4, 0)");
        before.update(
                "insert into toolbox (id, trimmer_name, longest_cut, trimmer_step, sheets_at_once, board_name, board_width,"
                        + " grooves, version) values (1, 'T', 1463040, 7620, 2, 'B', 1463040, '15240/0/1463040 7620', 0)");
        Flyway.configure().dataSource(old).load().migrate();
        StockBook ledger = new StockBook(before, clock);
        assertThat(ledger.levels().of(new StockItem.Sheets(new PaperId("dusk"))))
                .isEqualTo(37);
        assertThat(ledger.levels().of(new StockItem.Sheets(new PaperId("dawn"))))
                .isZero();
        assertThat(ledger.entries(new PaperId("dusk")))
                .hasSize(2)
                .allMatch(StockEntry::isOpening)
                .noneMatch(StockEntry::canBeTakenBack)
                .extracting(StockEntry::onHand)
                .containsExactlyInAnyOrder(37L, 4L);
        assertThat(before.queryForList("select id from offcut", String.class)).containsExactly("strip");
        assertThat(before.queryForMap("select sheet_width, sheet_height, caliper from paper where id = 'dusk'"))
                .containsValues(800L, 1600L, 24L);
        assertThat(before.queryForMap("select width, height from offcut")).containsValues(400L, 640L);
        assertThat(before.queryForMap("select longest_cut, grooves from toolbox"))
                .containsValues(11_704_320L, "15240:121920/0:121920/1463040:121920 7620:121920");
    }
}
