package kwibbet.kit;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.kit.Pricing.Counted;
import kwibbet.kit.Pricing.Rounding;

import static org.assertj.core.api.Assertions.assertThat;

class KitCostTest {

    private static KitCost cost(Pricing pricing) {
        Kit kit = new Kit(
                "Box", List.of(new Kit.Line("a", 1)), new Kit.Bags(24, 1), Sharing.NONE, Optional.empty(), pricing);
        return new KitCost(kit, 37, Optional.of(1_920L), Optional.of(new BigDecimal("1188.25")), 36);
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
