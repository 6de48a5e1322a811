package kwibbet.formats.svg;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;

import javax.xml.parsers.DocumentBuilderFactory;

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
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What is written is read back with the JDK's XML parser. */
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

    @Test
    void thePieceIsDrawnToScaleInMillimetres() throws Exception {
        Element base = all(read(SvgWriter.write(FLAT, SvgOptions.PICTURE)), "g").stream()
                .filter(group -> group.getAttribute("data-piece").equals("base"))
                .findFirst()
                .orElseThrow();
        Element outline = all(base, "path").get(0);
        String[] corners = outline.getAttribute("d").replaceAll("[MZ]", "").split("[L ]", -1);
        double width = Double.parseDouble(corners[2]) - Double.parseDouble(corners[0]);
        double height = Double.parseDouble(corners[5]) - Double.parseDouble(corners[3]);
        assertThat(width).isEqualTo(254, offset(0.002));
        assertThat(height).isEqualTo(177.8, offset(0.002));
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
        assertThat(all(clip, "path").get(0).getAttribute("d")).startsWith("M12 11L17 11");
        assertThat(all(svg, "path").get(0).getAttribute("fill")).isEqualTo("#123456");
        Element bare = read(SvgWriter.write(drawing, SvgOptions.PICTURE));
        assertThat(all(bare, "image")).isEmpty();
        assertThat(all(bare, "path").get(0).getAttribute("fill")).isEqualTo("#123456");
    }
}
