package kwibbet.cutting;

import java.util.Optional;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.cutting.SheetCount.Way;

import static org.assertj.core.api.Assertions.assertThat;

class SheetCountTest {

    /** Counted by hand; the first line is common practice, no source: a standard base twice from a letter sheet. */
    @ParameterizedTest
    @CsvSource({
        "8 1/2, 5 1/2, 8 1/2, 11, 2, 1, 2, UPRIGHT",
        "4 1/4, 5 1/2, 8 1/2, 11, 4, 2, 4, UPRIGHT",
        "4 3/4, 6 3/4, 12, 12, 2, 2, 3, MIXED",
        "5, 7, 12, 12, 2, 2, 3, MIXED",
        "4, 12, 12, 12, 3, 3, 3, UPRIGHT",
        "13, 1, 12, 12, 0, 0, 0, UPRIGHT"
    })
    void eachWayIsCounted(
            String width, String height, String across, String down, int upright, int turned, int mixed, Way best) {
        SheetCount count = SheetCount.of(Jobs.size(width, height), Jobs.size(across, down));
        assertThat(count.count(Way.UPRIGHT)).isEqualTo(upright);
        assertThat(count.count(Way.TURNED)).isEqualTo(turned);
        assertThat(count.count(Way.MIXED)).isEqualTo(mixed);
        // Of as many the plainest.
        assertThat(count.best()).isEqualTo(best);
        for (Way way : Way.values()) {
            assertThat(Optional.ofNullable(count.layouts().get(way))
                            .map(layout -> layout.placements().size())
                            .orElse(0))
                    .isEqualTo(count.count(way));
        }
    }
}
