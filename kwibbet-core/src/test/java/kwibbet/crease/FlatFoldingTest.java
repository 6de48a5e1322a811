package kwibbet.crease;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph.Edge;
import kwibbet.crease.FlatFolding.CannotFold;
import kwibbet.crease.FlatFolding.Folds;

import static org.assertj.core.api.Assertions.assertThat;

class FlatFoldingTest {

    private static Folds folds(CreasePattern pattern) {
        FlatFolding folding = FlatFolding.of(pattern);
        assertThat(folding).isInstanceOf(Folds.class);
        return (Folds) folding;
    }

    /** Source: OEIS A000136, ways of folding a strip of n labelled stamps; figures from memory. */
    @ParameterizedTest
    @CsvSource({"1,1", "2,2", "3,6", "4,16", "5,50", "6,144", "7,462", "8,1392", "9,4536", "10,14060"})
    void aStripOfStampsFoldsInAsManyWaysAsPublished(int stamps, long ways) {
        Folds strip = folds(Papers.freeMap(stamps, 1));
        assertThat(strip.isCounted()).isTrue();
        assertThat(strip.count()).isEqualTo(ways);
        assertThat(strip.layers()).isEqualTo(stamps);
    }

    /** Source: OEIS A001415, ways of folding a 2 by n strip of stamps, and A001418 for 3 by 3; figures from memory. */
    @ParameterizedTest
    @CsvSource({"1,2,2", "2,2,8", "3,2,60", "4,2,320", "5,2,1980", "3,3,1368"})
    void aSmallMapFoldsInAsManyWaysAsPublished(int across, int down, long ways) {
        assertThat(folds(Papers.freeMap(across, down)).count()).isEqualTo(ways);
    }

    /** How often it is looked decides whether it is told at all; how often after the first way, only how far they are counted. */
    @Test
    void countingEndsBeforeFolding() {
        CreasePattern map = Papers.freeMap(3, 3);
        long ways = folds(map).count();
        assertThat(folds(map).isCounted()).isTrue();
        Folds first = (Folds) FlatFolding.of(map, new FlatFolding.Limits(20_000_000, 0, 100_000, 24, 600, 64));
        assertThat(first.isCounted()).isFalse();
        assertThat(first.count()).isPositive().isLessThan(ways);
        assertThat(first.orders()).isNotEmpty();
        assertThat(FoldSequence.of(first).steps()).isNotEmpty();
        long before = first.count();
        for (long looks : new long[] {100, 1_000, 10_000}) {
            Folds more = (Folds) FlatFolding.of(map, new FlatFolding.Limits(20_000_000, looks, 100_000, 24, 600, 64));
            assertThat(more.count()).isGreaterThanOrEqualTo(before).isLessThanOrEqualTo(ways);
            before = more.count();
        }
        assertThat(FlatFolding.of(map, new FlatFolding.Limits(5, 2_000_000, 100_000, 24, 600, 64)))
                .isInstanceOf(FlatFolding.Undecided.class);
    }

    /** Whoever has had enough gets what was found until then, and is not told that it is all. */
    @Test
    void whatIsStoppedKeepsWhatWasFound() {
        CreasePattern map = Papers.freeMap(7, 6);
        for (int tellings : new int[] {0, 1, 2, 5, 60}) {
            int[] told = new int[1];
            Folding stopped = Folding.of(map, (stage, done, most) -> {
                assertThat(done).isPositive().isLessThanOrEqualTo(most);
                return told[0]++ < tellings;
            });
            assertThat(told[0]).isEqualTo(tellings + (stopped.sequence().isPresent() ? 2 : 1));
            if (stopped.flat() instanceof Folds folds) {
                assertThat(folds.isCounted()).isFalse();
                FoldSequence sequence = stopped.sequence().orElseThrow();
                assertThat(sequence.isShortest()).isFalse();
                assertThat(sequence.steps()).isNotEmpty();
            } else {
                assertThat(stopped.flat()).isInstanceOf(FlatFolding.Undecided.class);
            }
        }
    }

    /** Kawasaki's theorem: every other angle adds up to 180°, and then some assignment folds. */
    @Test
    void aVertexFoldsJustWhenEveryOtherAngleAddsUpToAStraightOne() {
        Random random = new Random(7);
        for (int round = 0; round < 40; round++) {
            int pairs = 2 + random.nextInt(2);
            List<Double> one = parts(180, pairs, random);
            List<Double> other = parts(180, pairs, random);
            List<Double> angles = new ArrayList<>();
            double at = 10;
            for (int i = 0; i < pairs; i++) {
                angles.add(at);
                at += one.get(i);
                angles.add(at);
                at += other.get(i);
            }
            List<Fold> free = Collections.nCopies(2 * pairs, Fold.UNASSIGNED);
            assertThat(FlatFolding.of(Papers.wheel(angles, free))).isInstanceOf(Folds.class);
            angles.set(1, angles.get(1) + 1);
            FlatFolding off = FlatFolding.of(Papers.wheel(angles, free));
            assertThat(off).isInstanceOfSatisfying(CannotFold.class, cannot -> {
                assertThat(cannot.reasons()).hasSize(1);
                assertThat(cannot.reasons().get(0).message()).contains("It must be 180°");
                assertThat(cannot.reasons().get(0).at()).contains(new Vertex(0, 0));
            });
        }
    }

    /** Maekawa's theorem: of all assignments of a vertex, none folds whose mountains and valleys do not differ by two. */
    @Test
    void mountainsAndValleysAtAVertexDifferByTwo() {
        List<Double> angles = List.of(0.0, 50.0, 110.0, 190.0, 240.0, 290.0);
        int folding = 0;
        for (int bits = 0; bits < 64; bits++) {
            int chosen = bits;
            List<Fold> folds = IntStream.range(0, 6)
                    .mapToObj(i -> (chosen >> i & 1) == 1 ? Fold.VALLEY : Fold.MOUNTAIN)
                    .toList();
            FlatFolding result = FlatFolding.of(Papers.wheel(angles, folds));
            if (Integer.bitCount(bits) != 2 && Integer.bitCount(bits) != 4) {
                assertThat(result).isInstanceOfSatisfying(CannotFold.class, cannot -> assertThat(
                                cannot.reasons().get(0).message())
                        .contains("One kind must be two more than the other"));
            } else if (result instanceof Folds) {
                folding++;
            }
        }
        assertThat(folding).isBetween(4, 30).isEven();
    }

    private static List<Double> parts(double whole, int count, Random random) {
        List<Double> raw = IntStream.range(0, count)
                .mapToObj(i -> 0.3 + random.nextDouble())
                .toList();
        double sum = raw.stream().mapToDouble(Double::doubleValue).sum();
        return raw.stream().map(each -> each * whole / sum).toList();
    }

    /**
     * Source: T. Hull, "On the mathematics of flat origamis" (1994), the triangle whose corners each fold on their own and not together;
     * from memory. At each corner the 60° angle is the smallest, so its two creases fold opposite ways, which three sides of a triangle cannot.
     */
    @Test
    void aPatternThatFoldsAtEveryVertexMayStillNotFoldAsAWhole() {
        double high = Math.sqrt(3) / 2;
        List<Vertex> corners = List.of(new Vertex(0, 0), new Vertex(1, 0), new Vertex(0.5, high));
        List<Vertex> vertices = new ArrayList<>(corners);
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            edges.add(new Edge(i, (i + 1) % 3, Optional.of(Fold.UNASSIGNED)));
        }
        for (int i = 0; i < 3; i++) {
            Vertex along = corners.get((i + 1) % 3).minus(corners.get(i));
            Vertex out = new Vertex(along.y(), -along.x()).times(2);
            vertices.add(corners.get(i).plus(out));
            vertices.add(corners.get((i + 1) % 3).plus(out));
            edges.add(new Edge(i, 3 + 2 * i, Optional.of(Fold.UNASSIGNED)));
            edges.add(new Edge((i + 1) % 3, 4 + 2 * i, Optional.of(Fold.UNASSIGNED)));
        }
        for (int i = 0; i < 6; i++) {
            edges.add(new Edge(3 + i, 3 + (i + 1) % 6, Optional.empty()));
        }
        CreasePattern twist = Papers.pattern(vertices, edges);
        assertThat(VertexConditions.broken(twist)).isEmpty();
        assertThat(FlatFolding.of(twist)).isInstanceOfSatisfying(CannotFold.class, cannot -> {
            assertThat(cannot.reasons()).hasSize(1);
            assertThat(cannot.reasons().get(0).facets()).hasSizeGreaterThanOrEqualTo(4);
        });
    }

    /** Two long panels cannot both go round the same short one. */
    @Test
    void aShortPanelBetweenLongOnesCannotBeRolled() {
        CreasePattern rolled = Papers.strip(List.of(2.0, 1.0, 2.0), List.of(Fold.VALLEY, Fold.VALLEY));
        assertThat(FlatFolding.of(rolled)).isInstanceOfSatisfying(CannotFold.class, cannot -> assertThat(
                        cannot.reasons().get(0).message())
                .isEqualTo("However they are laid, these would pass through each other: panel 1, panel 2, panel 3."));
        Folds zigzag = folds(Papers.strip(List.of(2.0, 1.0, 2.0), List.of(Fold.VALLEY, Fold.MOUNTAIN)));
        assertThat(zigzag.count()).isEqualTo(1);
        assertThat(zigzag.size().x()).isCloseTo(3, within());
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(1e-9);
    }
}
