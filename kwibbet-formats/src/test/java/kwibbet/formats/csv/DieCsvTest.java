package kwibbet.formats.csv;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.shape.CutShape;
import kwibbet.shape.Point;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Die.Detail;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;

import static org.assertj.core.api.Assertions.assertThat;

class DieCsvTest {

    private static Supplier<DieId> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> new DieId("new-" + next.incrementAndGet());
    }

    private static Die die(String name, Length width, Sides sides) {
        CutShape shape = new CutShape(CutShape.Kind.RECTANGLE, new Size(width, width));
        return new Die(new DieId(name), name, shape, Length.ofInches(1, 16), Detail.PLAIN, sides, "Panes", 2);
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        Sides scalloped = new Sides(Pattern.SCALLOPED, Length.ofMillimetres(7, 2));
        List<Die> dies = List.of(
                die("Pane, small", Length.ofInches(3, 2), Sides.STRAIGHT),
                die("Strap", Length.ofMillimetres(50), scalloped));
        String text = DieCsv.write(dies);
        assertThat(text).contains("\"Pane, small\",rectangle,1 1/2,1 1/2,in,1/16,plain,straight,,Panes,2");
        assertThat(DieCsv.read(text, dies, ids()).orThrow().get(0)).isEqualTo(dies.get(0));
        assertThat(DieCsv.read(text, List.of(), ids()).orThrow())
                .extracting(Die::id)
                .containsExactly(new DieId("new-1"), new DieId("new-2"));
    }

    /** An outline of somebody's own stands in a column of its own, as JSON; a broken one is told there. */
    @Test
    void anOutlineOfOnesOwnGoesAlong() {
        ShapePart box = new ShapePart(
                ShapePart.How.ADD,
                new Source.OfTrade(CutShape.Kind.ARCH),
                new Size(Length.ofInches(2), Length.ofInches(3)),
                Point.ORIGIN,
                ShapePart.Turn.NONE);
        OwnShape own = OwnShape.of("Doorway", List.of(box), Finish.NONE, MeasureSystem.INCH)
                .orThrow();
        Die die = new Die(new DieId("d"), "Doorway", own.asDrawn(), Length.ZERO, Detail.PLAIN, Sides.STRAIGHT, "", 1);
        String text = DieCsv.write(List.of(die));
        assertThat(DieCsv.read(text, List.of(die), ids()).orThrow()).containsExactly(die);
        assertThat(DieCsv.read(text.replace("arch", "tunnel"), List.of(), ids()).reasons())
                .extracting(Refusal::field)
                .containsExactly("line 2, outline");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    A,blob,2,2,in,0,,,,, | line 2, shape
                    A,oval,,2,in,0,,,,,  | line 2, width
                    A,oval,2,2,in,0,,scalloped,,,  | line 2, pitch
                    A,oval,2,2,in,0,,,,,many | line 2, on-hand
                    A,oval,2,2,cm,0,,,,,1 | line 2, unit
                    A,oval,25,2,in,0,,,,,1 | line 2
                    A name so long that no label of any drawer in the room would hold it,oval,2,2,in,0,,,,,1 | line 2
                    ,oval,2,2,in,0,,,,,1 | line 2""")
    void whatIsWrongIsNamedByItsPlace(String line, String place) {
        String text = "name,shape,width,height,unit,metal,detail,edge,pitch,set,on-hand\r\n" + line + "\r\n";
        Outcome<List<Die>> read = DieCsv.read(text, List.of(), ids());
        assertThat(read.reasons()).extracting(Refusal::field).contains(place);
    }
}
