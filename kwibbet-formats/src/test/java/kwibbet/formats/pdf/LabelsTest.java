package kwibbet.formats.pdf;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.Test;

import kwibbet.formats.pdf.Labels.Label;
import kwibbet.kit.LabelSheet;
import kwibbet.measure.Length;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Read back from the PDF: each label within its place, each frame on it. */
class LabelsTest {

    /** Two by five: 90 × 50 mm, 12 mm from the left, 15 mm from above, 5 mm between across, none down. */
    private static final LabelSheet SHEET = new LabelSheet(
            new Size(Length.ofMillimetres(90), Length.ofMillimetres(50)),
            Length.ofMillimetres(12),
            Length.ofMillimetres(15),
            new Size(Length.ofMillimetres(95), Length.ofMillimetres(50)),
            new LabelSheet.Grid(2, 5));

    private static final double POINTS = 72 / 25.4;

    private static Rectangle2D.Double place(int number) {
        return new Rectangle2D.Double(
                (12 + 95 * (number % 2)) * POINTS, (15 + 50 * (number / 2)) * POINTS, 90 * POINTS, 50 * POINTS);
    }

    @Test
    void eachLabelStandsInItsPlace() throws IOException {
        List<Label> labels = IntStream.rangeClosed(1, 13)
                .mapToObj(number -> new Label(
                        "Lamplight with a name that is far too long for a label of nine centimetres",
                        List.of("Night train", "Bag " + number + ".")))
                .toList();
        try (PDDocument document = Loader.loadPDF(Labels.write(SHEET, labels, PageFormat.A4))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            for (int at = 0; at < labels.size(); at++) {
                PDFTextStripperByArea stripper = new PDFTextStripperByArea();
                stripper.addRegion("label", place(at % 10));
                stripper.extractRegions(document.getPage(at / 10));
                assertThat(stripper.getTextForRegion("label"))
                        .contains("Lamplight", "…", "Night train", "Bag " + (at + 1) + ".");
                assertThat(stripper.getTextForRegion("label").split("Bag")).hasSize(2);
            }
        }
    }

    @Test
    void framesLieOnTheLabels() throws IOException {
        try (PDDocument document = Loader.loadPDF(Labels.frames(SHEET, PageFormat.A4))) {
            List<Object> tokens = new PDFStreamParser(document.getPage(0)).parse();
            List<double[]> frames = new ArrayList<>();
            for (int at = 4; at < tokens.size(); at++) {
                if (tokens.get(at) instanceof Operator operator
                        && operator.getName().equals("re")) {
                    int end = at;
                    frames.add(IntStream.range(0, 4)
                            .mapToDouble(i -> ((COSNumber) tokens.get(end - 4 + i)).floatValue())
                            .toArray());
                }
            }
            assertThat(frames).hasSize(10);
            double height = 297 * POINTS;
            for (int at = 0; at < frames.size(); at++) {
                double[] frame = frames.get(at);
                assertThat(frame[0]).isCloseTo(place(at).x, within(0.1));
                assertThat(height - frame[1] - frame[3]).isCloseTo(place(at).y, within(0.1));
                assertThat(frame[2]).isCloseTo(90 * POINTS, within(0.1));
                assertThat(frame[3]).isCloseTo(50 * POINTS, within(0.1));
            }
        }
    }

    @Test
    void whatDoesNotFitIsSaidWhereItWasEntered() {
        assertThat(SHEET.refusals(PageFormat.A4.size())).isEmpty();
        assertThat(LabelSheet.USUAL.refusals(PageFormat.A4.size())).isEmpty();
        assertThat(LabelSheet.USUAL.refusals(PageFormat.LETTER.size())).isEmpty();
        assertThat(with(SHEET.label(), 3, 6).refusals(PageFormat.A4.size()))
                .extracting(Refusal::field)
                .containsExactly("columns", "rows");
        assertThat(with(new Size(Length.ofMillimetres(96), Length.ofMillimetres(51)), 2, 5)
                        .refusals(PageFormat.A4.size()))
                .extracting(Refusal::field)
                .containsExactly("across", "down");
        assertThat(with(SHEET.label(), 0, 51).refusals(PageFormat.A4.size()))
                .extracting(Refusal::field)
                .containsExactly("columns", "rows");
    }

    private static LabelSheet with(Size label, int columns, int rows) {
        return new LabelSheet(label, SHEET.left(), SHEET.top(), SHEET.pitch(), new LabelSheet.Grid(columns, rows));
    }
}
