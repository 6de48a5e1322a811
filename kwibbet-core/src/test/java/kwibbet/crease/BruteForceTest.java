package kwibbet.crease;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.FlatFolding.CannotFold;
import kwibbet.crease.FlatFolding.Folds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/**
 * The search against trying out all there is, written from the definition and sharing nothing with it: a folded strip is a stack of panels on a line, a
 * folded map a stack of fields, and a stack is possible when no panel or crease lies across a crease of the others.
 */
class BruteForceTest {

    /** Where the panels of a strip lie: from and to along a line, each panel going back over the one before. */
    private static double[][] lying(List<Double> widths) {
        double[][] lying = new double[widths.size()][];
        double at = 0;
        int way = 1;
        for (int i = 0; i < widths.size(); i++) {
            double next = at + way * widths.get(i);
            lying[i] = new double[] {Math.min(at, next), Math.max(at, next), next};
            at = next;
            way = -way;
        }
        return lying;
    }

    /** In all ways to stack the panels, those in which nothing crosses; two ways differ if a pair that overlaps does. */
    private static long ways(List<Double> widths, List<Fold> folds) {
        double[][] lying = lying(widths);
        return permutations(widths.size())
                .filter(heights -> isPossible(heights, lying, folds))
                .map(heights -> signature(heights, lying))
                .distinct()
                .count();
    }

    private static String signature(int[] heights, double[][] lying) {
        StringBuilder signs = new StringBuilder();
        for (int i = 0; i < heights.length; i++) {
            for (int j = 0; j < i; j++) {
                boolean overlap = lying[i][0] < lying[j][1] - 1e-9 && lying[j][0] < lying[i][1] - 1e-9;
                signs.append(!overlap ? '.' : heights[i] > heights[j] ? '+' : '-');
            }
        }
        return signs.toString();
    }

    private static boolean isPossible(int[] heights, double[][] lying, List<Fold> folds) {
        for (int crease = 0; crease + 1 < heights.length; crease++) {
            double at = lying[crease][2];
            int low = Math.min(heights[crease], heights[crease + 1]);
            int high = Math.max(heights[crease], heights[crease + 1]);
            // The first panel lies up face up, the second the other way, and so on: a valley lifts the next from the up
            // face.
            boolean above = heights[crease + 1] > heights[crease];
            boolean valley = above == (crease % 2 == 0);
            if (folds.get(crease) != Fold.UNASSIGNED && valley != (folds.get(crease) == Fold.VALLEY)) {
                return false;
            }
            for (int panel = 0; panel < heights.length; panel++) {
                boolean through = lying[panel][0] < at - 1e-9 && lying[panel][1] > at + 1e-9;
                if (through && heights[panel] > low && heights[panel] < high) {
                    return false;
                }
            }
            for (int other = 0; other < crease; other++) {
                boolean sameSide = (other - crease) % 2 == 0;
                if (Math.abs(lying[other][2] - at) < 1e-9 && sameSide) {
                    boolean oneIn = heights[other] > low && heights[other] < high;
                    boolean nextIn = heights[other + 1] > low && heights[other + 1] < high;
                    if (oneIn != nextIn) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private static Stream<int[]> permutations(int count) {
        List<int[]> all = new ArrayList<>();
        permute(IntStream.range(0, count).toArray(), 0, all);
        return all.stream();
    }

    private static void permute(int[] order, int from, List<int[]> all) {
        if (from == order.length) {
            all.add(order.clone());
            return;
        }
        for (int i = from; i < order.length; i++) {
            int kept = order[from];
            order[from] = order[i];
            order[i] = kept;
            permute(order, from + 1, all);
            order[i] = order[from];
            order[from] = kept;
        }
    }

    static Stream<Arguments> strips() {
        Random random = new Random(3);
        return IntStream.range(0, 60).mapToObj(round -> {
            int panels = 3 + random.nextInt(5);
            List<Double> widths = new ArrayList<>();
            List<Fold> folds = new ArrayList<>();
            for (int i = 0; i < panels; i++) {
                widths.add(1 + random.nextInt(4) / 2.0);
                int kind = random.nextInt(round % 3 == 0 ? 3 : 2);
                folds.add(kind == 2 ? Fold.UNASSIGNED : kind == 1 ? Fold.VALLEY : Fold.MOUNTAIN);
            }
            return arguments(widths, folds.subList(1, panels));
        });
    }

    @ParameterizedTest
    @MethodSource("strips")
    void aStripFoldsInAsManyWaysAsTryingAllStacksFinds(List<Double> widths, List<Fold> folds) {
        long expected = ways(widths, folds);
        FlatFolding folding = FlatFolding.of(Papers.strip(widths, folds));
        if (expected == 0) {
            assertThat(folding).isInstanceOf(CannotFold.class);
        } else {
            assertThat(folding).isInstanceOfSatisfying(Folds.class, folds1 -> assertThat(folds1.count())
                    .isEqualTo(expected));
        }
    }

    /** What proves that a strip cannot fold is enough: without the panels before and after those named it cannot fold either. */
    @Test
    void theFacetsNamedAreEnoughForTheProof() {
        int proven = 0;
        for (Arguments strip : strips().toList()) {
            @SuppressWarnings("unchecked")
            List<Double> widths = (List<Double>) strip.get()[0];
            @SuppressWarnings("unchecked")
            List<Fold> folds = (List<Fold>) strip.get()[1];
            if (FlatFolding.of(Papers.strip(widths, folds)) instanceof CannotFold cannot) {
                List<Integer> named = cannot.reasons().get(0).facets();
                int first = named.get(0);
                int last = named.get(named.size() - 1);
                List<Fold> between = folds.subList(first, last);
                assertThat(ways(widths.subList(first, last + 1), between)).isZero();
                proven++;
            }
        }
        assertThat(proven).isGreaterThan(5);
    }
}
