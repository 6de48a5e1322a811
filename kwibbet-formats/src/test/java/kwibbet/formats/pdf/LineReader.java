package kwibbet.formats.pdf;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.jspecify.annotations.Nullable;

/** Collects the straight lines of a page as its content stream draws them. */
final class LineReader extends PDFGraphicsStreamEngine {

    private final List<DrawnLine> lines = new ArrayList<>();
    private Point2D current = new Point2D.Float();
    private Point2D start = new Point2D.Float();

    private LineReader(PDPage page) {
        super(page);
    }

    static List<DrawnLine> lines(PDPage page) throws IOException {
        LineReader reader = new LineReader(page);
        reader.processPage(page);
        return reader.lines;
    }

    @Override
    public void moveTo(float x, float y) {
        current = new Point2D.Float(x, y);
        start = current;
    }

    @Override
    public void lineTo(float x, float y) {
        Point2D end = new Point2D.Float(x, y);
        lines.add(new DrawnLine(current, end));
        current = end;
    }

    @Override
    public void closePath() {
        lines.add(new DrawnLine(current, start));
    }

    @Override
    public @Nullable Point2D getCurrentPoint() {
        return current;
    }

    @Override
    public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int rule) {}

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}
}
