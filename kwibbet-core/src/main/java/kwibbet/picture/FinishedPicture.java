package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** The finished card in a pose, with its layers. */
public final class FinishedPicture {

    private final Card card;
    private final Palette palette;
    private final Pose pose;

    private FinishedPicture(Card card, PaperShelf shelf, Pose pose) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.pose = pose;
    }

    /**
     * A flat part of a piece as it is seen.
     *
     * @param piece the piece
     * @param outline its corners in order
     * @param creases for each edge from its corner, whether it is a crease that lies flat
     */
    private record Seen(Piece piece, List<Point> outline, List<Boolean> creases) {

        Seen plus(Length right, Length down) {
            List<Point> moved =
                    outline.stream().map(point -> point.plus(right, down)).toList();
            return new Seen(piece, moved, creases);
        }
    }

    /** Draws it in the middle of the table's frame; seen straight on, with its width and height. */
    public static Drawing onTable(Card card, PaperShelf shelf, Pose pose, TableScale scale) {
        FinishedPicture picture = new FinishedPicture(card, shelf, pose);
        List<Seen> seen = picture.seen();
        Rect bounds = bounds(seen);
        Rect place = scale.centred(bounds.size());
        Length right = place.left().minus(bounds.left());
        Length down = place.top().minus(bounds.top());
        Sketch sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        seen.forEach(each -> picture.draw(each.plus(right, down), sketch));
        if (pose.pitch() == 0) {
            sketch.width(place, 1.6);
            sketch.height(place, -1.6);
        }
        return sketch.drawing(picture.title());
    }

    /** Draws it alone, with a little room around it and no figures. */
    public static Drawing alone(Card card, PaperShelf shelf, Pose pose) {
        FinishedPicture picture = new FinishedPicture(card, shelf, pose);
        List<Seen> seen = picture.seen();
        Rect bounds = bounds(seen);
        Length room = Length.ofInches(1, 8);
        Rect frame = Rect.of(
                bounds.left().minus(room),
                bounds.top().minus(room),
                bounds.size().width().plus(room.multipliedBy(2)),
                bounds.size().height().plus(room.multipliedBy(2)));
        Sketch sketch = new Sketch(frame, room, card.design().system());
        seen.forEach(each -> picture.draw(each, sketch));
        return sketch.drawing(picture.title());
    }

    private String title() {
        String size = Phrase.in(card.design().system())
                .size(card.form().finished())
                .end()
                .text();
        return card.design().name() + ", " + pose.title() + ", " + size;
    }

    private List<Seen> seen() {
        List<Seen> all = new ArrayList<>();
        for (SeenPanel seen : FoldedView.of(card.form(), pose).panels()) {
            Panel panel = card.form().panel(seen.panel()).orElseThrow();
            all.add(new Seen(card.base(), seen.outline(panel.area()), flatCreases(panel.area())));
            for (Join join : card.joins()) {
                if (join.face().panel().equals(seen.panel()) && join.face().side() == seen.side()) {
                    Piece piece = card.piece(join.upper()).orElseThrow();
                    all.add(new Seen(piece, seen.outline(join.zone()), List.of(false, false, false, false)));
                }
            }
        }
        return all;
    }

    /** Which edges of a panel, from the top one round to the left one, are creases that are not folded in this pose. */
    private List<Boolean> flatCreases(Rect panel) {
        return List.of(
                isFlatCrease(Axis.HORIZONTAL, panel.top()),
                isFlatCrease(Axis.VERTICAL, panel.right()),
                isFlatCrease(Axis.HORIZONTAL, panel.bottom()),
                isFlatCrease(Axis.VERTICAL, panel.left()));
    }

    private boolean isFlatCrease(Axis axis, Length at) {
        return card.form().scores().stream()
                .anyMatch(score -> score.from().axis() == axis
                        && score.position(card.form().flat()).equals(at)
                        && pose.angles().getOrDefault(score.key(), 0) == 0);
    }

    private void draw(Seen seen, Sketch sketch) {
        Piece piece = seen.piece();
        Ink ink = palette.ink(piece);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Area(seen.outline(), palette.fill(piece), Line.NONE, ink, true));
        for (int i = 0; i < seen.outline().size(); i++) {
            Point start = seen.outline().get(i);
            Point end = seen.outline().get((i + 1) % seen.outline().size());
            Line line = seen.creases().get(i) ? Line.VALLEY : Line.CUT;
            marks.add(new Mark.Stroke(List.of(start, end), line, ink));
        }
        sketch.group(piece.id().value(), piece.name(), marks);
    }

    private static Rect bounds(List<Seen> seen) {
        List<Point> points =
                seen.stream().flatMap(each -> each.outline().stream()).toList();
        Length left = points.stream().map(Point::x).reduce(Length::min).orElseThrow();
        Length top = points.stream().map(Point::y).reduce(Length::min).orElseThrow();
        Length right = points.stream().map(Point::x).reduce(Length::max).orElseThrow();
        Length bottom = points.stream().map(Point::y).reduce(Length::max).orElseThrow();
        return Rect.of(left, top, right.minus(left), bottom.minus(top));
    }
}
