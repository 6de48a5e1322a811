package kwibbet.crease;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.FlatFolding.Folds;
import kwibbet.crease.FoldStep.Kind;

import static org.assertj.core.api.Assertions.assertThat;

class FoldSequenceTest {

    private static final double NEAR = 1e-6;

    private static FoldSequence sequence(CreasePattern pattern) {
        return FoldSequence.of((Folds) FlatFolding.of(pattern));
    }

    private static List<Kind> kinds(FoldSequence sequence) {
        return sequence.steps().stream().map(FoldStep::kind).toList();
    }

    @Test
    void aZigzagAndARollTakeAFoldACreaseWithoutTurning() {
        List<Double> even = Collections.nCopies(4, 1.0);
        FoldSequence zigzag = sequence(Papers.strip(even, List.of(Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY)));
        assertThat(zigzag.isShortest()).isTrue();
        assertThat(kinds(zigzag)).containsExactly(Kind.FOLD, Kind.FOLD, Kind.FOLD);
        FoldSequence roll =
                sequence(Papers.strip(List.of(2.2, 2.1, 2.0, 1.9), List.of(Fold.VALLEY, Fold.VALLEY, Fold.VALLEY)));
        assertThat(kinds(roll)).containsExactly(Kind.FOLD, Kind.FOLD, Kind.FOLD);
        assertThat(roll.steps().get(0).moving()).containsExactly(3);
        assertThat(roll.isShortest()).isTrue();
    }

    /** Halved three times, a strip of eight folds at seven creases: as few folds as halving allows. */
    @Test
    void manyCreasesOnOneLineFoldAtOnce() {
        Fold v = Fold.VALLEY;
        Fold m = Fold.MOUNTAIN;
        FoldSequence halved = sequence(Papers.strip(Collections.nCopies(8, 1.0), List.of(v, v, m, v, v, m, m)));
        assertThat(halved.count(Kind.FOLD)).isEqualTo(3);
        assertThat(halved.count(Kind.TUCK)).isZero();
    }

    /** A vertex of four creases at odd angles folds at all four at once or not at all. */
    @Test
    void whereNoLineFoldsAloneAllFoldTogether() {
        FoldSequence vertex = sequence(Papers.wheel(
                List.of(0.0, 50.0, 150.0, 280.0), List.of(Fold.MOUNTAIN, Fold.VALLEY, Fold.VALLEY, Fold.VALLEY)));
        assertThat(kinds(vertex)).containsExactly(Kind.TUCK);
        assertThat(vertex.steps().get(0).creases()).hasSize(4);
    }

    @Test
    void unfoldingGivesTheFlatSheetBack() {
        Random random = new Random(11);
        int folded = 0;
        for (int round = 0; round < 60; round++) {
            int panels = 2 + random.nextInt(5);
            List<Double> widths = new ArrayList<>();
            List<Fold> folds = new ArrayList<>();
            for (int i = 0; i < panels; i++) {
                widths.add(0.5 + random.nextInt(6) / 4.0);
                folds.add(random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN);
            }
            FlatFolding folding = FlatFolding.of(Papers.strip(widths, folds.subList(1, panels)));
            if (folding instanceof Folds folds1) {
                folded++;
                goesFromFlatToFolded(folds1, FoldSequence.of(folds1));
            }
        }
        assertThat(folded).isGreaterThan(20);
    }

    private static void goesFromFlatToFolded(Folds folding, FoldSequence sequence) {
        int facets = folding.pattern().facets().size();
        FoldedPlaces flat = sequence.steps().get(0).before().places();
        FoldedPlaces end =
                sequence.steps().get(sequence.steps().size() - 1).after().places();
        for (int i = 0; i < facets; i++) {
            near(flat.of(i), flat.of(0));
            Isometry seen = end.of(i).within(end.of(0).inverse());
            near(seen, folding.places().of(i));
        }
        for (int i = 1; i < sequence.steps().size(); i++) {
            assertThat(sequence.steps().get(i).before().places())
                    .isEqualTo(sequence.steps().get(i - 1).after().places());
        }
    }

    private static void near(Isometry one, Isometry other) {
        for (Vertex at : List.of(new Vertex(0, 0), new Vertex(5, 3))) {
            assertThat(one.apply(at).distance(other.apply(at))).isLessThan(NEAR);
        }
    }
}
