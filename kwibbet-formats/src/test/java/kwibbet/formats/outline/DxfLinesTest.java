package kwibbet.formats.outline;

import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.formats.Samples;
import kwibbet.formats.plot.PlotDxf;
import kwibbet.formats.plot.PlotSvg;
import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;
import kwibbet.plot.Plot;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** DXF by areas of elementary geometry, in square millimetres, and what Kwibbet writes read back. */
class DxfLinesTest {

    private static String file(String blocks, String entities) {
        String head = "0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC ";
        return (head + "0 SECTION 2 BLOCKS " + blocks + " 0 ENDSEC 0 SECTION 2 ENTITIES " + entities
                        + " 0 ENDSEC 0 EOF")
                .strip()
                .replaceAll("\\s+", "\n");
    }

    private static DrawnLines read(String blocks, String entities) {
        return DrawingReader.read(file(blocks, entities)).orThrow();
    }

    private static double area(Tracing.Line line) {
        assertThat(line.closed()).isTrue();
        return new Outline(line.points()).area() * 25.4 * 25.4;
    }

    private static double area(DrawnLines lines) {
        assertThat(lines.tracing().lines()).hasSize(1);
        return area(lines.tracing().lines().get(0));
    }

    @Test
    void roundsAreRound() {
        double disc = Math.PI * 100;
        assertThat(area(read("", "0 CIRCLE 10 5 20 5 40 10"))).isCloseTo(disc, offset(0.05));
        assertThat(area(read("", "0 LWPOLYLINE 90 2 70 1 10 0 20 0 42 1 10 20 20 0 42 1")))
                .isCloseTo(disc, offset(0.05));
        assertThat(area(read("", "0 ARC 10 0 20 0 40 10 50 90 51 270 0 LINE 10 0 20 -10 11 0 21 10")))
                .isCloseTo(disc / 2, offset(0.05));
        assertThat(area(read("", "0 ELLIPSE 10 0 20 0 11 0 21 20 40 0.5 41 0 42 6.283185307179586")))
                .isCloseTo(disc * 2, offset(0.1));
        // A quarter bulges by tan(π/8) to the right of the way from 10, 0 to 0, 10: a segment off half a square.
        assertThat(
                        area(
                                read(
                                        "",
                                        "0 POLYLINE 70 1 0 VERTEX 10 0 20 0 0 VERTEX 10 10 20 0 42 -0.41421356237 0 VERTEX 10 0 20 10 0 SEQEND")))
                .isCloseTo(50 - (Math.PI * 25 - 50), offset(0.02));
    }

    /** A whole circle as a rational spline of degree 2: nine points, every other with weight √½ (L. Piegl, W. Tiller, The NURBS Book, 1997, section 7.5). */
    @Test
    void aRationalSplineIsACircle() {
        StringBuilder spline = new StringBuilder("0 SPLINE 70 1 71 2 ");
        for (double knot : new double[] {0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4}) {
            spline.append("40 ").append(knot).append(' ');
        }
        int[][] places = {{1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}, {0, -1}, {1, -1}, {1, 0}};
        for (int i = 0; i < places.length; i++) {
            spline.append("41 ").append(i % 2 == 0 ? 1 : Math.sqrt(0.5)).append(' ');
        }
        for (int[] place : places) {
            spline.append("10 " + 10 * place[0] + " 20 " + 10 * place[1] + " 30 0 ");
        }
        assertThat(area(read("", spline.toString()))).isCloseTo(Math.PI * 100, offset(0.05));
    }

    /** A square of 2 about its base point, twice as wide, turned by 30°, in two rows of three: six of area 8, the first about 50, 0. */
    @Test
    void blocksAreInsertedScaledTurnedAndInRows() {
        DrawnLines lines = read(
                "0 BLOCK 2 SQ 10 1 20 1 0 LWPOLYLINE 90 4 70 1 10 0 20 0 10 2 20 0 10 2 20 2 10 0 20 2 0 ENDBLK",
                "0 INSERT 2 SQ 10 50 20 0 41 2 42 1 50 30 70 3 71 2 44 10 45 6");
        assertThat(lines.tracing().lines()).hasSize(6).allSatisfy(line -> assertThat(area(line))
                .isCloseTo(8, offset(0.001)));
        Point middle =
                new Outline(lines.tracing().lines().get(0).points()).bounds().middle();
        assertThat(middle.x().toMillimetres()).isCloseTo(50, offset(1e-4));
        assertThat(middle.y().toMillimetres()).isCloseTo(0, offset(1e-4));
        assertThat(lines.unit()).isEqualTo(DrawnUnit.MILLIMETRE);
    }

    @Test
    void whatCannotBeReadIsSaid() {
        assertThat(DrawingReader.read(file("", "0 LINE 10 x 20 0 11 1 21 1"))
                        .reasons()
                        .get(0)
                        .message())
                .isEqualTo("A number in it cannot be read: “x”.");
        assertThat(DrawingReader.read(file("0 BLOCK 2 A 0 INSERT 2 A 0 ENDBLK", "0 INSERT 2 A"))
                        .reasons()
                        .get(0)
                        .message())
                .isEqualTo("Blocks in it are inserted into themselves.");
        assertThat(read("", "0 CIRCLE 40 5 0 TEXT 1 hello").told())
                .singleElement()
                .asString()
                .startsWith("What is a TEXT in it is left out");
    }

    /** However much of a drawing is left out and whatever that is called, what is told of it can be read, and kept. */
    @Test
    void whatIsToldStaysShort() {
        StringBuilder entities = new StringBuilder("0 CIRCLE 40 5 ");
        for (int i = 0; i < 60; i++) {
            entities.append("0 ")
                    .append("THING")
                    .append("X".repeat(200))
                    .append(i)
                    .append(" 1 a ");
            entities.append("0 INSERT 2 B").append(i).append(' ');
        }
        assertThat(String.join(" ", read("", entities.toString()).told())).hasSizeLessThan(1_800);
    }

    /** Written as SVG and as DXF and read again, an outline with a hole is where it was, to a ten-thousandth of a millimetre. */
    @Test
    void whatIsWrittenIsReadBack() {
        Plot plot = Plot.of(SampleOutlines.label());
        for (String text : List.of(PlotSvg.write(plot), PlotDxf.write(plot))) {
            DrawnLines lines = DrawingReader.read(text).orThrow();
            assertThat(lines.isUnitSaid()).isTrue();
            assertThat(lines.told()).isEmpty();
            assertThat(lines.tracing().lines()).hasSameSizeAs(plot.lines()).allSatisfy(line -> assertThat(line.use())
                    .isEqualTo(Tracing.Use.CUT));
            for (int i = 0; i < plot.lines().size(); i++) {
                Outline written = new Outline(plot.lines().get(i).points());
                Outline back = new Outline(lines.tracing().lines().get(i).points());
                assertThat(back.area() / written.area()).isCloseTo(1, offset(1e-6));
                assertThat(back.corners()).hasSameSizeAs(written.corners());
                assertThat(back.bounds().size().width().toMillimetres())
                        .isCloseTo(written.bounds().size().width().toMillimetres(), offset(1e-4));
            }
        }
    }

    /** Scores come back as creases, from either. */
    @Test
    void creasesComeBackAsCreases() {
        Plot plot = Plot.of(Samples.plan(Samples.design("Any")).card().base());
        for (String text : List.of(PlotSvg.write(plot), PlotDxf.write(plot))) {
            assertThat(DrawingReader.read(text).orThrow().tracing().lines())
                    .extracting(Tracing.Line::use)
                    .containsExactlyInAnyOrder(Tracing.Use.CUT, Tracing.Use.CREASE);
        }
    }
}
