package kwibbet.cutting;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.cutting.SheetCount.Way;

import static org.assertj.core.api.Assertions.assertThat;

class SheetCountTest {

    /** Counted by hand; the first line is common practice, no source: a standard base twice from a letter sheet. */
    @ParameterizedTest
    @CsvSource({
        "8 1/2, 5 1/2, 8 1/2, 11, 2, 1, 2",
        "4 1/4, 5 1/2, 8 1/2, 11, 4, 2, 4",
        "4 3/4, 6 3/4, 12, 12, 2, 2, 3",
        "5, 7, 12, 12, 2, 2, 3",
        "4, 12, 12, 12, 3, 3, 3",
        "13, 1, 12, 12, 0, 0, 0"
    })
    void eachWayIsCounted(String width, String height, String across, String down, int upright, int turned, int mixed) {
        SheetCount count = SheetCount.of(Jobs.size(width, height), Jobs.size(across, down));
        assertThat(count.count(Way.UPRIGHT)).isEqualTo(upright);
        assertThat(count.count(Way.TURNED)).isEqualTo(turned);
        assertThat(count.count(Way.MIXED)).isEqualTo(mixed);
        assertThat(count.count(count.best())).isEqualTo(Math.max(mixed, Math.max(upright, turned)));
    }
}
