package kwibbet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;

import static kwibbet.Inches.STOCK;
import static org.assertj.core.api.Assertions.assertThat;

/**
 * The pattern search against an independent exact model: every guillotine cut at every whole inch, tried without any of the
 * search's reductions.
 */
class PatternFinderTest {

    private static Wanted part(int number, int width, int height, Turning turning) {
        kwibbet.shape.Size size = new kwibbet.shape.Size(Length.ofInches(width), Length.ofInches(height));
        return new Wanted(Piece.of(new PieceId("part-" + number), "Part", STOCK, size), 1, turning);
    }

    private static long tried(
            int width, int height, List<Wanted> parts, List<Long> values, Map<List<Integer>, Long> known) {
        List<Integer> key = List.of(width, height);
        Long before = known.get(key);
        if (before != null) {
            return before;
        }
        long best = 0;
        for (int i = 0; i < parts.size(); i++) {
            for (boolean turned : parts.get(i).turning().ways()) {
                kwibbet.shape.Size room = parts.get(i).room(turned);
                if (room.fitsIn(new kwibbet.shape.Size(Length.ofInches(width), Length.ofInches(height)))) {
                    best = Math.max(best, values.get(i));
                }
            }
        }
        for (int at = 1; at < width; at++) {
            best = Math.max(
                    best, tried(at, height, parts, values, known) + tried(width - at, height, parts, values, known));
        }
        for (int at = 1; at < height; at++) {
            best = Math.max(
                    best, tried(width, at, parts, values, known) + tried(width, height - at, parts, values, known));
        }
        known.put(key, best);
        return best;
    }

    @Property(tries = 120)
    void findsTheMostValuablePattern(
            @ForAll @IntRange(min = 3, max = 14) int width,
            @ForAll @IntRange(min = 3, max = 14) int height,
            @ForAll @Size(min = 1, max = 3) List<@IntRange(min = 1, max = 9) Integer> sides,
            @ForAll @IntRange(min = 1, max = 9) int otherSide,
            @ForAll boolean turnable) {
        kwibbet.shape.Size sheet = new kwibbet.shape.Size(Length.ofInches(width), Length.ofInches(height));
        List<Wanted> parts = new ArrayList<>();
        List<Long> values = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            int other = 1 + (otherSide + 3 * i) % 9;
            parts.add(part(i, sides.get(i), other, turnable ? Turning.EITHER : Turning.UPRIGHT));
            values.add((long) sides.get(i) * other + i);
        }
        PatternFinder finder = PatternFinder.of(sheet, parts, values).orElseThrow();
        assertThat(finder.value()).isEqualTo(tried(width, height, parts, values, new HashMap<>()));
        long cut = new SheetLayout(sheet, 1, finder.pattern(sheet))
                .placements().stream()
                        .mapToLong(placement -> values.get(
                                Integer.parseInt(placement.piece().value().substring("part-".length()))))
                        .sum();
        assertThat(cut).isEqualTo(finder.value());
    }

    /** Four 3 × 4 in a ring round a hole fill 7 × 7 but cannot be cut from edge to edge; three can. */
    @Test
    void aRingOfPartsIsNotMistakenForAPattern() {
        kwibbet.shape.Size sheet = new kwibbet.shape.Size(Length.ofInches(7), Length.ofInches(7));
        List<Wanted> parts = List.of(part(0, 3, 4, Turning.EITHER));
        PatternFinder finder = PatternFinder.of(sheet, parts, List.of(1L)).orElseThrow();
        assertThat(finder.value()).isEqualTo(3);
    }

    @Test
    void wasteAtTheEndsOfStripsStaysInOnePiece() {
        kwibbet.shape.Size sheet = new kwibbet.shape.Size(Length.ofInches(12), Length.ofInches(12));
        List<Wanted> parts = List.of(part(0, 4, 7, Turning.UPRIGHT));
        SheetLayout layout = new SheetLayout(
                sheet,
                1,
                PatternFinder.of(sheet, parts, List.of(1L)).orElseThrow().pattern(sheet));
        assertThat(layout.placements()).hasSize(3);
        assertThat(layout.offcuts())
                .singleElement()
                .satisfies(offcut -> assertThat(offcut.size().area()).isEqualTo(60));
    }

    @Test
    void givesUpWhereTheTableWouldBeTooLarge() {
        Length odd = Length.ofTicks(20_011);
        Piece tiny = Piece.of(PieceId.BASE, "Tiny", STOCK, new kwibbet.shape.Size(odd, Length.ofTicks(19_013)));
        kwibbet.shape.Size sheet = new kwibbet.shape.Size(Length.ofInches(40), Length.ofInches(40));
        assertThat(PatternFinder.of(sheet, List.of(new Wanted(tiny, 1, Turning.EITHER)), List.of(1L)))
                .isEmpty();
    }
}
