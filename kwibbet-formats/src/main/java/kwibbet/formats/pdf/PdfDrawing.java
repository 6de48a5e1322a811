package kwibbet.formats.pdf;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.util.Matrix;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.paper.Colour;
import kwibbet.shape.Point;

/**
 * Draws on a page: black lines, papers as light greys, so that a photocopy stays legible.
 *
 * <p>The drawing's frame is placed with its left top corner at {@code (left, top)}, in points from the page's left bottom
 * corner, and {@code scale} points to the inch; 72 is full size.
 */
final class PdfDrawing {

    /** The share of white mixed into a paper's colour. */
    private static final float PALER = 0.76f;

    private final PDPageContentStream content;
    private final Typeface typeface;
    private final Drawing drawing;
    private final float left;
    private final float top;
    private final float scale;

    PdfDrawing(PDPageContentStream content, Typeface typeface, Drawing drawing, float left, float top, float scale) {
        this.content = content;
        this.typeface = typeface;
        this.drawing = drawing;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    void draw() throws IOException {
        content.saveGraphicsState();
        for (Mark mark : drawing.marks()) {
            mark(mark);
        }
        content.restoreGraphicsState();
    }

    private void mark(Mark mark) throws IOException {
        if (mark instanceof Mark.Group group) {
            for (Mark inner : group.marks()) {
                mark(inner);
            }
        } else if (mark instanceof Mark.Area area) {
            area(area);
        } else if (mark instanceof Mark.Stroke stroke && stroke.line() != Line.NONE) {
            pen(stroke.line());
            path(stroke.path());
            content.stroke();
        } else if (mark instanceof Mark.Disc disc) {
            disc(disc);
        } else if (mark instanceof Mark.Text text) {
            text(text);
        }
    }

    private void area(Mark.Area area) throws IOException {
        Optional<Colour> colour = colour(area.fill());
        if (colour.isPresent()) {
            content.setNonStrokingColor(pale(Color.decode(colour.get().hex())));
            rings(area);
            content.fillEvenOdd();
        }
        if (area.line() != Line.NONE) {
            pen(area.line());
            rings(area);
            content.stroke();
        }
    }

    /** A picture is told by its colour: what is drawn on it stays legible when it is copied. */
    private static Optional<Colour> colour(Fill fill) {
        if (fill instanceof Fill.Paper paper) {
            return Optional.of(paper.colour());
        }
        return fill instanceof Fill.Printed printed
                ? Optional.of(printed.artwork().colour())
                : Optional.empty();
    }

    private void rings(Mark.Area area) throws IOException {
        path(area.outline());
        content.closePath();
        for (List<Point> hole : area.holes()) {
            path(hole);
            content.closePath();
        }
    }

    private static Color pale(Color colour) {
        float grey = (0.2126f * colour.getRed() + 0.7152f * colour.getGreen() + 0.0722f * colour.getBlue()) / 255;
        float paler = PALER + grey * (1 - PALER);
        return new Color(paler, paler, paler);
    }

    /** Dashes as drafting has them: valley dashed, mountain dash-dot, hidden edge dotted. */
    private void pen(Line line) throws IOException {
        content.setStrokingColor(line == Line.HATCH ? Color.GRAY : line == Line.LIT ? Color.LIGHT_GRAY : Color.BLACK);
        content.setLineWidth(
                switch (line) {
                    case CUT, SHEET -> 0.9f;
                    case FENCE -> 2.4f;
                    case LIT -> 5;
                    case MOVE -> 1.4f;
                    case VALLEY, MOUNTAIN -> 0.8f;
                    case NONE, HIDDEN, FINE -> 0.5f;
                    case HATCH -> 0.3f;
                });
        content.setLineDashPattern(
                switch (line) {
                    case VALLEY -> new float[] {6, 3};
                    case MOUNTAIN -> new float[] {8, 2.5f, 1, 2.5f};
                    case HIDDEN -> new float[] {1, 2};
                    case NONE, CUT, SHEET, FINE, HATCH, MOVE, FENCE, LIT -> new float[0];
                },
                0);
    }

    private void path(List<Point> points) throws IOException {
        content.moveTo(x(points.get(0)), y(points.get(0)));
        for (Point point : points.subList(1, points.size())) {
            content.lineTo(x(point), y(point));
        }
    }

    private void disc(Mark.Disc disc) throws IOException {
        float radius = points(disc.radius());
        float arm = radius * 0.5523f; // the usual cubic approximation of a quarter circle
        float x = x(disc.centre());
        float y = y(disc.centre());
        content.setNonStrokingColor(Color.WHITE);
        pen(Line.FINE);
        content.moveTo(x + radius, y);
        content.curveTo(x + radius, y + arm, x + arm, y + radius, x, y + radius);
        content.curveTo(x - arm, y + radius, x - radius, y + arm, x - radius, y);
        content.curveTo(x - radius, y - arm, x - arm, y - radius, x, y - radius);
        content.curveTo(x + arm, y - radius, x + radius, y - arm, x + radius, y);
        content.closePath();
        content.fillAndStroke();
        content.setNonStrokingColor(Color.BLACK);
        float size = radius * (disc.label().length() > 2 ? 0.95f : 1.25f);
        typeface.set(content, disc.label(), x - typeface.width(disc.label(), size) / 2, y - size * 0.35f, size);
    }

    private void text(Mark.Text text) throws IOException {
        float size = (float) (points(drawing.textHeight()) * text.size());
        float width = typeface.width(text.phrase(), size);
        float start =
                switch (text.anchor()) {
                    case START -> 0;
                    case MIDDLE -> -width / 2;
                    case END -> -width;
                };
        content.saveGraphicsState();
        content.transform(Matrix.getRotateInstance(text.upwards() ? Math.PI / 2 : 0, x(text.at()), y(text.at())));
        if (text.clear()) {
            content.setNonStrokingColor(Color.WHITE);
            content.addRect(start - size * 0.15f, -size * 0.5f, width + size * 0.3f, size);
            content.fill();
        }
        content.setNonStrokingColor(Color.BLACK);
        typeface.set(content, text.phrase(), start, -size * 0.35f, size);
        content.restoreGraphicsState();
    }

    private float x(Point point) {
        return left + points(point.x().minus(drawing.frame().left()));
    }

    private float y(Point point) {
        return top - points(point.y().minus(drawing.frame().top()));
    }

    private float points(Length length) {
        return (float) (length.toInches() * scale);
    }
}
