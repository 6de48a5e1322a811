package kwibbet.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

import kwibbet.kit.LabelSheet;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;

/** Labels for bags on sheets of labels, and a sheet of frames that shows whether a printer puts them where the labels are. */
public final class Labels {

    private static final float LARGE = 12;
    private static final float SMALL = 8.5f;
    private static final float LEADING = 1.3f;
    private static final float INSET = 7;
    private static final int A_SCALE = 4;
    private static final float TICK = 6;

    private Labels() {}

    /**
     * What stands on a label.
     *
     * @param title large, in one line
     * @param lines below it; what finds no room is left out
     */
    public record Label(String title, List<String> lines) {
        /** Copies the list. */
        public Label {
            lines = List.copyOf(lines);
        }
    }

    /**
     * Labels as PDF, sheet after sheet.
     *
     * @param sheet how they lie
     * @param labels what stands on them
     * @param format the size of the sheets
     */
    public static byte[] write(LabelSheet sheet, List<Label> labels, PageFormat format) {
        return drawn(document -> {
            Typeface bold = Typeface.load(document, "AtkinsonHyperlegibleNext-Bold.ttf");
            Typeface text = Typeface.load(document, "AtkinsonHyperlegibleNext-Regular.ttf");
            for (int first = 0; first < labels.size(); first += sheet.each()) {
                List<Label> here = labels.subList(first, Math.min(labels.size(), first + sheet.each()));
                try (PDPageContentStream content = page(document, format)) {
                    for (int at = 0; at < here.size(); at++) {
                        draw(here.get(at), sheet.place(at), new Setting(content, bold, text, format));
                    }
                }
            }
        });
    }

    /**
     * A frame for each label, and a scale: printed at full size and laid on a sheet of labels, each frame lies on a label.
     *
     * @param sheet how they lie
     * @param format the size of the sheet
     */
    public static byte[] frames(LabelSheet sheet, PageFormat format) {
        return drawn(document -> {
            Typeface text = Typeface.load(document, "AtkinsonHyperlegibleNext-Regular.ttf");
            try (PDPageContentStream content = page(document, format)) {
                content.setLineWidth(0.5f);
                for (int at = 0; at < sheet.each(); at++) {
                    Rect place = sheet.place(at);
                    content.addRect(
                            points(place.left()),
                            format.upright().getHeight() - points(place.bottom()),
                            points(place.size().width()),
                            points(place.size().height()));
                }
                content.stroke();
                scale(content, text, sheet, format);
            }
        });
    }

    private interface Drawn {
        void on(PDDocument document) throws IOException;
    }

    private static byte[] drawn(Drawn drawn) {
        try (PDDocument document = new PDDocument()) {
            drawn.on(document);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static PDPageContentStream page(PDDocument document, PageFormat format) throws IOException {
        PDPage page = new PDPage(format.upright());
        document.addPage(page);
        return new PDPageContentStream(document, page);
    }

    private static float points(Length length) {
        return (float) (length.toInches() * 72);
    }

    private record Setting(PDPageContentStream content, Typeface bold, Typeface text, PageFormat format) {}

    private static void draw(Label label, Rect place, Setting on) throws IOException {
        float inset = Math.min(INSET, points(place.size().height()) / 6);
        float x = points(place.left()) + inset;
        float width = points(place.size().width()) - 2 * inset;
        float bottom = on.format.upright().getHeight() - points(place.bottom()) + inset;
        float large = Math.min(LARGE, points(place.size().height()) / 3);
        float y = bottom + points(place.size().height()) - 2 * inset - large;
        on.bold.set(on.content, PageFlow.fitted(on.bold, label.title(), large, width), x, y, large);
        float small = Math.min(SMALL, large);
        for (String line : label.lines()) {
            y -= small * LEADING;
            if (y >= bottom - inset / 2) {
                on.text.set(on.content, PageFlow.fitted(on.text, line, small, width), x, y, small);
            }
        }
    }

    /** Four inches within the first row, with what has to be true of them. */
    private static void scale(PDPageContentStream content, Typeface text, LabelSheet sheet, PageFormat format)
            throws IOException {
        float x = points(sheet.left()) + INSET;
        float y = format.upright().getHeight() - points(sheet.place(0).bottom()) + INSET;
        for (int inch = 0; inch <= A_SCALE; inch++) {
            content.moveTo(x + inch * 72, y);
            content.lineTo(x + inch * 72, y + TICK);
        }
        content.moveTo(x, y);
        content.lineTo(x + A_SCALE * 72, y);
        content.stroke();
        text.set(content, "4 in, 101.6 mm: print at full size", x, y + TICK + 4, SMALL);
        text.set(
                content,
                "Hold it against a sheet of labels; frames too far left: a larger left margin.",
                x,
                y + TICK + 16,
                SMALL);
    }
}
