package kwibbet.drawing;

import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

import static kwibbet.Inches.in;
import static org.assertj.core.api.Assertions.assertThat;

class DimensionLineTest {

    private static List<Mark> marks(Axis axis, String from, String to, String object, String line) {
        Phrase phrase = Phrase.of(in(to).minus(in(from)), MeasureSystem.INCH);
        return new DimensionLine(axis, in(from), in(to), in(object), in(line), phrase, in("1/4")).marks();
    }

    private static Mark.Text figure(List<Mark> marks) {
        return (Mark.Text)
                marks.stream().filter(Mark.Text.class::isInstance).findFirst().orElseThrow();
    }

    @Test
    void theLineSpansWhatItMeasuresAndItsFigureStandsInTheMiddle() {
        List<Mark> marks = marks(Axis.HORIZONTAL, "1", "6", "3", "4");
        assertThat(marks).anySatisfy(mark -> assertThat(mark)
                .isInstanceOfSatisfying(Mark.Stroke.class, stroke -> assertThat(stroke.path())
                        .containsExactly(new Point(in("1"), in("4")), new Point(in("6"), in("4")))));
        assertThat(figure(marks).at()).isEqualTo(new Point(in("3 1/2"), in("4")));
        assertThat(figure(marks).phrase().text()).isEqualTo("5");
    }

    @Test
    void witnessLinesStartClearOfThePieceAndPassTheLine() {
        for (String line : List.of("4", "2")) {
            Mark.Stroke witness =
                    (Mark.Stroke) marks(Axis.HORIZONTAL, "1", "6", "3", line).get(0);
            Length start = witness.path().get(0).y();
            Length end = witness.path().get(1).y();
            assertThat(start).isNotEqualTo(in("3"));
            assertThat(start.minus(in("3")).isNegative()).isEqualTo(in(line).isShorterThan(in("3")));
            assertThat(end.minus(in("3")).abs().isLongerThan(in("1"))).isTrue();
        }
    }

    @Test
    void heightsAreReadUpwardsAndNarrowOnesStandOutside() {
        assertThat(figure(marks(Axis.VERTICAL, "0", "5", "1", "0")).upwards()).isTrue();
        Mark.Text narrow = figure(marks(Axis.HORIZONTAL, "1", "1 1/16", "3", "4"));
        assertThat(narrow.at().y().isLongerThan(in("4"))).isTrue();
    }
}
