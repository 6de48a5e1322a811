package kwibbet.kit;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.kit.Pricing.Counted;
import kwibbet.kit.Pricing.Rounding;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

import static org.assertj.core.api.Assertions.assertThat;

class KitCostTest {

    private static KitCost cost(Pricing pricing) {
        Kit kit = new Kit(
                "Box",
                Kit.Contents.of(List.of(new Kit.Line("a", 1))),
                new Kit.Bags(24, 1),
                Sharing.NONE,
                Optional.empty(),
                pricing);
        return new KitCost(kit, 37, Optional.of(1_920L), Optional.of(new BigDecimal("1188.25")), List.of(), 36);
    }

    /**
     * 37 sheets cost 19.20, 36 minutes at 24.00 an hour 14.40: 33.60 for 24 bags, 1.40 each; with a third of the price left 1.40 / 0.67 = 2.0896, rounded up
     * 2.09, 2.50 or 2.95. Counting the pieces only it is 11.8825 + 14.40 = 26.2825, 1.0951 a bag. Worked by hand.
     */
    @Test
    void aPriceComesOutAsByHand() {
        KitCost sheets = cost(new Pricing(Counted.SHEETS, 2_400, 33, Rounding.CENT));
        assertThat(KitCost.money(sheets.work())).isEqualTo("14.40");
        assertThat(KitCost.money(sheets.all().orElseThrow())).isEqualTo("33.60");
        assertThat(KitCost.money(sheets.aBag().orElseThrow())).isEqualTo("1.40");
        assertThat(KitCost.money(sheets.price().orElseThrow())).isEqualTo("2.09");
        assertThat(cost(new Pricing(Counted.SHEETS, 2_400, 33, Rounding.HALF)).price())
                .contains(BigDecimal.valueOf(250));
        assertThat(cost(new Pricing(Counted.SHEETS, 2_400, 33, Rounding.NINETY_FIVE))
                        .price())
                .contains(BigDecimal.valueOf(295));
        KitCost pieces = cost(new Pricing(Counted.PIECES, 2_400, 0, Rounding.CENT));
        assertThat(pieces.aBag().orElseThrow()).isEqualByComparingTo("109.5104");
        assertThat(pieces.price()).contains(BigDecimal.valueOf(110));
    }

    /**
     * Besides 19.20 of paper, for 24 bags and a spare: tape, 90 in off a roll of 360 in for 4.00; 51 brads in packs of 50 for 3.00; 20 ml of filler of 60 ml for
     * 6.00; cord without a price; an envelope a bag, in packs of 50 for 6.20. Whole packs are 4.00 + 6.00 + 6.00 + 6.20, what is used 1.00 + 3.06 + 2.00 + 3.10.
     * Worked by hand.
     */
    @Test
    void whatElseIsUsedUpCostsWholePacksOrItsShare() {
        Good tape = good(
                "tape",
                new Supply.OfTape(new Tape.Flat(), inches(90)),
                new Supply.OfTape(new Tape.Flat(), inches(360)),
                400);
        Good brads = good("brad", new Supply.OfCount(51), new Supply.OfCount(50), 300);
        Good filler = good(
                "filler",
                Supply.OfVolume.of(20, MeasureSystem.METRIC),
                Supply.OfVolume.of(60, MeasureSystem.METRIC),
                600);
        Good cord = new Good(new SupplyList("cord", new Supply.OfLength(inches(12))), Optional.empty());
        Extra envelope = new Extra("envelope", 1, new Extra.Pack(50, 620));
        Good envelopes = new Good(envelope.list(25), envelope.sold());
        Kit.Contents contents = new Kit.Contents(List.of(new Kit.Line("a", 1)), List.of(envelope));
        for (Counted counted : Counted.values()) {
            Kit kit = new Kit(
                    "Box",
                    contents,
                    new Kit.Bags(24, 1),
                    Sharing.NONE,
                    Optional.empty(),
                    new Pricing(counted, 0, 0, Rounding.CENT));
            KitCost cost = new KitCost(
                    kit,
                    37,
                    Optional.of(1_920L),
                    Optional.of(BigDecimal.valueOf(1_920)),
                    List.of(tape, brads, filler, cord, envelopes),
                    0);
            boolean isWhole = counted == Counted.SHEETS;
            assertThat(KitCost.money(cost.ofGoods())).isEqualTo(isWhole ? "22.20" : "9.16");
            assertThat(KitCost.money(cost.all().orElseThrow())).isEqualTo(isWhole ? "41.40" : "28.36");
            assertThat(cost.unpriced()).containsExactly(cord);
        }
        Supply.Amount roll = new Supply.OfTape(new Tape.Flat(), inches(360));
        assertThat(packs(brads)).isEqualTo(2);
        assertThat(packs(tape)).isEqualTo(1);
        assertThat(packs(filler)).isEqualTo(1);
        assertThat(packs(good("tape", new Supply.OfTape(new Tape.Flat(), inches(720)), roll, 1)))
                .isEqualTo(2);
    }

    private static long packs(Good good) {
        return good.need().packs(good.sold().orElseThrow().pack());
    }

    private static Length inches(int inches) {
        return Length.ofInches(inches);
    }

    /** Sold as a list of prices says it, which tells tapes by their height and the rest by name. */
    private static Good good(String name, Supply.Amount need, Supply.Amount pack, int cents) {
        PriceList prices = new PriceList(List.of(
                new PriceList.Sold(new SupplyList("other", new Supply.OfCount(7)), 1),
                new PriceList.Sold(
                        new SupplyList("foam", new Supply.OfTape(new Tape.Foam(Length.ofInches(1, 8)), inches(1))), 1),
                new PriceList.Sold(new SupplyList(name, pack), cents)));
        SupplyList list = new SupplyList(name, need);
        return new Good(list, prices.of(list));
    }

    /** A price that is right already stays; the least above is taken, never one below. */
    @ParameterizedTest
    @CsvSource({
        "CENT, 250, 250",
        "CENT, 250.0001, 251",
        "HALF, 250, 250",
        "HALF, 250.01, 300",
        "HALF, 0, 0",
        "NINETY_FIVE, 295, 295",
        "NINETY_FIVE, 295.5, 395",
        "NINETY_FIVE, 296, 395",
        "NINETY_FIVE, 0, 95"
    })
    void pricesAreRoundedUp(Rounding rounding, BigDecimal cents, long price) {
        assertThat(rounding.up(cents)).isEqualTo(price);
    }
}
