package kwibbet.formats.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

import kwibbet.measure.Figure;
import kwibbet.wording.Phrase;

/** A font in one document, and how it sets phrases with their fractions. Sizes and positions are in points. */
final class Typeface {

    private static final float FRACTION_SIZE = 0.6f;
    private static final float NUMERATOR_RISE = 0.267f;

    private static final float SLASH_SIZE = 0.9f;
    /** How far each figure of a fraction reaches under or over the slash, in sizes. */
    private static final float TUCK = 0.04f;

    private static final float HAIR = 0.04f;

    private final PDFont font;

    private Typeface(PDFont font) {
        this.font = font;
    }

    static Typeface load(PDDocument document, String file) throws IOException {
        try (InputStream stream = Typeface.class.getResourceAsStream(file)) {
            return new Typeface(PDType0Font.load(document, Objects.requireNonNull(stream, file), true));
        }
    }

    float width(String text, float size) throws IOException {
        return font.getStringWidth(printable(text)) / 1000 * size;
    }

    float width(Phrase phrase, float size) throws IOException {
        float width = 0;
        for (Phrase.Run run : phrase.runs()) {
            width += width(run, size);
        }
        return width;
    }

    float width(Phrase.Run run, float size) throws IOException {
        if (run instanceof Phrase.Measure measure && measure.figure().hasFraction()) {
            Figure figure = measure.figure();
            return width(figure.lead() + unit(measure), size)
                    + width(figure.numerator() + figure.denominator(), size * FRACTION_SIZE)
                    + width("⁄", size * SLASH_SIZE)
                    - 2 * TUCK * size
                    + gap(figure, size);
        }
        return width(run.text(), size);
    }

    /** Sets a phrase with the left end of its baseline at {@code (x, y)}; returns where it ends. */
    float set(PDPageContentStream content, Phrase phrase, float x, float y, float size) throws IOException {
        float at = x;
        for (Phrase.Run run : phrase.runs()) {
            at = set(content, run, at, y, size);
        }
        return at;
    }

    float set(PDPageContentStream content, Phrase.Run run, float x, float y, float size) throws IOException {
        if (!(run instanceof Phrase.Measure measure) || !measure.figure().hasFraction()) {
            return set(content, run.text(), x, y, size);
        }
        Figure figure = measure.figure();
        float small = size * FRACTION_SIZE;
        float at = set(content, figure.lead(), x, y, size) + gap(figure, size);
        at = set(content, figure.numerator(), at, y + size * NUMERATOR_RISE, small);
        at = set(content, "⁄", at - TUCK * size, y, size * SLASH_SIZE);
        at = set(content, figure.denominator(), at - TUCK * size, y, small);
        return set(content, unit(measure), at, y, size);
    }

    float set(PDPageContentStream content, String text, float x, float y, float size) throws IOException {
        if (!text.isEmpty()) {
            content.beginText();
            content.setFont(font, size);
            content.newLineAtOffset(x, y);
            content.showText(printable(text));
            content.endText();
        }
        return x + width(text, size);
    }

    private static String unit(Phrase.Measure measure) {
        return measure.withUnit() ? " " + measure.figure().system().symbol() : "";
    }

    private static float gap(Figure figure, float size) {
        return figure.whole().isEmpty() ? 0 : size * HAIR;
    }

    /** What the font has no sign for is replaced, so that a name in any script never stops a print. */
    private String printable(String text) {
        StringBuilder printable = new StringBuilder();
        text.codePoints().forEach(code -> printable.append(has(code) ? Character.toString(code) : standIn(code)));
        return printable.toString();
    }

    private boolean has(int code) {
        try {
            font.encode(Character.toString(code));
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    private static String standIn(int code) {
        return switch (code) {
            case '≈' -> "~";
            case '⌀' -> "Ø";
            case '⁄' -> "/";
            case '′' -> "'";
            case '″' -> "\"";
            default -> Character.isWhitespace(code) || Character.isSpaceChar(code) ? " " : "?";
        };
    }
}
