package kwibbet.formats.artwork;

import java.awt.image.BufferedImage;
import java.io.IOException;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

import kwibbet.outcome.Outcome;

/** A page of a PDF as a picture. */
final class PdfPage {

    /** Dots to the inch of the page as it is. */
    private static final double FINE = 400;

    private static final double POINTS = 72;

    private PdfPage() {}

    /** The page drawn, or why there is none. */
    static Outcome<BufferedImage> drawn(byte[] file, int page) throws IOException {
        try (PDDocument document = Loader.loadPDF(file)) {
            int pages = document.getNumberOfPages();
            if (page < 1 || page > pages) {
                return ArtworkReader.refused(
                        "This PDF has no page " + page + ": it has " + (pages == 1 ? "one page." : pages + " pages."));
            }
            PDRectangle box = document.getPage(page - 1).getCropBox();
            double dots = box.getWidth() / POINTS * FINE * (box.getHeight() / POINTS * FINE);
            double scale = FINE / POINTS * Math.min(1, Math.sqrt(ArtworkReader.MOST_DOTS / dots));
            return Outcome.made(new PDFRenderer(document).renderImage(page - 1, (float) scale, ImageType.RGB));
        } catch (InvalidPasswordException locked) {
            return ArtworkReader.refused("This PDF is locked by a password. Save it without one and choose it again.");
        }
    }
}
