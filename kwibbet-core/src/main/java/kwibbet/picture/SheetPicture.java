package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import kwibbet.card.Piece;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.cutting.SheetLayout.Placement;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.layout.CutPart;
import kwibbet.layout.PrintedSheet;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** A sheet as it lies on the table, with its pieces, the numbers of its cuts and what is left. */
public final class SheetPicture {

    /** The radius of a number's disc, in text heights. */
    private static final double DISC = 0.72;
    /** Text heights to the longer side of the sheet. */
    private static final int ROWS = 24;
    /** More cut numbers than this would hide the sheet; the steps still name them. */
    private static final int MOST_NUMBERED = 60;

    private final Lettered sheet;
    private final Map<Cut, Integer> settings;
    private final MeasureSystem system;
    private final Sketch sketch;
    private final Rect whole;

    private SheetPicture(Lettered sheet, Map<Cut, Integer> settings, MeasureSystem system) {
        this.sheet = sheet;
        this.settings = settings;
        this.system = system;
        this.whole = Rect.atOrigin(sheet.layout().sheet());
        Length longest = Length.max(whole.size().width(), whole.size().height());
        Length row = longest.dividedDownBy(ROWS);
        Length room = row.multipliedBy(3);
        Rect frame = Rect.of(
                room.negated(),
                row.negated(),
                whole.size().width().plus(room).plus(row.multipliedBy(2)),
                whole.size().height().plus(row).plus(room));
        this.sketch = new Sketch(frame, row, system);
    }

    /**
     * Draws it.
     *
     * @param sheet the sheet
     * @param settings its cuts, each with the number of the setting at which it is made
     * @param system what figures are given in
     */
    public static Drawing of(Lettered sheet, Map<Cut, Integer> settings, MeasureSystem system) {
        return new SheetPicture(sheet, settings, system).draw();
    }

    /** Draws it small, without words and figures, to be told from others at a look. */
    public static Drawing small(Lettered sheet) {
        return new SheetPicture(sheet, Map.of(), MeasureSystem.INCH).drawSmall();
    }

    private Drawing drawSmall() {
        Ink ink = Ink.on(sheet.paper().colour());
        Length room = sketch.rows(0.5);
        Rect frame = Rect.of(
                room.negated(),
                room.negated(),
                whole.size().width().plus(room.multipliedBy(2)),
                whole.size().height().plus(room.multipliedBy(2)));
        Sketch small = new Sketch(frame, sketch.rows(1), system);
        small.add(Mark.Area.of(whole, new Fill.Paper(sheet.paper().colour()), Line.SHEET, ink)
                .lifted());
        PrintPicture.pictures(PrintedSheet.of(sheet, PrintedSheet.Face.FRONT)).forEach(small::add);
        for (Rect area : sheet.layout().offcuts()) {
            Hatching.of(area, small.rows(1), ink).forEach(small::add);
        }
        sheet.layout()
                .placements()
                .forEach(placement -> small.add(Mark.Area.of(placement.area(), Fill.NONE, Line.CUT, ink)));
        return small.drawing("Sheet " + sheet.letter() + ", " + sheet.paper().name());
    }

    private Drawing draw() {
        Paper paper = sheet.paper();
        Ink ink = Ink.on(paper.colour());
        SheetLayout layout = sheet.layout();
        sketch.add(Mark.Area.of(whole, new Fill.Paper(paper.colour()), Line.SHEET, ink)
                .lifted());
        layout.offcuts().forEach(offcut -> offcut(offcut, ink));
        PrintPicture.pictures(PrintedSheet.of(sheet, PrintedSheet.Face.FRONT)).forEach(sketch::add);
        layout.placements().forEach(placement -> piece(placement, ink));
        if (settings.size() <= MOST_NUMBERED) {
            settings.forEach(this::cutNumber);
        }
        directions(paper);
        sketch.width(whole, 1.5);
        sketch.height(whole, -1.5);
        return sketch.drawing("Sheet " + sheet.letter() + ", " + paper.name() + ", cut into "
                + layout.placements().size() + (layout.placements().size() == 1 ? " piece" : " pieces"));
    }

    private void offcut(Rect area, Ink ink) {
        sketch.add(Mark.Area.of(area, Fill.NONE, Line.CUT, ink));
        Hatching.of(area, sketch.rows(0.6), ink).forEach(sketch::add);
        Phrase size = Phrase.in(system).words("left ").size(area.size()).end();
        write(area, List.of(size), 0.8, ink, true);
    }

    private void piece(Placement placement, Ink ink) {
        CutPart part = sheet.part(placement.part());
        Piece piece = part.first().piece();
        List<Mark> marks = new ArrayList<>(List.of(Mark.Area.of(placement.area(), Fill.NONE, Line.CUT, ink)));
        Size cut = placement.turned()
                ? placement.area().size().turned()
                : placement.area().size();
        if (!piece.isRectangle() || !cut.equals(piece.size())) {
            marks.add(Mark.Area.of(piece.outline().in(sheet.lying(placement)), Fill.NONE, Line.HIDDEN, ink));
        }
        sketch.group(piece.id().value(), part.usedAs(), marks);
        Phrase size = Phrase.in(system).size(cut).end();
        Phrase name = part.hasName() ? Phrase.of(part.name()) : size;
        List<Phrase> both = part.hasName() ? List.of(name, size) : List.of(size);
        boolean clear = piece.isPrinted();
        if (!write(placement.area(), both, 1, ink, clear)) {
            write(placement.area(), List.of(name), 1, ink, clear);
        }
    }

    /** Writes lines across or, where they fit only so, upwards; not at all where they do not fit: the list says it too. */
    private boolean write(Rect area, List<Phrase> lines, double size, Ink ink, boolean clear) {
        Length width = area.size().width();
        Length height = area.size().height();
        if (lines.stream().allMatch(line -> sketch.fits(line, size, width, part(height, lines.size())))) {
            write(area, lines, size, ink, clear, false);
            return true;
        }
        if (lines.stream().allMatch(line -> sketch.fits(line, size, height, part(width, lines.size())))) {
            write(area, lines, size, ink, clear, true);
            return true;
        }
        return false;
    }

    private static Length part(Length whole, int parts) {
        return whole.dividedDownBy(parts);
    }

    private void write(Rect area, List<Phrase> lines, double size, Ink ink, boolean clear, boolean upwards) {
        Point middle = Sketch.centre(area);
        for (int i = 0; i < lines.size(); i++) {
            Length aside = sketch.rows(1.4 * size * (i - (lines.size() - 1) / 2.0));
            Point at = upwards ? middle.plus(aside, Length.ZERO) : middle.plus(Length.ZERO, aside);
            sketch.add(new Mark.Text(at, lines.get(i), Mark.Anchor.MIDDLE, size, ink, upwards, clear));
            Rect box = sketch.box(at, lines.get(i), size);
            sketch.write(upwards ? Rect.around(at, box.size().turned()) : box);
        }
    }

    /** The number of a cut stands on it, as near to its beginning as it covers no other and no name; where there is no such place the list says it. */
    private void cutNumber(Cut cut, int number) {
        Rect inHand = cut.inHand();
        boolean vertical = cut.axis() == Axis.VERTICAL;
        Length length = inHand.size().along(vertical ? Axis.HORIZONTAL : Axis.VERTICAL);
        Size box = new Size(sketch.rows(2 * DISC), sketch.rows(2 * DISC));
        for (double along = 1; sketch.rows(along + DISC).isShorterThan(length); along += DISC / 2) {
            Length at = sketch.rows(along);
            Point centre = vertical
                    ? new Point(inHand.left().plus(cut.setting()), inHand.top().plus(at))
                    : new Point(inHand.left().plus(at), inHand.top().plus(cut.setting()));
            Rect disc = Rect.around(centre, box);
            if (sketch.isFree(disc)) {
                sketch.write(disc);
                sketch.add(new Mark.Disc(centre, sketch.rows(DISC), String.valueOf(number)));
                return;
            }
        }
    }

    /** The grain as a double arrow and the pattern's up as a small one, beside the sheet. */
    private void directions(Paper paper) {
        Length x = whole.right().plus(sketch.rows(1));
        paper.grain().axis().ifPresent(axis -> {
            Point middle = new Point(x, whole.top().plus(sketch.rows(4)));
            Arrows.both(axis, middle, sketch.rows(axis == Axis.VERTICAL ? 2 : 0.8), sketch.rows(0.4))
                    .forEach(sketch::add);
        });
        if (paper.face().hasUp()) {
            Point tip = new Point(x, whole.bottom().minus(sketch.rows(3)));
            Arrows.up(tip, sketch.rows(2), sketch.rows(0.4)).forEach(sketch::add);
        }
    }
}
