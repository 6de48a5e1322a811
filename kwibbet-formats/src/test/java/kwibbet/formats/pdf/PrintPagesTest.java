package kwibbet.formats.pdf;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import javax.imageio.ImageIO;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Addition;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.formats.Samples;
import kwibbet.layout.PrintedSheet;
import kwibbet.paper.Colour;
import kwibbet.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** Read back by PDFBox: what is printed is where the plan says, as large as it says, and the right way up. */
class PrintPagesTest {

    private static final Artwork QUARTERS =
            new Artwork(new ArtworkId("quarters"), "Quarters", 600, 600, new Colour("#808080"));
    private static final Color[] COLOURS = {Color.RED, Color.GREEN, Color.BLUE, Color.YELLOW};
    private static final int PIXELS = 36;

    private static Addition print(String id, Host host, String turn) {
        Settings settings = Settings.PRESET
                .with(PrintedPicture.PICTURE, QUARTERS)
                .with(PrintedPicture.FIT, PrintedPicture.WHOLE)
                .with(PrintedPicture.TURN, turn);
        return new Addition(new PieceId(id), id, new PrintedPicture(), host, settings, Map.of());
    }

    private static List<PrintedSheet> sheets() {
        Design plain = Samples.design("Printed");
        List<Addition> all = new ArrayList<>(plain.additions());
        all.add(print("outside", new Host.OnPiece(new PieceId("mat-1")), "90"));
        all.add(print("inside", new Host.OnFace(new FaceId(new PanelId("front"), Side.UP)), "0"));
        return PrintedSheet.of(Samples.plan(plain.withAdditions(all)).sheets());
    }

    private static byte[] quarters() {
        try {
            BufferedImage image = new BufferedImage(600, 600, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = image.createGraphics();
            for (int i = 0; i < COLOURS.length; i++) {
                pen.setColor(COLOURS[i]);
                pen.fillRect(i % 2 * 300, i / 2 * 300, 300, 300);
            }
            pen.dispose();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @Test
    void everyPictureIsWhereItsPieceIsCut() throws IOException {
        List<PrintedSheet> sheets = sheets();
        assertThat(sheets).extracting(PrintedSheet::face).contains(PrintedSheet.Face.FRONT, PrintedSheet.Face.BACK);
        byte[] file = PrintPages.of(sheets, id -> Optional.of(quarters()));
        try (PDDocument document = Loader.loadPDF(file)) {
            assertThat(document.getNumberOfPages())
                    .isEqualTo(sheets.stream()
                            .mapToInt(sheet -> sheet.sheet().copies())
                            .sum());
            PDFRenderer pages = new PDFRenderer(document);
            int page = 0;
            int looked = 0;
            for (PrintedSheet sheet : sheets) {
                assertThat(document.getPage(page).getMediaBox().getWidth()).isEqualTo(864);
                BufferedImage seen = pages.renderImageWithDPI(page, PIXELS);
                for (PrintedSheet.Picture picture : sheet.pictures()) {
                    looked++;
                    for (int quarter = 0; quarter < COLOURS.length; quarter++) {
                        Point at = picture.print()
                                .at()
                                .apply(new Point(
                                        picture.print()
                                                .size()
                                                .width()
                                                .dividedDownBy(4)
                                                .multipliedBy(1 + quarter % 2 * 2),
                                        picture.print()
                                                .size()
                                                .height()
                                                .dividedDownBy(4)
                                                .multipliedBy(1 + quarter / 2 * 2)));
                        assertThat(new Color(seen.getRGB((int) (at.x().toInches() * PIXELS), (int)
                                        (at.y().toInches() * PIXELS))))
                                .isEqualTo(COLOURS[quarter]);
                    }
                }
                boolean isLastFace = sheets.indexOf(sheet) + 1 == sheets.size()
                        || !sheets.get(sheets.indexOf(sheet) + 1).sheet().equals(sheet.sheet());
                page = isLastFace
                        ? page + facesOf(sheet, sheets) * (sheet.sheet().copies() - 1) + 1
                        : page + 1;
            }
            assertThat(looked).isGreaterThan(1);
        }
    }

    private static int facesOf(PrintedSheet sheet, List<PrintedSheet> sheets) {
        return (int) sheets.stream()
                .filter(each -> each.sheet().equals(sheet.sheet()))
                .count();
    }

    /** A hundred pages of one picture are hardly more than one. */
    @Test
    void aPictureIsInTheFileOnce() throws IOException {
        byte[] file = PrintPages.of(sheets(), id -> Optional.of(quarters()));
        try (PDDocument document = Loader.loadPDF(file)) {
            Set<COSStream> images = new HashSet<>();
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    images.add(page.getResources().getXObject(name).getCOSObject());
                }
            }
            assertThat(images).hasSize(1);
        }
    }

    /** Where the dots are gone the colour is printed. */
    @Test
    void aPictureWithoutDotsIsPrintedInItsColour() throws IOException {
        List<PrintedSheet> sheets = sheets();
        try (PDDocument document = Loader.loadPDF(PrintPages.of(sheets, id -> Optional.empty()))) {
            BufferedImage seen = new PDFRenderer(document).renderImageWithDPI(0, PIXELS);
            Point middle =
                    sheets.get(0).pictures().get(0).print().whole().bounds().middle();
            assertThat(new Color(seen.getRGB((int) (middle.x().toInches() * PIXELS), (int)
                            (middle.y().toInches() * PIXELS))))
                    .isEqualTo(new Color(0x80, 0x80, 0x80));
        }
    }
}
