package kwibbet.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.drawing.Mark.Anchor;
import kwibbet.kit.Fit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitPlan.Share;
import kwibbet.kit.KitPlan.Stretch;
import kwibbet.kit.Meeting;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.room.Rooms;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/**
 * A room over time: a band for what is done at one station, as high as there are learners at it, and dotted above it those who wait for its tool. The slot ends at a
 * thick line, and a thin one stands where nine in ten are done.
 */
public final class RoomPicture {

    private static final Length TEXT = Length.ofInches(1, 8);
    private static final Length ROW = Length.ofInches(1, 2);
    private static final Length NAMES = Length.ofInches(7, 4);
    private static final Length WIDE = Length.ofInches(8);
    private static final int QUARTER = 15;
    /** Beyond four hours quarters of an hour stand too close. */
    private static final int MOST_QUARTERS = 16;

    /** Fewer learners than that, on average, are not drawn. */
    private static final double LEAST = 0.02;
    /** How high names stand in a row, in shares of it. */
    private static final double HALF = 0.4;

    private static final double LOW = 0.25;
    private static final double HIGH = 0.68;
    private static final double LARGE = 1.15;
    /** The highest band fills so much of its row. */
    private static final double HIGHEST = 0.9;

    private final Meeting meeting;
    private final Rooms rooms;
    private final Palette palette;
    private final double minutes;
    private final Sketch sketch;

    private RoomPicture(Fit fit, PaperShelf shelf, int rows) {
        this.meeting = fit.meeting();
        this.rooms = fit.rooms();
        this.palette = new Palette(shelf);
        double longest = Math.max(meeting.slot().minutes(), meeting.slot().opening() + rooms.inAnUnluckyRoom());
        this.minutes = Math.ceil(longest / QUARTER) * QUARTER;
        Rect frame = Rect.of(
                NAMES.negated(),
                TEXT.multipliedBy(2).negated(),
                NAMES.plus(WIDE).plus(TEXT.multipliedBy(2)),
                ROW.multipliedBy(rows).plus(TEXT.multipliedBy(5)));
        this.sketch = new Sketch(frame, TEXT, MeasureSystem.INCH);
    }

    /**
     * Draws the room of a class.
     *
     * @param plan who does what
     * @param fit what happens then
     * @param shelf the papers of its cards
     */
    public static Drawing of(KitPlan plan, Fit fit, PaperShelf shelf) {
        List<Stretch> stretches = plan.stretches();
        RoomPicture picture = new RoomPicture(fit, shelf, stretches.size());
        picture.axis(stretches.size());
        double most = stretches.stream()
                .flatMap(stretch -> picture.heights(stretch, true).stream())
                .max(Double::compare)
                .orElse(1.0);
        for (int row = 0; row < stretches.size(); row++) {
            boolean isFirst = row == 0
                    || stretches.get(row - 1).first().line()
                            != stretches.get(row).first().line();
            picture.band(
                    stretches.get(row),
                    row,
                    Math.max(1, most),
                    isFirst && plan.kit().lines().size() > 1);
        }
        picture.ends(stretches.size());
        return picture.sketch.drawing("The room over time: nine in ten are done after " + fit.nineInTen() + " of "
                + fit.meeting().slot().minutes() + " minutes");
    }

    private Length at(double minute) {
        return WIDE.scaledBy(minute / minutes);
    }

    private void axis(int rows) {
        Length bottom = ROW.multipliedBy(rows);
        int step = minutes / QUARTER > MOST_QUARTERS ? 4 * QUARTER : QUARTER;
        for (int minute = 0; minute <= minutes; minute += step) {
            sketch.stroke(
                    Line.HATCH, new Point(at(minute), Length.ZERO), new Point(at(minute), bottom.plus(TEXT.half())));
            sketch.text(
                    new Point(at(minute), bottom.plus(TEXT.scaledBy(1.4))),
                    Phrase.of(String.valueOf(minute)),
                    1,
                    Ink.ON_PAGE);
        }
        if (meeting.slot().opening() > 0) {
            Rect words = Rect.of(Length.ZERO, Length.ZERO, at(meeting.slot().opening()), bottom);
            Hatching.of(words, sketch.rows(0.8), Ink.ON_PAGE).forEach(sketch::add);
        }
    }

    /** How many learners are at a stretch, minute by minute; with those who wait for its tools. */
    private List<Double> heights(Stretch stretch, boolean withWaiting) {
        List<Rooms.Band> bands = rooms.bands().stream()
                .filter(band -> stretch.shares().stream().anyMatch(share -> isOf(band, share)))
                .toList();
        int length = bands.stream().mapToInt(band -> band.at().size()).max().orElse(0);
        return IntStream.range(0, length)
                .mapToObj(minute -> bands.stream()
                        .mapToDouble(band -> band.at().get(minute)
                                + (withWaiting ? band.waiting().get(minute) : 0))
                        .sum())
                .collect(Collectors.toList());
    }

    private static boolean isOf(Rooms.Band band, Share share) {
        return band.task().equals(share.id());
    }

    private void band(Stretch stretch, int row, double most, boolean isNamed) {
        Length base = ROW.multipliedBy(row + 1);
        Share first = stretch.first();
        Ink ink = Ink.ON_PAGE;
        List<Mark> marks = new ArrayList<>();
        List<Double> heights = heights(stretch, false);
        List<Point> outline = line(heights, base, most);
        if (outline.size() > 1) {
            List<Point> closed = new ArrayList<>(outline);
            closed.add(new Point(outline.get(outline.size() - 1).x(), base));
            closed.add(new Point(outline.get(0).x(), base));
            marks.add(new Mark.Area(
                    closed, List.of(), palette.fill(first.making().card().base(), Side.UNDER), Line.CUT, ink, false));
        }
        List<Double> withWaiting = heights(stretch, true);
        if (!withWaiting.equals(heights)) {
            marks.add(new Mark.Stroke(line(withWaiting, base, most), Line.HIDDEN, ink));
        }
        String card = first.making().card().design().name();
        marks.add(name(stretch.words(), base.minus(ROW.scaledBy(isNamed ? LOW : HALF)), 1));
        if (isNamed) {
            marks.add(name(card, base.minus(ROW.scaledBy(HIGH)), LARGE));
        }
        sketch.group(stretch.key(), card + ", " + stretch.words(), marks);
    }

    private static Mark name(String words, Length height, double size) {
        return new Mark.Text(
                new Point(TEXT.negated(), height), Phrase.of(words), Anchor.END, size, Ink.ON_PAGE, false, false);
    }

    /** The upper edge of a band, from where somebody first is at it until nobody is any more. */
    private List<Point> line(List<Double> heights, Length base, double most) {
        int first = 0;
        int end = heights.size();
        while (first < end && heights.get(first) < LEAST) {
            first++;
        }
        while (end > first && heights.get(end - 1) < LEAST) {
            end--;
        }
        if (first == end) {
            return Collections.nCopies(2, new Point(at(meeting.slot().opening()), base));
        }
        List<Point> line = new ArrayList<>();
        line.add(new Point(at(meeting.slot().opening() + Math.max(0, first - 1)), base));
        for (int minute = first; minute < end; minute++) {
            Length up = ROW.scaledBy(HIGHEST * heights.get(minute) / most);
            line.add(new Point(at(meeting.slot().opening() + minute), base.minus(up)));
        }
        line.add(new Point(at(meeting.slot().opening() + end), base));
        return line;
    }

    private void ends(int rows) {
        Length bottom = ROW.multipliedBy(rows);
        end(meeting.slot().minutes(), "it ends", Line.FENCE, bottom);
        end(meeting.slot().opening() + rooms.nineInTen(), "nine in ten", Line.MOVE, bottom);
    }

    private void end(double minute, String words, Line line, Length bottom) {
        sketch.stroke(line, new Point(at(minute), Length.ZERO), new Point(at(minute), bottom));
        sketch.label(new Point(at(minute), TEXT.negated()), Phrase.of(words), 1, Ink.ON_PAGE);
    }
}
