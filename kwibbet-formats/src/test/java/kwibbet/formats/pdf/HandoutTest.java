package kwibbet.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.apache.pdfbox.util.Matrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Base;
import kwibbet.card.Design;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.formats.Samples;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** The handout is read back with a PDF library, page boxes, text and lines. */
class HandoutTest {

    private static PDDocument handout(String name, String width, String height, PageFormat format) throws IOException {
        return Loader.loadPDF(Handout.write(Samples.plan(Samples.design(name, width, height)), format));
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document);
    }

    /** A4 is 210 × 297 mm (ISO 216), letter 8 1/2 × 11 in; a point is 1/72 in (ISO 32000-1, 8.3.2.3). */
    @ParameterizedTest
    @EnumSource
    void pagesHaveTheSizeThatWasAskedFor(PageFormat format) throws IOException {
        double width = format == PageFormat.A4 ? 210 / 25.4 * 72 : 8.5 * 72;
        double height = format == PageFormat.A4 ? 297 / 25.4 * 72 : 11 * 72;
        try (PDDocument document = handout("Lantern", "5", "7", format)) {
            for (PDPage page : document.getPages()) {
                PDRectangle box = page.getMediaBox();
                assertThat(Math.min(box.getWidth(), box.getHeight())).isEqualTo((float) width, offset(0.02f));
                assertThat(Math.max(box.getWidth(), box.getHeight())).isEqualTo((float) height, offset(0.02f));
            }
        }
    }

    @Test
    void theListsSayWhatToCutScoreAndMake() throws IOException {
        try (PDDocument document = handout("Lantern", "5", "7", PageFormat.LETTER)) {
            assertThat(text(document))
                    .contains("Cut list", "Base", "10 × 7 in", "24", "Night blue")
                    .contains("Sheet A", "Set the fence to 7 in.", "2 at once, top edge at the fence, and cut each.")
                    .contains("Base, inside up, left edge at the fence: score in groove 5 in.")
                    .contains("If you are left-handed:", "right edge at the fence: score in groove 5 in.")
                    .contains("Put tape on the back of Lower mat and stick it on ")
                    .contains("valley score", "offcut")
                    .contains("Base at full size", "4 in", "100 mm");
        }
    }

    @ParameterizedTest
    @EnumSource
    void rulersAndTemplatesAreAtFullSize(PageFormat format) throws IOException {
        try (PDDocument document = handout("Lantern", "5", "7", format)) {
            List<PDPage> templates = templates(document, "Base at full size");
            assertThat(templates).hasSize(1);
            List<DrawnLine> lines = LineReader.lines(templates.get(0));
            assertThat(lines).anyMatch(line -> line.isHorizontal() && line.isLong(288));
            assertThat(lines).anyMatch(line -> line.isHorizontal() && line.isLong(100 / 25.4 * 72));
            assertThat(lines).anyMatch(line -> line.isHorizontal() && line.isLong(720));
            assertThat(lines).anyMatch(line -> line.isVertical() && line.isLong(504));
        }
    }

    @Test
    void aPieceLargerThanThePageGoesOverSeveral() throws IOException {
        try (PDDocument document = handout("Wide", "9", "12", PageFormat.LETTER)) {
            List<PDPage> parts = templates(document, "Base at full size, part");
            assertThat(parts).hasSize(4);
            for (PDPage part : parts) {
                assertThat(LineReader.lines(part)).anyMatch(line -> line.isHorizontal() && line.isLong(288));
            }
            assertThat(text(document)).contains("lay 1/2 in over the part to the left");
        }
    }

    /** Twelve and a spare of the plain shutter gate: four ways to cut its sheets, five pieces of which two are alike. */
    @Test
    void severalSheetsAndPiecesShareAPage() throws IOException {
        Base gate = Bases.find("shutter-gate").orElseThrow();
        Design design = Design.of(
                "Gate",
                MeasureSystem.INCH,
                gate,
                Starts.sized(gate, new Size(Length.ofInches(5), Length.ofInches(7)), MeasureSystem.INCH),
                Samples.STOCK);
        try (PDDocument document = Loader.loadPDF(Handout.write(Samples.plan(design), PageFormat.LETTER))) {
            assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(8);
            assertThat(text(document)).contains("Ø 3 in", "Left shutter, Right shutter");
        }
        try (PDDocument document = handout("Small", "3", "4", PageFormat.LETTER)) {
            List<PDPage> pieces = templates(document, "3 pieces at full size");
            assertThat(pieces).hasSize(1);
            List<DrawnLine> lines = LineReader.lines(pieces.get(0));
            assertThat(lines).anyMatch(line -> line.isHorizontal() && line.isLong(6 * 72));
            assertThat(lines).anyMatch(line -> line.isHorizontal() && line.isLong(2.75 * 72));
        }
    }

    /** Each step has its number and its words, none of which run out of the page; the maker's lists are another print. */
    @ParameterizedTest
    @EnumSource
    void aLearnerGetsStepsWithPicturesOnTwoSheets(PageFormat format) throws IOException {
        Base gate = Bases.find("shutter-gate").orElseThrow();
        RunPlan plan = Samples.plan(Design.of(
                "Gate",
                MeasureSystem.INCH,
                gate,
                Starts.sized(gate, new Size(Length.ofInches(5), Length.ofInches(7)), MeasureSystem.INCH),
                Samples.STOCK));
        int steps = plan.makeOf(plan.card(), Way.ONE).steps().size();
        for (PrintPart part : List.of(PrintPart.STEPS, PrintPart.LARGE_STEPS)) {
            try (PDDocument document = Loader.loadPDF(Handout.write("Gate", plan, format, EnumSet.of(part)))) {
                assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(part == PrintPart.STEPS ? 2 : 4);
                String text = text(document);
                assertThat(text)
                        .contains("Shut 5 × 7 in.", "tuck the")
                        .doesNotContain("Cut list", "list says", "Set the fence");
                StringBuilder numbers = new StringBuilder();
                new PDFTextStripper() {
                    @Override
                    protected void processTextPosition(TextPosition letter) {
                        if (letter.getFont().getName().contains("Bold")
                                && letter.getUnicode().matches("\\d")) {
                            numbers.append(letter.getUnicode());
                        }
                        Matrix at = letter.getTextMatrix();
                        assertThat(at.getTranslateX()).isBetween(30f, letter.getPageWidth() - 30);
                        assertThat(at.getTranslateY()).isBetween(15f, letter.getPageHeight() - 15);
                    }
                }.getText(document);
                assertThat(numbers.toString())
                        .startsWith(IntStream.rangeClosed(1, steps)
                                .mapToObj(String::valueOf)
                                .collect(Collectors.joining()));
            }
        }
    }

    @Test
    void aNameInAnyScriptIsPrinted() throws IOException {
        try (PDDocument document = handout("Café 茶 ≈ ½ \uD83C\uDF43", "5", "7", PageFormat.A4)) {
            assertThat(text(document)).contains("Café ? ~ ½ ?");
        }
    }

    private static List<PDPage> templates(PDDocument document, String words) throws IOException {
        List<PDPage> pages = new ArrayList<>();
        for (int number = 1; number <= document.getNumberOfPages(); number++) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setStartPage(number);
            stripper.setEndPage(number);
            if (stripper.getText(document).contains(words)) {
                pages.add(document.getPage(number - 1));
            }
        }
        return pages;
    }
}
