package kwibbet.formats.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outline.Chains;
import kwibbet.outline.Tracing;
import kwibbet.shape.Rect;

/** Reads the lines of a drawing, SVG or DXF, whichever it is. */
public final class DrawingReader {

    private static final int LARGEST = 1_000_000;
    private static final int MOST_LINES = 400;
    private static final int MOST_POINTS = 40_000;
    /** More than that of one drawing nobody reads. */
    private static final int MOST_TOLD = 8;

    /** Ends no further apart than this share of the drawing are meant to meet. */
    private static final double HAIR = 1.0 / 1_000;

    private DrawingReader() {}

    /**
     * What was understood of a file, or why nothing was.
     *
     * @param text the file
     */
    public static Outcome<DrawnLines> read(String text) {
        if (text.length() > LARGEST) {
            return refused("It is too long: up to 1 MB is read.");
        }
        try {
            DrawnLines drawn = text.stripLeading().startsWith("<") ? SvgLines.read(text) : DxfLines.read(text);
            return joined(drawn);
        } catch (UnreadableDrawing unreadable) {
            return refused(unreadable.sentence());
        }
    }

    private static Outcome<DrawnLines> joined(DrawnLines drawn) {
        Optional<Rect> box = drawn.tracing().box();
        if (box.isEmpty()) {
            return refused("There is no line in it that bounds anything.");
        }
        Length longer = Length.max(box.get().size().width(), box.get().size().height());
        Chains chains = Chains.of(drawn.tracing().lines(), Length.max(longer.scaledBy(HAIR), Length.TICK));
        List<String> told =
                new ArrayList<>(drawn.told().stream().limit(MOST_TOLD).toList());
        if (chains.gaps() > 0) {
            told.add(gaps(chains, drawn));
        }
        long points =
                chains.lines().stream().mapToLong(line -> line.points().size()).sum();
        if (chains.lines().size() > MOST_LINES || points > MOST_POINTS) {
            return refused("It has " + chains.lines().size() + " lines with " + points + " corners; up to " + MOST_LINES
                    + " lines with " + MOST_POINTS + " corners can be worked with.");
        }
        return Outcome.made(new DrawnLines(new Tracing(chains.lines()), drawn.unit(), drawn.isUnitSaid(), told));
    }

    private static String gaps(Chains chains, DrawnLines drawn) {
        double widest = chains.widest().toMillimetres() * drawn.unit().millimetres();
        String joined = chains.gaps() == 1
                ? "Two ends that did not meet were joined"
                : chains.gaps() + " times two ends that did not meet were joined";
        return joined + ", at most " + Math.ceil(widest * 1_000) / 1_000 + " mm apart.";
    }

    private static Outcome<DrawnLines> refused(String sentence) {
        return Outcome.refused("file", sentence);
    }
}
