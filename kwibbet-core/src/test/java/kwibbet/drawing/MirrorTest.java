package kwibbet.drawing;

import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

import static org.assertj.core.api.Assertions.assertThat;

class MirrorTest {

    private static final Rect FRAME = Rect.of(in(-1), in(0), in(10), in(4));

    private static Length in(int inches) {
        return Length.ofInches(inches);
    }

    private static Point at(int x, int y) {
        return new Point(in(x), in(y));
    }

    private static Drawing drawing(Mark... marks) {
        return new Drawing("trimmer", FRAME, in(1), List.of(marks));
    }

    private static Mark.Text text(Point at, Mark.Anchor anchor, boolean upwards) {
        return new Mark.Text(at, Phrase.of("blade"), anchor, 1, Ink.ON_PAGE, upwards, true);
    }

    /** What lies so far from the left edge of the frame lies as far from the right one: −1 and 9 add up to 8. */
    @Test
    void leftIsRight() {
        Mark.Area area = Mark.Area.of(Rect.of(in(0), in(1), in(2), in(2)), Fill.NONE, Line.CUT, Ink.ON_PAGE)
                .lifted();
        Mark.Stroke stroke = new Mark.Stroke(List.of(at(0, 0), at(3, 4)), Line.FENCE, Ink.ON_PAGE);
        Mark.Disc disc = new Mark.Disc(at(8, 1), in(1), "1");
        List<Mark> mirrored = drawing(new Mark.Group("base", "Base", List.of(area, stroke)), disc)
                .mirrored()
                .marks();
        Mark.Group group = (Mark.Group) mirrored.get(0);
        assertThat(group.piece()).isEqualTo("base");
        assertThat(((Mark.Area) group.marks().get(0)).outline())
                .containsExactlyInAnyOrder(at(8, 1), at(6, 1), at(6, 3), at(8, 3));
        assertThat(((Mark.Area) group.marks().get(0)).raised()).isTrue();
        assertThat(((Mark.Stroke) group.marks().get(1)).path()).containsExactly(at(8, 0), at(5, 4));
        assertThat(mirrored.get(1)).isEqualTo(new Mark.Disc(at(0, 1), in(1), "1"));
    }

    /** Words are not turned round: what began at its place ends there, unless it reads upwards. */
    @Test
    void wordsStayReadable() {
        assertThat(drawing(text(at(1, 1), Mark.Anchor.START, false)).mirrored().marks())
                .containsExactly(text(at(7, 1), Mark.Anchor.END, false));
        assertThat(drawing(text(at(1, 1), Mark.Anchor.MIDDLE, false)).mirrored().marks())
                .containsExactly(text(at(7, 1), Mark.Anchor.MIDDLE, false));
        assertThat(drawing(text(at(1, 1), Mark.Anchor.END, true)).mirrored().marks())
                .containsExactly(text(at(7, 1), Mark.Anchor.END, true));
    }

    @Test
    void mirroredTwiceItIsItself() {
        Drawing drawing = drawing(
                text(at(2, 3), Mark.Anchor.END, false),
                new Mark.Disc(at(4, 1), in(1), "2"),
                new Mark.Stroke(List.of(at(0, 0), at(3, 4)), Line.CUT, Ink.ON_PAGE));
        assertThat(drawing.mirrored().mirrored()).isEqualTo(drawing);
    }
}
