package kwibbet.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.RunLine;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.stock.StockItem.Goods;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.line;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

class BookingTest {

    private static final StockItem SHEETS = new StockItem.Sheets(STOCK);
    private static final StockItem STRIPS = new StockItem.Leftovers(STOCK, size("12", "5"));
    private static final BookingKey KEY = new BookingKey("key");

    private static Booking booking(Movement... movements) {
        return new Booking(KEY, "what", Optional.empty(), List.of(movements));
    }

    private static Movement move(StockItem item, int amount) {
        return new Movement(item, amount, Reason.COUNTED);
    }

    /** A base 10 × 7 leaves 12 × 5 and 2 × 7 of a sheet; the two offcuts that are used first leave something too. */
    @Test
    void aRunTakesSheetsAndOffcutsAndBringsWhatIsWorthKeeping() {
        PaperShelf shelf = new PaperShelf(
                List.of(paper(SheetSizes.TWELVE_SQUARE)),
                List.of(new Offcut(new OffcutId("left"), STOCK, size("11", "8"), 2)));
        RunPlan plan = RunPlan.of(line(folded("5", "7"), 3), shelf, Thrift.LEFTOVERS_FIRST, TOOLS);
        Booking cut =
                Booking.ofCut(KEY, "run", "Card", plan.sheets(), plan.sheets().copies());
        assertThat(cut.run()).contains("run");
        assertThat(cut.movements())
                .extracting(Movement::item, Movement::amount, Movement::reason)
                .contains(
                        tuple(SHEETS, -1L, Reason.CUT),
                        tuple(new StockItem.Leftovers(STOCK, size("11", "8")), -2L, Reason.CUT),
                        tuple(STRIPS, 1L, Reason.PUT_IN));
        assertThat(cut.movements())
                .filteredOn(each -> each.amount() < 0)
                .extracting(Movement::reason)
                .containsOnly(Reason.CUT);
    }

    /** Layout by layout and in parts, the same comes and goes as at once. */
    @Test
    void cutInPartsItComesToTheSame() {
        RunPlan plan = RunPlan.of(
                line(folded("5", "7"), 7, add("mat", "mat-1", on("front-outside"), "border", "1/8")),
                new PaperShelf(List.of(paper(SheetSizes.TWELVE_SQUARE))),
                Thrift.FEWEST_SHEETS,
                TOOLS);
        Map<String, Integer> all = plan.sheets().copies();
        List<Movement> parts = new ArrayList<>();
        all.forEach((letter, copies) -> {
            for (int sheet = 0; sheet < copies; sheet++) {
                parts.addAll(Booking.ofCut(KEY, "run", "Card", plan.sheets(), Map.of(letter, 1))
                        .movements());
            }
        });
        assertThat(all.values().stream().mapToInt(Integer::intValue).sum()).isGreaterThan(2);
        assertThat(StockLevels.of(parts))
                .isEqualTo(StockLevels.of(
                        Booking.ofCut(KEY, "run", "Card", plan.sheets(), all).movements()));
        assertThat(Booking.ofCut(KEY, "run", "Card", plan.sheets(), Map.of()).movements())
                .isEmpty();
    }

    /** Made in whatever steps, forwards and back, cards use what all of them take, to the tick; of two designs each takes its share. */
    @Test
    void whatCardsTakeIsUsedByShares() {
        Addition mat = add("mat", "mat-1", on("front-outside"), "border", "1/8");
        RunLine seven = line(folded("5", "7"), 7, mat);
        RunLine three = line(folded("4", "6"), 3, mat, add("shaker", "shaker-1", on("mat-1"), "wall", "foam"));
        List<SupplyList> uses = SupplyList.of(List.of(seven, three));
        // Tape, filler, powder and foam.
        assertThat(uses).hasSize(4);
        List<Movement> used = new ArrayList<>();
        int made = 0;
        for (int now : List.of(1, 4, 3, 9, 9, 10)) {
            used.addAll(Booking.ofMade(KEY, "run", "Run", uses, new Booking.Share(made, now, 10))
                    .movements());
            made = now;
        }
        for (SupplyList use : uses) {
            assertThat(StockLevels.of(used).of(Goods.of(use))).isEqualTo(-Goods.amountOf(use));
        }
        SupplyList alone = SupplyList.of(List.of(seven)).get(0);
        long all = Goods.amountOf(alone);
        assertThat(Goods.amountOf(alone.share(3, 7)) * 7).isEqualTo(all * 3);
        assertThat(Goods.amountOf(alone.share(3, 7)) + Goods.amountOf(alone.rest(3, 7)))
                .isEqualTo(all);
        assertThat(new SupplyNeed(uses.get(0), Optional.of(all)).missing())
                .isEqualTo(Goods.amountOf(uses.get(0)) - all);
        assertThat(new SupplyNeed(uses.get(0), Optional.empty()).missing()).isZero();
    }

    /** Of brads a card has two, and a card is made or not; filler is counted by the microlitre: a cubic inch is 16 387.064 of them. */
    @Test
    void findingsAndFillerAreCountedInWhatTheyComeIn() {
        SupplyList brads = new SupplyList("brad", new Supply.OfCount(20));
        SupplyList filler = new SupplyList("filler", new Supply.OfVolume(1));
        assertThat(Booking.ofMade(KEY, "run", "Run", List.of(brads, filler), new Booking.Share(0, 3, 10))
                        .movements())
                .containsExactly(
                        new Movement(new StockItem.Named("brad", StockItem.Measure.COUNT), -6, Reason.USED),
                        new Movement(new StockItem.Named("filler", StockItem.Measure.VOLUME), -4_916, Reason.USED));
        Map<Goods, Long> more = Map.of(Goods.of(brads), 4L, Goods.of(filler), 0L);
        assertThat(Booking.ofPacked(KEY, "run", "Kit", more).movements())
                .containsExactly(new Movement(Goods.of(brads), -4, Reason.PACKED));
        assertThat(new SupplyNeed(filler, Optional.of(1_000L))
                        .words(MeasureSystem.METRIC)
                        .text())
                .isEqualTo("filler: 16.4 ml, 1.0 ml on hand, short by 15.4 ml");
    }

    /** The same movements the other way: nothing is left of it. */
    @Test
    void takenBackItIsAsIfItNeverWas() {
        Booking cut = booking(move(SHEETS, -3), move(STRIPS, 3), move(SHEETS, 1));
        List<Movement> both = new ArrayList<>(cut.movements());
        both.addAll(cut.takenBack().movements());
        assertThat(StockLevels.of(both).levels()).isEqualTo(Map.of(SHEETS, 0L, STRIPS, 0L));
        assertThat(cut.takenBack().movements()).extracting(Movement::reason).containsOnly(Reason.TAKEN_BACK);
        assertThat(cut.takenBack().key()).isEqualTo(KEY.back()).matches(BookingKey::isBack);
        assertThat(KEY.isBack()).isFalse();
    }

    /** What comes in the same booking counts; each thing for itself. */
    @Test
    void aShortageIsWhatWouldBeBelowNothing() {
        StockLevels levels = StockLevels.of(List.of(move(SHEETS, 4), move(SHEETS, 6), move(STRIPS, 1)));
        assertThat(levels.of(SHEETS)).isEqualTo(10);
        assertThat(levels.of(new StockItem.Sheets(new PaperId("other")))).isZero();
        assertThat(levels.shortages(booking(move(SHEETS, -10), move(STRIPS, -1))))
                .isEmpty();
        assertThat(levels.shortages(booking(move(SHEETS, -12), move(SHEETS, 2))))
                .isEmpty();
        assertThat(levels.shortages(booking(move(SHEETS, -12), move(STRIPS, -1))))
                .containsExactly(new Shortage(SHEETS, 12, 10));
        Booking found = booking(move(SHEETS, -12)).withFound(List.of(new Shortage(SHEETS, 12, 10)));
        assertThat(found.movements().get(0)).isEqualTo(new Movement(SHEETS, 2, Reason.FOUND));
        assertThat(levels.shortages(found)).isEmpty();
    }

    @Test
    void keysAndMovementsSayWhatTheyCannotBe() {
        assertThatThrownBy(() -> new BookingKey(" ")).hasMessageContaining("1 to 100 letters");
        assertThatThrownBy(() -> new BookingKey("x".repeat(120))).hasMessageContaining("1 to 100 letters");
        assertThat(new BookingKey("x".repeat(100)).back().isBack()).isTrue();
        assertThatThrownBy(() -> move(SHEETS, 0)).hasMessageContaining("moves something");
        assertThat(Booking.of(KEY, "counted", SHEETS, 0, Reason.COUNTED).movements())
                .isEmpty();
        assertThat(BookingKey.ofCut("7", "A", 1))
                .isNotEqualTo(BookingKey.ofCut("7", "A", 2))
                .isNotEqualTo(BookingKey.ofCut("7", "B", 1));
    }
}
