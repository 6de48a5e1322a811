package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.FlatFolding.Folds;
import kwibbet.crease.FoldStep.Kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** The bound that lets the search for an order stop early is a bound, and what a step says holds of the paper it leaves. */
class SequenceBoundTest {

    private static BitSet all(CreasePattern pattern) {
        BitSet folded = new BitSet();
        folded.set(0, pattern.creases().size());
        return folded;
    }

    @Test
    void neverMoreFoldsAreDemandedThanAreTaken() {
        Random random = new Random(23);
        int tight = 0;
        for (int round = 0; round < 80; round++) {
            int panels = 2 + random.nextInt(5);
            List<Double> widths = new ArrayList<>();
            List<Fold> folds = new ArrayList<>();
            for (int i = 0; i < panels; i++) {
                widths.add(1 + random.nextInt(3) / 2.0);
                folds.add(random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN);
            }
            CreasePattern strip = Papers.strip(widths, folds.subList(1, panels));
            if (FlatFolding.of(strip) instanceof Folds folding) {
                FoldSequence sequence = FoldSequence.of(folding);
                int taken = sequence.count(Kind.FOLD) + sequence.count(Kind.TUCK);
                int demanded = FewestFolds.of(strip).of(all(strip));
                assertThat(demanded).isBetween(1, taken);
                tight += demanded == taken ? 1 : 0;
            }
        }
        assertThat(tight).isGreaterThan(10);
    }

    /** Creases that cross each other never lie on one line: a fold each. Equal pleats may: halving takes fewer folds than creases. */
    @Test
    void creasesThatNeverShareALineTakeAFoldEach() {
        CreasePattern cross = Papers.freeMap(2, 2);
        assertThat(FewestFolds.of(cross).of(all(cross))).isEqualTo(2);
        CreasePattern uneven = Papers.strip(List.of(5.0, 3.0, 1.0), List.of(Fold.VALLEY, Fold.VALLEY));
        assertThat(FewestFolds.of(uneven).of(all(uneven))).isEqualTo(2);
        CreasePattern halves =
                Papers.strip(Collections.nCopies(4, 1.0), List.of(Fold.VALLEY, Fold.VALLEY, Fold.MOUNTAIN));
        assertThat(FewestFolds.of(halves).of(all(halves))).isEqualTo(2);
    }

    /** At each step what moves is reflected in its line, what does not lies as it did, and its creases are folded afterwards. */
    @Test
    void aStepReflectsWhatMovesAndNothingElse() {
        CreasePattern map = Papers.map(3, 2, crease -> List.of(
                        Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY)
                .get(crease));
        FoldSequence sequence = FoldSequence.of((Folds) FlatFolding.of(map));
        assertThat(sequence.count(Kind.FOLD)).isEqualTo(3);
        for (FoldStep step : sequence.steps()) {
            if (step.kind() == Kind.TURN) {
                assertThat(step.after()).isSameAs(step.before());
                continue;
            }
            Isometry over = Isometry.reflection(step.line().orElseThrow());
            for (int facet = 0; facet < map.facets().size(); facet++) {
                Vertex corner = map.facets().get(facet).outline().get(0);
                Vertex before = step.before().places().of(facet).apply(corner);
                Vertex expected = step.moving().contains(facet) ? over.apply(before) : before;
                Vertex after = step.after().places().of(facet).apply(corner);
                assertThat(after.distance(expected)).isCloseTo(0, offset(1e-9));
            }
            BitSet folded = step.after().folded();
            assertThat(step.creases()).allMatch(folded::get);
            assertThat(step.creases()).noneMatch(step.before().folded()::get);
        }
    }

    /** The way back of an isometry undoes it, and two reflections in one line are none. */
    @Test
    void isometriesAreUndone() {
        Random random = new Random(2);
        for (int round = 0; round < 50; round++) {
            Stretch line = new Stretch(place(random), place(random));
            Isometry once = Isometry.reflection(line);
            Isometry there = once.within(Isometry.reflection(new Stretch(place(random), place(random))));
            Vertex at = place(random);
            assertThat(once.isMirrored()).isTrue();
            assertThat(there.isMirrored()).isFalse();
            assertThat(once.within(once).apply(at).distance(at)).isLessThan(1e-9);
            assertThat(there.inverse().apply(there.apply(at)).distance(at)).isLessThan(1e-9);
            assertThat(once.apply(line.middle()).distance(line.middle())).isLessThan(1e-9);
        }
    }

    private static Vertex place(Random random) {
        return new Vertex(random.nextDouble() * 10, random.nextDouble() * 10);
    }
}
