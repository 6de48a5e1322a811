package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;

import static org.assertj.core.api.Assertions.assertThat;

/** What single bars ask of a fence, worked out by hand. */
class BarNeedsTest {

    /** Of a length in eighths, cut into kinds of pieces: width and count, in turn. */
    private static BarNeeds needs(int waste, int... widthsAndCounts) {
        List<Bar.Kind> kinds = new ArrayList<>();
        for (int i = 0; i < widthsAndCounts.length; i += 2) {
            Section part = new Section.Filled(new PartId("part-" + i), false);
            kinds.add(new Bar.Kind(eighths(widthsAndCounts[i]), widthsAndCounts[i + 1], part, -1));
        }
        return BarNeeds.of(new Bar(0, Axis.VERTICAL, Length.ofInches(5), kinds, false, eighths(waste)));
    }

    private static Length eighths(int count) {
        return Length.ofInches(count, 8);
    }

    private static Set<Long> ticks(int... eighths) {
        return Arrays.stream(eighths).mapToObj(each -> eighths(each).toTicks()).collect(Collectors.toSet());
    }

    @Test
    void oneOfTwoPiecesIsMeasuredAndEitherSetsBothFree() {
        BarNeeds needs = needs(0, 3, 1, 5, 1);
        assertThat(needs.least()).isEqualTo(1);
        assertThat(needs.any()).isEqualTo(ticks(3, 5));
        assertThat(needs.before()).containsExactly(ticks(3, 5), ticks(3, 5));
    }

    /** With waste beyond them, each is measured, or all that stays is: 5, 3 or 8. */
    @Test
    void wasteTakesOneSettingMore() {
        BarNeeds needs = needs(2, 3, 1, 5, 1);
        assertThat(needs.least()).isEqualTo(2);
        assertThat(needs.any()).isEqualTo(ticks(3, 5, 8));
        assertThat(needs.before()).containsExactly(ticks(3, 8), ticks(5, 8));
    }

    @Test
    void equalPiecesNeedTheirOwnWidth() {
        BarNeeds needs = needs(0, 3, 2, 5, 1);
        assertThat(needs.least()).isEqualTo(1);
        assertThat(needs.before().get(0)).isEqualTo(ticks(3));
        assertThat(needs(0, 3, 2, 5, 2).least()).isEqualTo(2);
        assertThat(needs(1, 3, 1).before()).containsExactly(ticks(3));
    }

    @Test
    void aPieceThatIsThereNeedsNothing() {
        BarNeeds needs = needs(0, 7, 1);
        assertThat(needs.least()).isZero();
        assertThat(needs.any()).isEmpty();
        assertThat(needs.before()).containsExactly(Set.of());
    }

    /** 68 measured leaves 76, of which 8 falls off where 68 stays: one setting for two cuts. */
    @Test
    void oneSettingMayCutTwice() {
        assertThat(needs(0, 8, 1, 11, 1, 57, 1, 68, 1).least()).isEqualTo(2);
        assertThat(needs(0, 8, 1, 11, 1, 57, 1, 67, 1).least()).isEqualTo(3);
    }

    /** Too many to look through: only what is sure is said. */
    @Test
    void ofManyKindsEqualPiecesAreStillKnown() {
        BarNeeds needs = needs(1, 3, 2, 4, 1, 5, 1, 6, 1, 7, 1, 8, 1, 9, 1, 10, 1, 11, 1);
        assertThat(needs.least()).isZero();
        assertThat(needs.before().get(0)).isEqualTo(ticks(3));
        assertThat(needs.before().get(1)).isEmpty();
    }
}
