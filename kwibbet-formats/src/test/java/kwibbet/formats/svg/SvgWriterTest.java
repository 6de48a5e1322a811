package kwibbet.formats.svg;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import javax.xml.parsers.DocumentBuilderFactory;

import org.apache.batik.parser.AWTPathProducer;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.bench.RunPlan;
import kwibbet.card.PieceId;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.formats.Samples;
import kwibbet.measure.Length;
import kwibbet.paper.Colour;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.TableScale;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What is written is read back with the JDK's XML parser, its paths with Batik's. */
class SvgWriterTest {

    private static final RunPlan PLAN = Samples.plan(Samples.design("Quoted \"name\" <b>"));
    private static final Drawing FLAT =
            FlatPicture.of(PLAN.card(), PLAN.shelf(), PieceId.BASE, TableScale.of(PLAN.card()));

    private static Element read(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg)))
                .getDocumentElement();
    }

    private static List<Element> all(Element root, String tag) {
        NodeList nodes = root.getElementsByTagName(tag);
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < nodes.getLength(); i++) {
            elements.add((Element) nodes.item(i));
        }
        return elements;
    }

    private static Rectangle2D bounds(Element path) throws Exception {
        return shape(path).getBounds2D();
    }

    private static Shape shape(Element path) throws Exception {
        return AWTPathProducer.createShape(new StringReader(path.getAttribute("d")), PathIterator.WIND_EVEN_ODD);
    }

    /** Corners follow each other as steps, which are rounded: the last of a thousand is where it is as exactly as the first. Batik counts in floats. */
    @Test
    void manyCornersAreEachWhereTheyAre() throws Exception {
        List<Point> corners = IntStream.range(0, 1000)
                .mapToObj(i -> new Point(
                        Length.nearestInches(-1 + 3 * Math.cos(i * Math.PI / 500)),
                        Length.nearestInches(0.4 + 3 * Math.sin(i * Math.PI / 500))))
                .toList();
        Drawing drawing = new Drawing(
                "Round",
                Rect.atOrigin(new Size(Length.ofInches(6, 1), Length.ofInches(6, 1))),
                Length.ofMillimetres(2),
                List.of(Mark.Area.of(new Outline(corners), Fill.NONE, Line.CUT, Ink.ON_LIGHT)));
        Element svg = read(SvgWriter.write(drawing, SvgOptions.PICTURE));
        PathIterator read = shape(all(svg, "path").get(0)).getPathIterator(null);
        double[] at = new double[6];
        for (Point corner : corners) {
            read.currentSegment(at);
            assertThat(at[0]).isEqualTo(corner.x().toMillimetres(), offset(0.0006));
            assertThat(at[1]).isEqualTo(corner.y().toMillimetres(), offset(0.0006));
            read.next();
        }
        assertThat(read.currentSegment(at)).isEqualTo(PathIterator.SEG_CLOSE);
    }

    @Test
    void thePieceIsDrawnToScaleInMillimetres() throws Exception {
        Element base = all(read(SvgWriter.write(FLAT, SvgOptions.PICTURE)), "g").stream()
                .filter(group -> group.getAttribute("data-piece").equals("base"))
                .findFirst()
                .orElseThrow();
        Element outline = all(base, "path").get(0);
        Rectangle2D drawn = bounds(outline);
        assertThat(drawn.getWidth()).isEqualTo(254, offset(0.002));
        assertThat(drawn.getHeight()).isEqualTo(177.8, offset(0.002));
        // A base lies inside up: what is seen is the other face of its paper.
        assertThat(outline.getAttribute("fill")).isEqualTo("#c0ffee");
        assertThat(all(base, "path").get(2).getAttribute("class")).startsWith("line-valley ");
    }

    @Test
    void matsOnTheOutsideAreHiddenEdgesAndTheOneInHandIsLit() throws Exception {
        Element svg = read(SvgWriter.write(FLAT, SvgOptions.PICTURE.lighting("mat-1")));
        List<Element> mats = all(svg, "g").stream()
                .filter(group -> group.getAttribute("data-piece").startsWith("mat"))
                .toList();
        assertThat(mats).hasSize(2).allSatisfy(mat -> assertThat(
                        all(mat, "path").get(0).getAttribute("class"))
                .startsWith("line-hidden "));
        assertThat(mats.get(0).getAttribute("class")).isEqualTo("lit");
        assertThat(mats.get(1).getAttribute("class")).isEmpty();
    }

    @Test
    void namesAreEscapedAndFractionsAreMarked() throws Exception {
        Element svg = read(SvgWriter.write(FLAT, SvgOptions.PICTURE));
        assertThat(all(svg, "title")).extracting(Element::getTextContent).contains("Upper <mat> & \"co\", Lower mat");
        RunPlan small = Samples.plan(Samples.design("Small", "4 1/4", "5 1/2"));
        Drawing flat = FlatPicture.of(small.card(), small.shelf(), PieceId.BASE, TableScale.of(small.card()));
        assertThat(all(read(SvgWriter.write(flat, SvgOptions.PICTURE)), "tspan"))
                .extracting(Element::getTextContent)
                .contains("1/4", "1/2");
    }

    @Test
    void aDecorationIsNotReadOutAndCanHaveAFixedScale() throws Exception {
        Element svg = read(SvgWriter.write(FLAT, SvgOptions.DECORATION.at(20)));
        assertThat(svg.getAttribute("aria-hidden")).isEqualTo("true");
        assertThat(svg.getAttribute("width"))
                .isEqualTo(String.valueOf(Math.round(FLAT.frame().size().width().toInches() * 20)));
        assertThat(read(SvgWriter.write(FLAT, SvgOptions.PICTURE)).getAttribute("aria-label"))
                .contains("10 × 7 in");
    }

    /** SVG 1.1, 7.6: the matrix takes a square of one by one to where the picture lies; without an address only its colour is there. */
    @Test
    void aPictureIsPutWhereItIsPrinted() throws Exception {
        Artwork artwork = new Artwork(new ArtworkId("poster"), "Poster", 100, 200, new Colour("#123456"));
        Point corner = new Point(Length.ofMillimetres(30), Length.ofMillimetres(10));
        // A quarter turned: its top runs down, its left side to the left.
        Fill fill = new Fill.Printed(
                artwork,
                corner,
                new Point(Length.ofMillimetres(30), Length.ofMillimetres(20)),
                new Point(Length.ofMillimetres(10), Length.ofMillimetres(10)));
        Rect seen = Rect.of(
                Length.ofMillimetres(12), Length.ofMillimetres(11), Length.ofMillimetres(5), Length.ofMillimetres(6));
        Drawing drawing = new Drawing(
                "Printed",
                Rect.atOrigin(new Size(Length.ofMillimetres(40), Length.ofMillimetres(40))),
                Length.ofMillimetres(2),
                List.of(Mark.Area.of(seen, fill, Line.NONE, Ink.ON_LIGHT)));
        Element svg = read(SvgWriter.write(drawing, SvgOptions.PICTURE.printing("/pictures/")));
        Element image = all(svg, "image").get(0);
        assertThat(image.getAttribute("href")).isEqualTo("/pictures/poster");
        assertThat(image.getAttribute("transform")).isEqualTo("matrix(0 10 -20 0 30 10)");
        Element clip = all(svg, "clipPath").get(0);
        assertThat(((Element) image.getParentNode()).getAttribute("clip-path"))
                .isEqualTo("url(#" + clip.getAttribute("id") + ")");
        assertThat(bounds(all(clip, "path").get(0))).isEqualTo(new Rectangle2D.Double(12, 11, 5, 6));
        assertThat(all(svg, "path").get(0).getAttribute("fill")).isEqualTo("#123456");
        Element bare = read(SvgWriter.write(drawing, SvgOptions.PICTURE));
        assertThat(all(bare, "image")).isEmpty();
        assertThat(all(bare, "path").get(0).getAttribute("fill")).isEqualTo("#123456");
    }
}
