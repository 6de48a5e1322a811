package kwibbet.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;

import javax.imageio.ImageIO;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a PDF as small pictures, to see what is going to be printed. */
public final class PageImages {

    private static final int DOTS_PER_INCH = 44;
    private static final String HEAD = "data:image/png;base64,";

    private PageImages() {}

    /**
     * A picture of each page.
     *
     * @param file a PDF file
     * @return each page as the data address of a PNG
     */
    public static List<String> of(byte[] file) {
        try (PDDocument document = Loader.loadPDF(file)) {
            PDFRenderer renderer = new PDFRenderer(document);
            List<String> pages = new ArrayList<>();
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                BufferedImage picture = renderer.renderImageWithDPI(page, DOTS_PER_INCH, ImageType.RGB);
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ImageIO.write(picture, "png", bytes);
                pages.add(HEAD + Base64.getEncoder().encodeToString(bytes.toByteArray()));
            }
            return pages;
        } catch (IOException impossible) {
            throw new UncheckedIOException("reading a PDF from memory failed", impossible);
        }
    }
}
