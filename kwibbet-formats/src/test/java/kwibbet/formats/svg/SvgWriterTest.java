package kwibbet.formats.svg;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;

import javax.xml.parsers.DocumentBuilderFactory;

import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.PieceId;
import kwibbet.drawing.Drawing;
import kwibbet.formats.Samples;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.TableScale;

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
}
