package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.bench.PressSetting;
import kwibbet.card.Piece;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.press.DiePass;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Press;
import kwibbet.wording.Phrase;

/** The bed of the press seen from above: the papers, the dies on them with their metal, and where the plate's edge stops. */
public final class PressPicture {

    /** Text heights to the longer side of the bed. */
    private static final int ROWS = 30;

    private final Palette palette;
    private final Rect bed;
    private final Sketch sketch;

    private PressPicture(PressSetting setting, Press press, PaperShelf shelf, MeasureSystem system) {
        this.palette = new Palette(shelf);
        this.bed = Rect.atOrigin(new Size(press.plate(), press.bed()));
        Length width = press.plate();
        Length height = press.bed();
        for (OnBed each : setting.load().laid()) {
            width = Length.max(width, each.place().bottom());
            height = Length.max(height, each.place().right());
        }
        Length row = Length.ofTicks(Length.max(width, height).toTicks() / ROWS);
        Rect frame = Rect.of(
                row.multipliedBy(4).negated(),
                row.multipliedBy(3).negated(),
                width.plus(row.multipliedBy(8)),
                height.plus(row.multipliedBy(7)));
        this.sketch = new Sketch(frame, row, system);
    }

    /** Draws what lies on the bed. */
    public static Drawing of(PressSetting setting, Press press, PaperShelf shelf, MeasureSystem system) {
        PressPicture picture = new PressPicture(setting, press, shelf, system);
        picture.sketch.add(Mark.Area.of(picture.bed, Fill.NONE, Line.SHEET, Ink.ON_PAGE));
        setting.load().laid().forEach(picture::paper);
        picture.sketch.width(picture.bed, 2);
        picture.sketch.height(picture.bed, 2);
        return picture.sketch.drawing("What lies on the bed of the press");
    }

    private void paper(OnBed each) {
        Layup layup = each.layup();
        Placement there = placement(each);
        Piece piece = layup.first().piece();
        Ink ink = palette.ink(piece);
        Outline paper = Outline.of(layup.paper()).in(there);
        sketch.add(
                Mark.Area.of(paper.bounds(), palette.fill(piece), Line.CUT, ink).lifted());
        for (DieUse use : layup.uses()) {
            outline(use.rim(layup.diePass()).in(there), Line.FINE, ink);
            outline(use.cutLine(layup.diePass()).in(there), Line.CUT, ink);
        }
        name(piece, paper.bounds(), ink);
        plateEdge(layup, there);
    }

    /** From the frame of the piece onto the bed, which lies sideways: the paper goes through from left to right. */
    private Placement placement(OnBed each) {
        Placement turned = new Placement(Point.ORIGIN, each.turned() ? 90 : 0, false);
        Point corner = Outline.of(each.layup().extent()).in(turned).bounds().corner();
        Point there = each.place().corner();
        Placement onBed =
                new Placement(there.plus(corner.x().negated(), corner.y().negated()), turned.degrees(), false);
        return onBed.within(new Placement(new Point(Length.ZERO, bed.bottom()), 270, false));
    }

    private void outline(Outline outline, Line line, Ink ink) {
        List<Point> path = new ArrayList<>(outline.corners());
        path.add(path.get(0));
        sketch.add(new Mark.Stroke(path, line, ink));
    }

    private void name(Piece piece, Rect paper, Ink ink) {
        Phrase phrase = Phrase.of(piece.name());
        Point at = new Point(paper.middle().x(), paper.bottom().minus(sketch.rows(1)));
        if (sketch.fits(phrase, 1, paper.size().width(), paper.size().height())) {
            sketch.text(at, phrase, 1, ink);
        }
    }

    private void plateEdge(Layup layup, Placement there) {
        DieUse use = layup.uses().get(0);
        DiePass pass = layup.diePass();
        Rect cut = use.cut(pass);
        Length near = start(use.run(), use.want().box());
        pass.from().ifPresent(from -> edge(use.run(), near.plus(from), start(use.run(), cut), there));
        pass.to().ifPresent(to -> edge(use.run(), near.plus(to), end(use.run(), cut), there));
    }

    /** The plate's edge straight across the bed, and how far it is from an end of the die. */
    private void edge(Axis run, Length at, Length dieEnd, Placement there) {
        Point on = there.apply(at(run, at));
        Point end = there.apply(at(run, dieEnd));
        boolean level = on.y().equals(end.y());
        if (level) {
            sketch.stroke(Line.FENCE, new Point(on.x(), bed.top()), new Point(on.x(), bed.bottom()));
        } else {
            sketch.stroke(Line.FENCE, new Point(bed.left(), on.y()), new Point(bed.right(), on.y()));
        }
        Length one = level ? on.x() : on.y();
        Length other = level ? end.x() : end.y();
        sketch.span(level ? Axis.HORIZONTAL : Axis.VERTICAL, Length.min(one, other), Length.max(one, other), bed, -1);
        sketch.label(
                level
                        ? new Point(on.x(), bed.top().plus(sketch.rows(1)))
                        : new Point(bed.right().minus(sketch.rows(3)), on.y()),
                Phrase.of("plate’s edge"),
                0.9,
                Ink.ON_PAGE);
    }

    private static Point at(Axis run, Length along) {
        return run == Axis.HORIZONTAL ? new Point(along, Length.ZERO) : new Point(Length.ZERO, along);
    }

    private static Length start(Axis run, Rect area) {
        return run == Axis.HORIZONTAL ? area.left() : area.top();
    }

    private static Length end(Axis run, Rect area) {
        return run == Axis.HORIZONTAL ? area.right() : area.bottom();
    }
}
