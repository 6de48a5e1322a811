package kwibbet.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import kwibbet.card.Piece;
import kwibbet.drawing.Drawing;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.RulerPicture;
import kwibbet.wording.Phrase;

/**
 * Pieces at full size, with rulers that prove it; several to a page where they have room, one over several pages where it is larger than one.
 *
 * <p>Pieces stand side by side in rows, the highest first. Of a piece that is larger than a page each page shows a window; neighbouring windows share a
 * strip, so that the pages can be laid over each other and taped.
 */
final class TemplatePages {

    private static final float FULL_SIZE = 72;
    /** A quarter inch, as close to the edge as printers at home come. */
    private static final float MARGIN = 18;
    /** Kept free below the pieces for a row of rulers and the foot of the page. */
    private static final float FOOT = 44;
    /** The height of a row of rulers. */
    private static final float RULERS = 27;
    /** Between two pieces. */
    private static final float BETWEEN = 14;
    /** The size a piece's name is written in. */
    private static final float NAME = 11.25f;

    private final PageFlow flow;
    private final MeasureSystem system;
    private final Length overlap;
    private final PageFormat format;

    TemplatePages(PageFlow flow, MeasureSystem system, PageFormat format) {
        this.flow = flow;
        this.system = system;
        this.overlap = system.usual(Length.ofInches(1, 2));
        this.format = format;
    }

    void draw(List<Piece> pieces) throws IOException {
        List<Window> small = new ArrayList<>();
        for (Piece piece : pieces) {
            Window window = fewerPages(piece);
            if (window.isWhole()) {
                small.add(window);
            } else {
                drawInParts(window);
            }
        }
        for (PDRectangle page : List.of(format.upright(), format.lying())) {
            drawTogether(
                    small.stream()
                            .filter(window -> isLying(window.page()) == isLying(page))
                            .sorted(Comparator.comparing((Window window) -> window.height())
                                    .reversed())
                            .toList(),
                    page);
        }
    }

    private Window fewerPages(Piece piece) {
        Window upright = new Window(piece, format.upright(), shared());
        Window lying = new Window(piece, format.lying(), shared());
        return lying.pages() < upright.pages() ? lying : upright;
    }

    /**
     * A piece and the page it is seen through.
     *
     * @param piece the piece
     * @param page the page
     * @param shared what two neighbouring windows share, in points
     */
    private record Window(Piece piece, PDRectangle page, float shared) {

        float width() {
            return (float) (piece.size().width().toInches() * FULL_SIZE);
        }

        float height() {
            return (float) (piece.size().height().toInches() * FULL_SIZE);
        }

        int columns() {
            return windows(width(), windowWidth(page));
        }

        int rows() {
            return windows(height(), windowHeight(page));
        }

        private int windows(float length, float window) {
            return length <= window ? 1 : 1 + (int) Math.ceil((length - window) / (window - shared));
        }

        int pages() {
            return columns() * rows();
        }

        boolean isWhole() {
            return pages() == 1;
        }
    }

    /** Row by row, a new page where one is full. */
    private void drawTogether(List<Window> windows, PDRectangle page) throws IOException {
        List<List<Window>> rows = new ArrayList<>();
        float left = Float.MAX_VALUE;
        for (Window window : windows) {
            if (left + taken(window) > windowWidth(page) || rows.isEmpty()) {
                rows.add(new ArrayList<>());
                left = 0;
            }
            rows.get(rows.size() - 1).add(window);
            left += taken(window) + BETWEEN;
        }
        List<List<Window>> onPage = new ArrayList<>();
        float used = 0;
        for (List<Window> row : rows) {
            float height = row.get(0).height();
            if (used + height > windowHeight(page)) {
                drawRows(onPage, page);
                onPage.clear();
                used = 0;
            }
            onPage.add(row);
            used += height + BETWEEN;
        }
        drawRows(onPage, page);
    }

    private void drawRows(List<List<Window>> rows, PDRectangle page) throws IOException {
        if (rows.isEmpty()) {
            return;
        }
        boolean isOne = rows.size() == 1 && rows.get(0).size() == 1;
        int count = rows.stream().mapToInt(List::size).sum();
        String what = isOne ? rows.get(0).get(0).piece().name() : count + " pieces";
        PDPageContentStream content = flow.newPage(page, foot(what, ""));
        float top = page.getHeight() - MARGIN;
        for (List<Window> row : rows) {
            float left = MARGIN;
            for (Window window : row) {
                float aside = (taken(window) - window.width()) / 2;
                new PdfDrawing(content, flow.text(), template(window), left + aside, top, FULL_SIZE).draw();
                left += taken(window) + BETWEEN;
            }
            top -= row.get(0).height() + BETWEEN;
        }
        rulers(content, page);
    }

    private Drawing template(Window window) {
        return PiecePicture.template(window.piece(), system);
    }

    private static String foot(String what, String part) {
        return what + " at full size" + part + ". Print at 100 %, the rulers prove it";
    }

    private static float windowWidth(PDRectangle page) {
        return page.getWidth() - 2 * MARGIN;
    }

    private static float windowHeight(PDRectangle page) {
        return page.getHeight() - 2 * MARGIN - FOOT - (isLying(page) ? 0 : RULERS);
    }

    /** How wide a piece is with its name, which may be wider than what it names. */
    private float taken(Window window) throws IOException {
        Piece piece = window.piece();
        String name = Phrase.in(system)
                .words(piece.name() + ", ")
                .size(piece.size())
                .end()
                .text();
        return Math.max(window.width(), Math.min(flow.text().width(name, NAME), windowWidth(window.page())));
    }

    private void drawInParts(Window window) throws IOException {
        for (int row = 0; row < window.rows(); row++) {
            for (int column = 0; column < window.columns(); column++) {
                drawPart(window, column, row);
            }
        }
    }

    /** What two neighbouring windows share, in points. */
    private float shared() {
        return (float) (overlap.toInches() * FULL_SIZE);
    }

    private String part(Window window, int column, int row) {
        return ", part " + (row * window.columns() + column + 1) + " of " + window.pages()
                + (column > 0 ? ", lay " + Figure.of(overlap, system) + " over the part to the left" : "")
                + (row > 0 ? ", lay " + Figure.of(overlap, system) + " over the part above" : "");
    }

    private void drawPart(Window window, int column, int row) throws IOException {
        PDRectangle page = window.page();
        PDPageContentStream content = flow.newPage(page, foot(window.piece().name(), part(window, column, row)));
        float left = MARGIN;
        float windowTop = page.getHeight() - MARGIN;
        float width = windowWidth(page);
        float height = windowHeight(page);
        content.saveGraphicsState();
        // A line's breadth more than the window, so that an edge on its border is drawn whole.
        content.addRect(left - 1, windowTop - height - 1, width + 2, height + 2);
        content.clip();
        float shiftedLeft = left - column * (width - shared());
        float shiftedTop = windowTop + row * (height - shared());
        new PdfDrawing(content, flow.text(), template(window), shiftedLeft, shiftedTop, FULL_SIZE).draw();
        content.restoreGraphicsState();
        rulers(content, page);
    }

    /** Side by side where the page is wide enough, otherwise one above the other. */
    private void rulers(PDPageContentStream content, PDRectangle page) throws IOException {
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
