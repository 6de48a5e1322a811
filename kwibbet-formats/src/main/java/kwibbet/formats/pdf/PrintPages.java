package kwibbet.formats.pdf;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Print;
import kwibbet.layout.PrintedSheet;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * Sheets as a printer prints them: each page is a sheet at full size, as often as it is needed, a back after its front.
 *
 * <p>PDF 1.7 (ISO 32000-1): page sizes in points of 1/72 inch, pictures as image XObjects, each once in the file.
 */
public final class PrintPages {

    private static final float POINTS = 72;
    /** The width of a mark's line, and of the white on either side of it, in points. */
    private static final float MARK = 0.5f;

    private static final float HALO = 1.5f;

    private final PDDocument document;
    private final Function<ArtworkId, Optional<byte[]>> dots;
    private final Map<ArtworkId, Optional<PDImageXObject>> images = new HashMap<>();

    private PrintPages(PDDocument document, Function<ArtworkId, Optional<byte[]>> dots) {
        this.document = document;
        this.dots = dots;
    }

    /**
     * The pages.
     *
     * @param sheets what is printed, each face of a sheet after the other
     * @param dots the dots of a picture as PNG or JPEG; where there are none its colour is printed
     */
    public static byte[] of(List<PrintedSheet> sheets, Function<ArtworkId, Optional<byte[]>> dots) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PrintPages pages = new PrintPages(document, dots);
            for (int first = 0; first < sheets.size(); ) {
                int end = first + 1;
                while (end < sheets.size()
                        && sheets.get(end).sheet().equals(sheets.get(first).sheet())) {
                    end++;
                }
                pages.sheet(sheets.subList(first, end));
                first = end;
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new IllegalStateException("a PDF in memory can be written", impossible);
        }
    }

    /** Its faces, as often as it is printed; what is drawn is in the file once. */
    private void sheet(List<PrintedSheet> faces) throws IOException {
        List<PDPage> drawn = new ArrayList<>();
        for (PrintedSheet face : faces) {
            drawn.add(page(face));
        }
        for (int copy = 0; copy < faces.get(0).sheet().copies(); copy++) {
            for (PDPage page : drawn) {
                document.addPage(copy == 0 ? page : again(page));
            }
        }
    }

    private static PDPage again(PDPage page) {
        PDPage again = new PDPage(page.getMediaBox());
        again.setResources(page.getResources());
        again.getCOSObject().setItem(COSName.CONTENTS, page.getCOSObject().getDictionaryObject(COSName.CONTENTS));
        return again;
    }

    private PDPage page(PrintedSheet face) throws IOException {
        Size sheet = face.sheet().layout().sheet();
        PDPage page = new PDPage(new PDRectangle(points(sheet.width()), points(sheet.height())));
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            // Zero at the left top corner, down is positive, as everywhere here.
            content.transform(new Matrix(1, 0, 0, -1, 0, points(sheet.height())));
            for (PrintedSheet.Picture picture : face.pictures()) {
                picture(content, picture);
            }
            marks(content, face.marks());
        }
        return page;
    }

    private void picture(PDPageContentStream content, PrintedSheet.Picture picture) throws IOException {
        Optional<PDImageXObject> image = image(picture.print().artwork());
        for (Region inked : picture.inked()) {
            content.saveGraphicsState();
            ring(content, inked.outline());
            for (Outline hole : inked.holes()) {
                ring(content, hole);
            }
            if (image.isPresent()) {
                content.clipEvenOdd();
                content.drawImage(image.get(), lying(picture.print()));
            } else {
                content.setNonStrokingColor(
                        Color.decode(picture.print().artwork().colour().hex()));
                content.fillEvenOdd();
            }
            content.restoreGraphicsState();
        }
    }

    /** An image fills a unit square of which the lower left corner is its own, ISO 32000-1, 8.9.5. */
    private static Matrix lying(Print print) {
        float footX = points(print.foot().x());
        float footY = points(print.foot().y());
        return new Matrix(new AffineTransform(
                points(print.right().x()) - points(print.corner().x()),
                points(print.right().y()) - points(print.corner().y()),
                points(print.corner().x()) - footX,
                points(print.corner().y()) - footY,
                footX,
                footY));
    }

    private Optional<PDImageXObject> image(Artwork artwork) throws IOException {
        if (!images.containsKey(artwork.id())) {
            Optional<byte[]> bytes = dots.apply(artwork.id());
            images.put(
                    artwork.id(),
                    bytes.isPresent()
                            ? Optional.of(PDImageXObject.createFromByteArray(document, bytes.get(), artwork.name()))
                            : Optional.empty());
        }
        return images.getOrDefault(artwork.id(), Optional.empty());
    }

    private static void ring(PDPageContentStream content, Outline outline) throws IOException {
        List<Point> corners = outline.corners();
        content.moveTo(points(corners.get(0).x()), points(corners.get(0).y()));
        for (Point corner : corners.subList(1, corners.size())) {
            content.lineTo(points(corner.x()), points(corner.y()));
        }
        content.closePath();
    }

    /** Black on white, so that they are seen on any picture. */
    private static void marks(PDPageContentStream content, List<Segment> marks) throws IOException {
        content.setStrokingColor(Color.WHITE);
        content.setLineWidth(MARK + 2 * HALO);
        lines(content, marks);
        content.setStrokingColor(Color.BLACK);
        content.setLineWidth(MARK);
        lines(content, marks);
    }

    private static void lines(PDPageContentStream content, List<Segment> marks) throws IOException {
        for (Segment mark : marks) {
            content.moveTo(points(mark.start().x()), points(mark.start().y()));
            content.lineTo(points(mark.end().x()), points(mark.end().y()));
            content.stroke();
        }
    }

    private static float points(Length length) {
        return (float) (length.toInches() * POINTS);
    }
}
