package kwibbet.formats.pdf;

import java.io.IOException;

import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import kwibbet.card.Piece;
import kwibbet.drawing.Drawing;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.RulerPicture;

/**
 * One piece at full size, with rulers that prove it; over several pages where it is larger than one.
 *
 * <p>Each page shows a window of the piece; neighbouring windows share a strip, so that the pages can be
 * laid over each other and taped.
 */
final class TemplatePages {

    private static final float FULL_SIZE = 72;
    /** A quarter inch, as close to the edge as printers at home come. */
    private static final float MARGIN = 18;
    /** Kept free below the piece for a row of rulers and the foot of the page. */
    private static final float FOOT = 44;
    /** The height of a row of rulers. */
    private static final float RULERS = 27;

    private final PageFlow flow;
    private final Piece piece;
    private final MeasureSystem system;
    private final Length overlap;
    private final Drawing template;
    private final PDRectangle page;
    private final float windowWidth;
    private final float windowHeight;

    TemplatePages(PageFlow flow, Piece piece, MeasureSystem system, PageFormat format) {
        this.flow = flow;
        this.piece = piece;
        this.system = system;
        this.overlap = system.usual(Length.ofInches(1, 2));
        this.template = PiecePicture.template(piece, system);
        this.page = fewerPages(format);
        this.windowWidth = windowWidth(page);
        this.windowHeight = windowHeight(page);
    }

    private PDRectangle fewerPages(PageFormat format) {
        PDRectangle upright = format.upright();
        PDRectangle lying = format.lying();
        return pages(lying) < pages(upright) ? lying : upright;
    }

    private int pages(PDRectangle candidate) {
        return windows(width(), windowWidth(candidate)) * windows(height(), windowHeight(candidate));
    }

    private static float windowWidth(PDRectangle page) {
        return page.getWidth() - 2 * MARGIN;
    }

    private static float windowHeight(PDRectangle page) {
        return page.getHeight() - 2 * MARGIN - FOOT - (isLying(page) ? 0 : RULERS);
    }

    private float width() {
        return (float) (piece.size().width().toInches() * FULL_SIZE);
    }

    private float height() {
        return (float) (piece.size().height().toInches() * FULL_SIZE);
    }

    private int windows(float length, float window) {
        return length <= window ? 1 : 1 + (int) Math.ceil((length - window) / (window - shared()));
    }

    void draw() throws IOException {
        int columns = windows(width(), windowWidth);
        int rows = windows(height(), windowHeight);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                draw(column, row, columns * rows == 1 ? "" : part(column, row, columns, rows));
            }
        }
    }

    /** What two neighbouring windows share, in points. */
    private float shared() {
        return (float) (overlap.toInches() * FULL_SIZE);
    }

    private String part(int column, int row, int columns, int rows) {
        return ", part " + (row * columns + column + 1) + " of " + columns * rows
                + (column > 0 ? ", lay " + Figure.of(overlap, system) + " over the part to the left" : "")
                + (row > 0 ? ", lay " + Figure.of(overlap, system) + " over the part above" : "");
    }

    private void draw(int column, int row, String part) throws IOException {
        PDPageContentStream content =
                flow.newPage(page, piece.name() + " at full size" + part + ". Print at 100 %, the rulers prove it");
        float left = MARGIN;
        float windowTop = page.getHeight() - MARGIN;
        content.saveGraphicsState();
        // A line's breadth more than the window, so that an edge on its border is drawn whole.
        content.addRect(left - 1, windowTop - windowHeight - 1, windowWidth + 2, windowHeight + 2);
        content.clip();
        float shiftedLeft = left - column * (windowWidth - shared());
        float shiftedTop = windowTop + row * (windowHeight - shared());
        new PdfDrawing(content, flow.text(), template, shiftedLeft, shiftedTop, FULL_SIZE).draw();
        content.restoreGraphicsState();
        rulers(content);
    }

    /** Side by side where the page is wide enough, otherwise one above the other. */
    private void rulers(PDPageContentStream content) throws IOException {
        float bottomRow = MARGIN + FOOT - 4;
        Drawing inches = RulerPicture.fourInches();
        float beside = MARGIN + (float) inches.frame().size().width().toInches() * FULL_SIZE;
        boolean lying = isLying(page);
        ruler(content, inches, MARGIN, lying ? bottomRow : bottomRow + RULERS);
        ruler(content, RulerPicture.hundredMillimetres(), lying ? beside : MARGIN, bottomRow);
    }

    private void ruler(PDPageContentStream content, Drawing ruler, float left, float top) throws IOException {
        new PdfDrawing(content, flow.text(), ruler, left, top, FULL_SIZE).draw();
    }

    private static boolean isLying(PDRectangle page) {
        return page.getWidth() > page.getHeight();
    }
}
