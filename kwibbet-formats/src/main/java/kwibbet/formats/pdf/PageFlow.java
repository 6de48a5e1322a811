package kwibbet.formats.pdf;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import kwibbet.drawing.Drawing;
import kwibbet.picture.Legend;
import kwibbet.wording.Phrase;

/** Sets headings, lines, tables and drawings down one page after another. Sizes are in points. */
final class PageFlow implements AutoCloseable {

    static final float MARGIN = 36;
    private static final float LEADING = 1.35f;
    private static final float FOOT = 9;
    private static final float INDENT = 28;
    private static final Pattern AFTER_BLANK = Pattern.compile("(?<= )");

    private final PDDocument document;
    private final PDRectangle page;
    private final String footer;
    private final Typeface text;
    private final Typeface bold;
    private final Typeface display;
    private PDPageContentStream content;
    private float y;
    private boolean isBlank = true;

    PageFlow(PDDocument document, PDRectangle page, String footer) throws IOException {
        this.document = document;
        this.page = page;
        this.footer = footer;
        this.text = Typeface.load(document, "AtkinsonHyperlegibleNext-Regular.ttf");
        this.bold = Typeface.load(document, "AtkinsonHyperlegibleNext-Bold.ttf");
        this.display = Typeface.load(document, "YoungSerif-Regular.ttf");
        this.content = open(page, footer);
    }

    private PDPageContentStream open(PDRectangle size, String words) throws IOException {
        PDPage opened = new PDPage(size);
        document.addPage(opened);
        PDPageContentStream stream = new PDPageContentStream(document, opened);
        y = size.getHeight() - MARGIN;
        String number = words + ", page " + document.getNumberOfPages();
        text.set(stream, number, MARGIN, MARGIN - 2 * FOOT, FOOT);
        return stream;
    }

    void newPage() throws IOException {
        newPage(page, footer);
    }

    /** A page of another size and foot, and its stream for whoever fills it. */
    PDPageContentStream newPage(PDRectangle size, String words) throws IOException {
        content.close();
        if (isBlank) {
            document.removePage(document.getNumberOfPages() - 1);
        }
        content = open(size, words);
        isBlank = false;
        return content;
    }

    Typeface text() {
        return text;
    }

    Typeface bold() {
        return bold;
    }

    Typeface display() {
        return display;
    }

    float width() {
        return page.getWidth() - 2 * MARGIN;
    }

    private void room(float height) throws IOException {
        isBlank = false;
        if (y - height < MARGIN) {
            newPage();
        }
    }

    void title(String words) throws IOException {
        isBlank = false;
        y -= 24;
        display.set(content, fitted(display, words, 24, width()), MARGIN, y, 24);
        y -= 10;
    }

    /** As much of some words as fits into a width. */
    static String fitted(Typeface typeface, String words, float size, float width) throws IOException {
        String fitted = words;
        while (fitted.length() > 1 && typeface.width(fitted, size) > width) {
            fitted = fitted.substring(0, fitted.length() - 2) + "…";
        }
        return fitted;
    }

    void heading(String words) throws IOException {
        heading(words, 44);
    }

    /** A heading that stands on one page with so much of what follows it. */
    void heading(String words, float following) throws IOException {
        room(26 + following);
        y -= 26;
        display.set(content, fitted(display, words, 15, width()), MARGIN, y, 15);
        y -= 7;
        content.setStrokingColor(Color.BLACK);
        content.setLineWidth(0.8f);
        content.setLineDashPattern(new float[0], 0);
        content.moveTo(MARGIN, y);
        content.lineTo(page.getWidth() - MARGIN, y);
        content.stroke();
        y -= 4;
    }

    /** A line of words and figures, broken where it is too long, led by a mark in the margin of the line. */
    void line(String lead, Phrase phrase, float size) throws IOException {
        line(lead, phrase, size, lead.isEmpty() ? 0 : Math.max(INDENT, bold.width(lead, size) + 8));
    }

    /** A line that belongs to the one above it. */
    void indented(Phrase phrase, float size) throws IOException {
        line("", phrase, size, INDENT);
    }

    private void line(String lead, Phrase phrase, float size, float indent) throws IOException {
        List<Phrase> rows = broken(phrase, size, width() - indent);
        room(rows.size() * size * LEADING);
        for (int i = 0; i < rows.size(); i++) {
            y -= size * LEADING;
            if (i == 0) {
                bold.set(content, lead, MARGIN, y, size);
            }
            text.set(content, rows.get(i), MARGIN + indent, y, size);
        }
    }

    /** A phrase in rows no wider than that. */
    List<Phrase> broken(Phrase phrase, float size, float width) throws IOException {
        List<Phrase> rows = new ArrayList<>();
        List<Phrase.Run> row = new ArrayList<>();
        float used = 0;
        for (List<Phrase.Run> word : together(phrase)) {
            float wordWidth = 0;
            for (Phrase.Run run : word) {
                wordWidth += text.width(run, size);
            }
            if (used + wordWidth > width && !row.isEmpty()) {
                rows.add(new Phrase(row));
                row.clear();
                used = 0;
            }
            row.addAll(word);
            used += wordWidth;
        }
        rows.add(new Phrase(row));
        return rows;
    }

    /** What must stand on one row: words and figures with no blank between them. Blanks stand at ends only. */
    private static List<List<Phrase.Run>> together(Phrase phrase) {
        List<List<Phrase.Run>> together = new ArrayList<>();
        boolean isFresh = true;
        for (Phrase.Run run : split(phrase)) {
            if (isFresh) {
                together.add(new ArrayList<>());
            }
            together.get(together.size() - 1).add(run);
            isFresh = run.text().endsWith(" ");
        }
        return together;
    }

    /** Words one by one, each with the blank after it; figures whole. */
    private static List<Phrase.Run> split(Phrase phrase) {
        List<Phrase.Run> runs = new ArrayList<>();
        for (Phrase.Run run : phrase.runs()) {
            if (run instanceof Phrase.Words words) {
                AFTER_BLANK.splitAsStream(words.text()).map(Phrase.Words::new).forEach(runs::add);
            } else {
                runs.add(run);
            }
        }
        return runs;
    }

    /** One row of a table; columns start at shares of the width. */
    void row(List<Phrase> cells, float[] starts, boolean head) throws IOException {
        float size = 10.5f;
        List<List<Phrase>> broken = new ArrayList<>();
        int rows = 1;
        for (int i = 0; i < cells.size(); i++) {
            float end = i + 1 < starts.length ? starts[i + 1] : 1;
            broken.add(broken(cells.get(i), size, (end - starts[i]) * width() - 6));
            rows = Math.max(rows, broken.get(i).size());
        }
        room(rows * size * LEADING + 5);
        for (int i = 0; i < cells.size(); i++) {
            float line = y;
            for (Phrase part : broken.get(i)) {
                line -= size * LEADING;
                (head ? bold : text).set(content, part, MARGIN + starts[i] * width(), line, size);
            }
        }
        y -= rows * size * LEADING + 5;
        content.setLineWidth(head ? 0.7f : 0.25f);
        content.setLineDashPattern(new float[0], 0);
        content.moveTo(MARGIN, y);
        content.lineTo(page.getWidth() - MARGIN, y);
        content.stroke();
    }

    /** Drawings side by side, all to one scale, no higher than {@code height}. */
    void drawings(List<Drawing> drawings, float height) throws IOException {
        double widthInches = drawings.stream()
                .mapToDouble(drawing -> drawing.frame().size().width().toInches())
                .sum();
        double heightInches = drawings.stream()
                .mapToDouble(drawing -> drawing.frame().size().height().toInches())
                .max()
                .orElse(1);
        float scale = (float) Math.min(width() / widthInches, height / heightInches);
        room((float) heightInches * scale + 6);
        float x = MARGIN;
        for (Drawing drawing : drawings) {
            new PdfDrawing(content, text, drawing, x, y - 4, scale).draw();
            x += (float) drawing.frame().size().width().toInches() * scale;
        }
        y -= (float) heightInches * scale + 6;
    }

    /**
     * A drawing under its name.
     *
     * @param words the name
     * @param drawing the drawing
     */
    record Captioned(String words, Drawing drawing) {}

    /** Drawings in columns, each under its name and as large as its place lets it be. */
    void captioned(List<Captioned> row, int columns, float height) throws IOException {
        float size = 10.5f;
        float column = (width() - (columns - 1) * INDENT / 2) / columns;
        room(height + size * LEADING + 12);
        float x = MARGIN;
        for (Captioned each : row) {
            bold.set(content, fitted(bold, each.words(), size, column), x, y - size * LEADING, size);
            float scale = (float) Math.min(
                    column / each.drawing().frame().size().width().toInches(),
                    height / each.drawing().frame().size().height().toInches());
            new PdfDrawing(content, text, each.drawing(), x, y - size * LEADING - 5, scale).draw();
            x += column + INDENT / 2;
        }
        y -= height + size * LEADING + 12;
    }

    /** What the lines and signs stand for, in one row. */
    void legend(List<Legend.Entry> entries) throws IOException {
        float size = 8.5f;
        room(20);
        y -= 8;
        float x = MARGIN;
        for (Legend.Entry entry : entries) {
            Drawing sample = entry.sample();
            float scale = 30 / (float) sample.frame().size().width().toInches();
            float height = (float) sample.frame().size().height().toInches() * scale;
            new PdfDrawing(content, text, sample, x, y, scale).draw();
            x = text.set(content, entry.words(), x + 35, y - height / 2 - size * 0.35f, size) + 16;
        }
        y -= 14;
    }

    @Override
    public void close() throws IOException {
        content.close();
    }
}
