package kwibbet.app.store;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
import kwibbet.card.Copies;
import kwibbet.kit.Extra;
import kwibbet.kit.Kit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.Purchase;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Slot;
import kwibbet.kit.Venue;
import kwibbet.kit.Who;
import kwibbet.lesson.Classroom;
import kwibbet.lesson.Happening;
import kwibbet.making.Station;
import kwibbet.measure.Length;
import kwibbet.run.RunState;
import kwibbet.stock.BookingKey;
import kwibbet.stock.StockItem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory: a class and its run stay together until its lists are settled, and no change is lost. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:kits;DB_CLOSE_DELAY=-1")
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
    Kits.class,
    LessonBook.class,
    Lessons.class,
    Runs.class,
    PlanBook.class,
    Prices.class,
    Workshop.class
})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class KitsTest {

    @Autowired
    private Inventory inventory;

    @Autowired
    private DesignStore designs;

    @Autowired
    private Runs runs;

    @Autowired
    private Kits kits;

    @Autowired
    private Lessons lessons;

    @Autowired
    private JdbcTemplate jdbc;

    @MockitoBean
    private Clock clock;

    @Autowired
    private Stockroom stockroom;

    private static final StockItem.Goods ENVELOPE = new StockItem.Named("envelope", StockItem.Measure.COUNT);

    private StoredDesign card;

    @BeforeEach
    void aCard() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        inventory.replaced(() -> {
            List.of(
                            "goods",
                            "goods_price",
                            "lesson_told",
                            "learner_timing",
                            "kit",
                            "kit_state",
                            "run_cut",
                            "run_line",
                            "run",
                            "booking",
                            "stock_movement",
                            "offcut",
                            "paper")
                    .forEach(table -> jdbc.update("delete from " + table));
            return true;
        });
        inventory.save(Samples.paper("stock", "Stock", Length.ofMillimetres(3, 10)));
        card = designs.create(Samples.run("Kite"));
    }

    private Kit kit(int bags) {
        Meeting meeting = new Meeting(
                new Slot(LocalDate.of(2027, 3, 20), LocalTime.of(14, 0), 60, 10),
                Venue.of("Yard", Map.of(SharedTool.BOARD, 1)),
                LearnerPace.USUAL,
                120);
        return new Kit(
                "Evening",
                Kit.Contents.of(List.of(new Kit.Line(card.id(), 1))),
                new Kit.Bags(bags, 1),
                Sharing.NONE,
                Optional.of(meeting),
                Pricing.NONE);
    }

    private KeptRun run(KeptKit kept) {
        return runs.get(kept.run());
    }

    @Test
    void theRunFollowsItsClassThroughUndoAndRedo() {
        KeptKit kept = kits.keep(kit(12));
        assertThat(run(kept).lines()).containsExactly(new KeptRun.Line(card.id(), new Copies(12, 1)));
        KeptKit more = kits.change(kept.id(), kept.version(), kit(14));
        KeptKit shared =
                kits.change(kept.id(), more.version(), more.kit().with(Sharing.NONE.with(Station.BOARD, Who.MAKER)));
        assertThat(run(shared).cards()).isEqualTo(15);
        KeptKit back =
                kits.undo(kept.id(), kits.undo(kept.id(), shared.version()).version());
        assertThat(back.kit()).isEqualTo(kit(12));
        assertThat(back.hasEarlier()).isFalse();
        assertThat(run(back).cards()).isEqualTo(13);
        KeptKit again = kits.redo(kept.id(), back.version());
        assertThat(again.kit()).isEqualTo(kit(14));
        assertThat(again.hasLater()).isTrue();
        // A change after undo takes the place of what was taken back.
        KeptKit other = kits.change(kept.id(), again.version(), kit(9));
        assertThat(other.hasLater()).isFalse();
        assertThat(kits.undo(kept.id(), other.version()).kit()).isEqualTo(kit(14));
        assertThat(kits.ofRun(kept.run())).map(KeptKit::id).contains(kept.id());
    }

    /** Two more come when the lists are settled: they stay, the difference is told, and is planned only when the maker says so. */
    @Test
    void aLateChangeIsTheDifferenceOnly() {
        KeptKit kept = kits.keep(kit(12));
        KeptRun settled = runs.settle(kept.run(), run(kept).version());
        assertThat(runs.changes(settled)).isEmpty();
        kits.change(kept.id(), kept.version(), kit(14));
        assertThat(run(kept).cards()).isEqualTo(13);
        assertThat(run(kept).state()).isEqualTo(RunState.SETTLED);
        assertThat(runs.changes(run(kept))).singleElement().satisfies(change -> assertThat(change.count())
                .isEqualTo(2));
        KeptRun anew = runs.replan(kept.run(), run(kept).version(), true);
        assertThat(anew.cards()).isEqualTo(15);
        assertThat(runs.changes(anew)).isEmpty();
    }

    @Test
    void whoeverIsSecondIsTold() {
        KeptKit kept = kits.keep(kit(12));
        kits.change(kept.id(), kept.version(), kit(14));
        assertThatThrownBy(() -> kits.change(kept.id(), kept.version(), kit(3))).isInstanceOf(StaleItemException.class);
        assertThatThrownBy(() -> kits.undo(kept.id(), kept.version())).isInstanceOf(StaleItemException.class);
        assertThat(kits.get(kept.id()).kit()).isEqualTo(kit(14));
        assertThatThrownBy(() -> kits.get("none")).isInstanceOf(NoSuchKitException.class);
    }

    /** What one class needs another cannot count on, until it is cut or put away. */
    @Test
    void whatOthersNeedIsReserved() {
        KeptKit first = kits.keep(kit(12));
        KeptKit second = kits.keep(kit(5));
        KitSupplies alone =
                kits.supplies(kits.putAway(first.id(), first.version(), true)).orElseThrow();
        KeptKit back = kits.putAway(first.id(), first.version() + 1, false);
        Purchase sheets = sheets(second);
        BigDecimal ofFirst = alone.papers().get(0).purchase().need();
        assertThat(sheets.reserved()).isEqualByComparingTo(ofFirst);
        assertThat(sheets.missing())
                .isEqualByComparingTo(
                        sheets.need().add(ofFirst).subtract(sheets.onHand()).max(BigDecimal.ZERO));
        KeptRun settled = runs.settle(back.run(), run(back).version());
        runs.cut(runs.nextCut(settled, "all"), settled, runs.left(settled), true);
        assertThat(sheets(second).reserved()).isEqualByComparingTo(BigDecimal.ZERO);
        assertThat(sheets(second).onHand()).isLessThan(sheets.onHand());
        // What is cut need not be bought again.
        assertThat(sheets(back).need()).isEqualByComparingTo(BigDecimal.ZERO);
    }

    private Purchase sheets(KeptKit kept) {
        return kits.supplies(kept).orElseThrow().papers().get(0).purchase();
    }

    private long envelopes() {
        return stockroom.onHand().getOrDefault(ENVELOPE, 0L);
    }

    private KeptKit withEnvelopes(int bags) {
        Kit plain = kit(bags);
        List<Extra> extras = List.of(new Extra("envelope", 2, Extra.Pack.ONE), new Extra("label", 1, Extra.Pack.ONE));
        return kits.keep(new Kit(
                plain.name(),
                new Kit.Contents(plain.lines(), extras),
                new Kit.Bags(bags, 1),
                plain.sharing(),
                plain.meeting(),
                plain.pricing()));
    }

    /** Envelopes that are kept are reserved for the class that needs them, and leave the shelf when its bags are packed, once; labels are not kept. */
    @Test
    void whatGoesIntoBagsIsTakenWhenTheyArePacked() {
        KeptKit kept = withEnvelopes(12);
        assertThat(kits.packing(kept).orElseThrow().more()).isEmpty();
        stockroom.count(Stockroom.newKey(), ENVELOPE, 30);
        KeptKit other = withEnvelopes(3);
        KitSupplies.Needed needed = needed(other);
        assertThat(needed.purchase().reserved()).isEqualByComparingTo("26");
        assertThat(needed.isMissing()).isTrue();
        BookingKey key = Stockroom.newKey();
        assertThat(kits.pack(kept, key, false)).isInstanceOf(Stockroom.Done.class);
        assertThat(kits.pack(kept, key, false)).isInstanceOf(Stockroom.Already.class);
        assertThat(envelopes()).isEqualTo(4);
        assertThat(kits.packing(kept).orElseThrow().more()).isEmpty();
        assertThat(needed(other).purchase().reserved()).isEqualByComparingTo("0");
        // Three bags and a spare take eight, of which there are four.
        assertThat(kits.pack(other, Stockroom.newKey(), false)).isInstanceOf(Stockroom.TooFew.class);
        assertThat(envelopes()).isEqualTo(4);
        assertThat(kits.pack(other, Stockroom.newKey(), true)).isInstanceOf(Stockroom.Done.class);
        assertThat(envelopes()).isZero();
        // Two learners less: what is in their bags goes back; then all of it.
        KeptKit fewer = kits.change(kept.id(), kept.version(), kept.kit().withBags(10));
        assertThat(kits.packing(fewer).orElseThrow().more()).isEqualTo(Map.of(ENVELOPE, -4L));
        kits.pack(fewer, Stockroom.newKey(), false);
        assertThat(envelopes()).isEqualTo(4);
        kits.unpack(fewer, Stockroom.newKey());
        assertThat(envelopes()).isEqualTo(26);
        assertThat(kits.packing(fewer).orElseThrow().isBegun()).isFalse();
    }

    /** A new card goes into the bags, or it is not there at all. */
    @Test
    void aCardIsPutBesideAnotherOrNotKept() {
        KeptKit kept = kits.keep(kit(12));
        StoredDesign beside = kits.putBeside(kept.id(), kept.version(), card.id(), Samples.run("Sleeve"));
        assertThat(kits.get(kept.id()).kit().lines())
                .containsExactly(new Kit.Line(card.id(), 1), new Kit.Line(beside.id(), 1));
        assertThat(run(kept).cards()).isEqualTo(26);
        int before = designs.all().size();
        assertThatThrownBy(() -> kits.putBeside(kept.id(), kept.version(), card.id(), Samples.run("Late")))
                .isInstanceOf(StaleItemException.class);
        assertThat(designs.all()).hasSize(before);
    }

    private KitSupplies.Needed needed(KeptKit kept) {
        return kits.supplies(kept).orElseThrow().goods().stream()
                .filter(each -> each.goods().equals(ENVELOPE))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCardThatIsOffTheShelfIsLeftOut() {
        KeptKit kept = kits.keep(kit(12));
        assertThat(kits.planned(kept.kit()).orElseThrow().fit()).isPresent();
        designs.remove(card.id());
        assertThat(kits.plan(kept.kit())).isEmpty();
        KeptKit away = kits.putAway(kept.id(), kept.version(), true);
        assertThat(away.isAway()).isTrue();
        assertThat(away.kit()).isEqualTo(kept.kit());
    }

    /** What cannot be read is counted, and does not hide the others. */
    @Test
    void aKitThatCannotBeReadIsTold() {
        KeptKit kept = kits.keep(kit(3));
        KeptKit other = kits.keep(kit(4));
        inventory.replaced(() -> jdbc.update(
                "update kit_state set document = '{\"format\": \"kwibbet-kit\", \"version\": 99}' where kit = ?",
                kept.id()));
        assertThat(kits.unreadable()).isEqualTo(1);
        assertThat(kits.all()).extracting(KeptKit::id).containsExactly(other.id());
    }

    private void itIs(int minute) {
        Mockito.when(clock.instant())
                .thenReturn(Instant.parse("2026-03-20T14:00:00Z").plusSeconds(60L * minute));
    }

    /** What is told under one key is told once; a class that is over teaches the next plan, until it is taught again. */
    @Test
    void aClassThatWasTaughtTeachesTheNext() {
        KeptKit kept = kits.keep(kit(4));
        itIs(0);
        lessons.begin("one", kept.id());
        String before = lessons.mark(kept);
        itIs(30);
        Classroom.Step first = lessons.classroom(kept).orElseThrow().onward().orElseThrow();
        lessons.doneByAll("two", kept, first);
        Classroom.Step second =
                lessons.classroom(kept).orElseThrow().seats().get(0).next().orElseThrow();
        itIs(37);
        Happening.Done done = new Happening.Done("Table 1", second.id(), clock.instant());
        assertThat(lessons.tell("three", kept.id(), at -> done)).isTrue();
        itIs(50);
        assertThat(lessons.tell("three", kept.id(), at -> new Happening.Shown("", at)))
                .isFalse();
        assertThat(lessons.mark(kept)).isNotEqualTo(before);
        assertThat(lessons.classroom(kept).orElseThrow().shown()).isEmpty();
        assertThat(kits.plan(kit(4)).orElseThrow().learned()).isZero();
        lessons.end("four", kept, true);
        assertThat(lessons.lesson(kept.id()).isGoingOn()).isFalse();
        KitPlan next = kits.plan(kit(4)).orElseThrow();
        assertThat(next.learned()).isEqualTo(1);
        assertThat(next.taught())
                .filteredOn(share -> share.id().equals(second.id()))
                .singleElement()
                .satisfies(share -> assertThat(share.learner().minutes()).isEqualTo(7));
        // Beside its own plan it is still seen as it was planned, a minute and not seven.
        assertThat(lessons.classroom(kept).orElseThrow().learned())
                .singleElement()
                .satisfies(learned -> {
                    assertThat(learned.step().minutes()).isEqualTo(1);
                    assertThat(learned.seen().minutes()).isEqualTo(7);
                });
        Happening.Done late = new Happening.Done("Table 2", first.id(), clock.instant());
        assertThat(lessons.tell("late", kept.id(), at -> late)).isFalse();
        assertThat(lessons.tell("x".repeat(200), kept.id(), at -> late)).isFalse();
        lessons.end("forget", kept, false);
        assertThat(kits.plan(kit(4)).orElseThrow().learned()).isZero();
        lessons.begin("five", kept.id());
        assertThat(kits.plan(kit(4)).orElseThrow().learned()).isZero();
        assertThat(lessons.lesson(kept.id()).done()).isEmpty();
    }
}
