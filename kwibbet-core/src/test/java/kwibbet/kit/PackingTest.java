package kwibbet.kit;

import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import kwibbet.kit.KitSupplies.Takes;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.StockItem.Goods;
import kwibbet.stock.StockItem.Measure;
import kwibbet.stock.StockItem.Named;
import kwibbet.wording.Phrase;

import static org.assertj.core.api.Assertions.assertThat;

/** Worked by hand: 12 bags with an envelope and two brads each, of which six brads are in cards that were made before. */
class PackingTest {

    private static final Goods ENVELOPE = new Named("envelope", Measure.COUNT);
    private static final Goods BRAD = new Named("brad", Measure.COUNT);
    private static final Goods LABEL = new Named("label", Measure.COUNT);

    private static Packing packing(Map<Goods, Long> packed) {
        return new Packing(
                Set.of(ENVELOPE, BRAD),
                new Takes(Map.of(), Map.of(ENVELOPE, 12L, LABEL, 12L)),
                new Takes(Map.of(), Map.of(BRAD, 24L)),
                packed,
                Map.of(BRAD, 6L));
    }

    @Test
    void whatIsKeptAndNotUsedYetGoesIntoTheBags() {
        assertThat(packing(Map.of()).more()).isEqualTo(Map.of(ENVELOPE, 12L, BRAD, 18L));
        assertThat(packing(Map.of()).isBegun()).isFalse();
        assertThat(packing(Map.of(ENVELOPE, 0L)).isBegun()).isFalse();
    }

    @Test
    void whatIsInThemIsNotTakenAgainAndWhatIsTooMuchComesBack() {
        Packing some = packing(Map.of(ENVELOPE, 15L, BRAD, 18L));
        assertThat(some.more()).isEqualTo(Map.of(ENVELOPE, -3L));
        assertThat(some.isBegun()).isTrue();
        assertThat(some.back()).isEqualTo(Map.of(ENVELOPE, -15L, BRAD, -18L));
        assertThat(some.words(MeasureSystem.INCH)).extracting(Phrase::text).containsExactly("envelope: −3");
        assertThat(some.packedWords(MeasureSystem.INCH))
                .extracting(Phrase::text)
                .containsExactly("brad: 18", "envelope: 15");
    }

    /** Ribbon off a roll and ribbon by the piece are two things, though they are called the same. */
    @Test
    void whatIsCalledTheSameNeedNotBeTheSame() {
        Goods pieces = new Named("ribbon", Measure.COUNT);
        Goods roll = new Named("ribbon", Measure.LENGTH);
        Packing ribbons = new Packing(
                Set.of(pieces, roll),
                new Takes(Map.of(), Map.of(pieces, 12L)),
                new Takes(Map.of(), Map.of(roll, 24L)),
                Map.of(),
                Map.of());
        assertThat(ribbons.more()).isEqualTo(Map.of(pieces, 12L, roll, 24L));
    }
}
