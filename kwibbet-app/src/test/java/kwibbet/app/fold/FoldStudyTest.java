package kwibbet.app.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.crease.Folding;
import kwibbet.fold.CardFolding;
import kwibbet.formats.fold.FoldReader;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What the fold page is given: words a maker reads, and frames a browser plays. */
class FoldStudyTest {

    private static FoldStudy study(String base) {
        Design design = Design.of(
                "Card", MeasureSystem.INCH, Bases.find(base).orElseThrow(), Settings.PRESET, new PaperId("stock"));
        Card card = CardMaker.make(design, Materials.USUAL).orThrow();
        return FoldStudy.of(card, CardFolding.of(card), new PaperShelf(List.of()));
    }

    private static FoldStudy pattern(String document) {
        return FoldStudy.of(Folding.of(FoldReader.read(document).orThrow().pattern()));
    }

    private static double[] numbers(String transform) {
        String inside = transform.substring(transform.indexOf('(') + 1, transform.indexOf(')'));
        return Arrays.stream(inside.split(",")).mapToDouble(Double::parseDouble).toArray();
    }

    @Test
    void aPinwheelIsToldInWordsAMakerKnows() {
        FoldStudy study = study("pinwheel");
        assertThat(study.reading()).isEqualTo("7 folds, 1 tuck, 2 turns");
        assertThat(study.proof()).isEqualTo("No order of folding is shorter.");
        assertThat(study.orders()).isEqualTo("Its parts can lie over each other in one way only.");
        FoldStudy.Step last = study.steps().get(9);
        assertThat(last.sentence()).isEqualTo("Fold flap 4 over and tuck it under flap 1.");
        assertThat(last.opening()).isEqualTo("Draw flap 4 out from under flap 1 and open flap 4.");
        // Each strip lies back on its flap before the next flap covers it.
        assertThat(study.steps()).extracting(FoldStudy.Step::either).containsOnly("");
        assertThat(study.thick(MeasureSystem.INCH).orElseThrow().text()).contains("where 5 plies meet");
        assertThat(study.where()).isEmpty();
    }

    /** Common practice, no source: doors may be shut in either order; nothing of a gate whose doors meet is in the way of the rest. */
    @Test
    void aGateLeavesTheOrderToItsMaker() {
        FoldStudy study = study("gate");
        assertThat(study.steps())
                .extracting(FoldStudy.Step::either)
                .containsExactly("Steps 1 and 2 in either order.", "");
        assertThat(study.swing()).isEmpty();
        assertThat(study.steps().get(1).seen()).contains("left door upright").contains("right door upright");
    }

    /** Keyframes go forward from the start to the end, no leaf is stretched, and none turns by more than 10° between two of a fold. */
    @Test
    void framesAreRigidAndInOrder() {
        MotionView motion = study("pinwheel").motion(false).orElseThrow();
        assertThat(motion.steps()).isEqualTo(10);
        for (MotionView.Sheet leaf : motion.leaves()) {
            List<MotionView.Moment> moments = leaf.moments();
            assertThat(moments.get(0).at()).isZero();
            assertThat(moments.get(moments.size() - 1).at()).isEqualTo(1);
            for (int i = 0; i < moments.size(); i++) {
                double[] now = numbers(moments.get(i).transform());
                assertThat(dot(now, now, 0, 0)).isCloseTo(1, offset(2e-3));
                assertThat(dot(now, now, 0, 4)).isCloseTo(0, offset(2e-3));
                assertThat(moments.get(i).light()).isBetween(0.5, 1.0);
                if (i > 0) {
                    double[] before = numbers(moments.get(i - 1).transform());
                    assertThat(moments.get(i).at())
                            .isGreaterThanOrEqualTo(moments.get(i - 1).at());
                    double cosine = dot(before, now, 8, 8);
                    assertThat(Math.toDegrees(Math.acos(Math.min(1, cosine)))).isLessThan(10.6);
                }
            }
        }
    }

    private static double dot(double[] one, double[] other, int from, int start) {
        return one[from] * other[start] + one[from + 1] * other[start + 1] + one[from + 2] * other[start + 2];
    }

    /** In a ring no levels serve for all: one flap is shown cut where the next lies over it, and only once it is tucked. */
    @Test
    void theRingOfAPinwheelIsCutWhenItIsShutAndNotBefore() {
        MotionView motion = study("pinwheel").motion(false).orElseThrow();
        List<MotionView.Part> parts = new ArrayList<>();
        motion.leaves().forEach(leaf -> parts.addAll(leaf.parts()));
        assertThat(parts).isNotEmpty().allSatisfy(part -> assertThat(part.from())
                .isEqualTo(1));
        assertThat(study("gate").motion(false).orElseThrow().leaves())
                .allSatisfy(leaf -> assertThat(leaf.parts()).isEmpty());
    }

    /** Spread, plies lie further apart and everything else lies as it did. */
    @Test
    void spreadOnlyLiftsPlies() {
        FoldStudy roll = study("roll");
        MotionView close = roll.motion(false).orElseThrow();
        MotionView spread = roll.motion(true).orElseThrow();
        double lifted = 0;
        for (int leaf = 0; leaf < close.leaves().size(); leaf++) {
            List<MotionView.Moment> moments = close.leaves().get(leaf).moments();
            double[] one = numbers(moments.get(moments.size() - 1).transform());
            double[] other = numbers(
                    spread.leaves().get(leaf).moments().get(moments.size() - 1).transform());
            assertThat(other[12]).isCloseTo(one[12], offset(1e-3));
            assertThat(other[13]).isCloseTo(one[13], offset(1e-3));
            lifted = Math.max(lifted, other[14] - one[14]);
        }
        assertThat(lifted).isGreaterThan(5);
    }

    @Test
    void aPatternThatCanLieInManyWaysSaysOnlyWhatWasLookedAt() {
        StringBuilder vertices = new StringBuilder();
        StringBuilder edges = new StringBuilder("[0, 1]");
        StringBuilder kinds = new StringBuilder("\"B\"");
        for (int i = 0; i <= 6; i++) {
            vertices.append(i == 0 ? "" : ", ").append("[" + i + ", 0], [" + i + ", 1]");
            if (i > 0) {
                int at = 2 * i;
                edges.append(", [" + (at - 2) + ", " + at + "], [" + (at - 1) + ", " + (at + 1) + "], [" + at + ", "
                        + (at + 1) + "]");
                kinds.append(", \"B\", \"B\", \"" + (i == 6 ? "B" : "U") + "\"");
            }
        }
        FoldStudy stamps = pattern("{\"vertices_coords\": [" + vertices + "], \"edges_vertices\": [" + edges
                + "], \"edges_assignment\": [" + kinds + "]}");
        assertThat(stamps.orders())
                .isEqualTo("Its parts can lie over each other in 144 ways; of those looked at, this one takes least.");
        assertThat(stamps.proof()).isEqualTo("A shorter order of folding may exist.");
    }

    @Test
    void whatDoesNotFoldSaysWhereAndWhatHasNoCreasesSaysSo() {
        String square =
                """
                {"vertices_coords": [[0, 0], [1, 0], [1, 1], [0, 1]], "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 0]],
                 "edges_assignment": ["B", "B", "B", "B"]}""";
        assertThat(pattern(square).without()).isEqualTo("There is nothing to fold.");
        assertThat(pattern(square).steps()).isEmpty();
        assertThat(pattern(square).motion(false)).isEmpty();
        String odd =
                """
                {"vertices_coords": [[0, 0], [2, 0], [2, 2], [0, 2], [1, 1]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 0], [4, 0], [4, 1], [4, 2]],
                 "edges_assignment": ["B", "B", "B", "B", "V", "V", "V"]}""";
        FoldStudy study = pattern(odd);
        assertThat(study.reading()).isEqualTo("does not fold flat");
        assertThat(study.reasons().get(0).message()).contains("3 creases meet");
        assertThat(study.where()).isPresent();
    }
}
