package kwibbet.formats.outline;

import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Outlines as JSON: what is written is read back as it was, and what is not in form is told by its place. */
class OutlineDocumentTest {

    private static OwnShape traced() {
        Tracing tracing = DrawingReader.read("<svg xmlns='http://www.w3.org/2000/svg' width='50mm' viewBox='0 0 50 30'>"
                        + "<circle cx='15' cy='15' r='14.3'/><path d='M3 3L20 9' stroke-dasharray='1'/></svg>")
                .orThrow()
                .tracing();
        ShapePart part = new ShapePart(
                ShapePart.How.ADD,
                new Source.Traced(tracing),
                new Size(Length.ofMillimetres(2861, 100), Length.ofMillimetres(30)),
                new Point(Length.ofInches(-1, 3), Length.ZERO),
                new ShapePart.Turn(41, true));
        Finish finish = new Finish(Length.ofMillimetres(-1, 2), Length.ofInches(1, 6), true);
        return OwnShape.of("Traced", List.of(part), finish, MeasureSystem.METRIC)
                .orThrow();
    }

    @Test
    void readingBackGivesTheSame() {
        for (OwnShape shape : List.of(SampleOutlines.jar(), SampleOutlines.label(), traced())) {
            OwnShape back = OutlineDocument.read(OutlineDocument.write(shape)).orThrow();
            assertThat(back).isEqualTo(shape);
            assertThat(back.asDrawn().region()).isEqualTo(shape.asDrawn().region());
            assertThat(back.creases(back.size())).isEqualTo(shape.creases(shape.size()));
        }
    }

    @Test
    void whatIsNotInFormIsToldByItsPlace() {
        String jar = OutlineDocument.write(SampleOutlines.jar());
        assertThat(place(jar.replace("\"oval\"", "\"egg\""))).isEqualTo("/parts/1/shape");
        assertThat(place(jar.replaceFirst("\"3 in\"", "\"-3 in\""))).isEqualTo("/parts/0/width");
        assertThat(place(jar.replaceFirst("\"add\"", "\"keep\""))).isEqualTo("/parts/0/how");
        assertThat(place(jar.replace("\"Jar\"", "\" \""))).isEqualTo("/name");
    }

    private static String place(String text) {
        Outcome<OwnShape> read = OutlineDocument.read(text);
        assertThat(read.reasons()).as(text).isNotEmpty();
        return read.reasons().get(0).field();
    }
}
