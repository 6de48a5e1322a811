package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
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

    /** Draws it in the middle of the table's frame; seen straight on, with its width and height. */
    public static Drawing onTable(Card card, PaperShelf shelf, Pose pose, TableScale scale) {
        FinishedPicture picture = new FinishedPicture(card, shelf, pose);
        List<Mark.Group> groups = picture.groups();
        Rect bounds = bounds(groups);
        Rect place = scale.centred(bounds.size());
        Length right = place.left().minus(bounds.left());
        Length down = place.top().minus(bounds.top());
        Sketch sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        groups.forEach(group -> sketch.add(moved(group, right, down)));
        if (pose.pitch() == 0) {
            sketch.width(bounds.plus(right, down), 1.6);
            sketch.height(bounds.plus(right, down), -1.6);
        }
        return sketch.drawing(picture.title());
    }

    /** Draws it alone, with a little room around it and no figures. */
    public static Drawing alone(Card card, PaperShelf shelf, Pose pose) {
        FinishedPicture picture = new FinishedPicture(card, shelf, pose);
        List<Mark.Group> groups = picture.groups();
        Rect bounds = bounds(groups);
        Length room = Length.ofInches(1, 8);
        Rect frame = Rect.of(
                bounds.left().minus(room),
                bounds.top().minus(room),
                bounds.size().width().plus(room.multipliedBy(2)),
                bounds.size().height().plus(room.multipliedBy(2)));
        Sketch sketch = new Sketch(frame, room, card.design().system());
        groups.forEach(sketch::add);
        return sketch.drawing(picture.title());
    }

    private String title() {
        String size = Phrase.in(card.design().system())
                .size(card.form().finished())
                .end()
                .text();
        return card.design().name() + ", " + pose.title() + ", " + size;
    }

    private List<Mark.Group> groups() {
        List<Mark.Group> groups = new ArrayList<>();
        for (SeenPanel seen : FoldedView.of(card.form(), pose).panels()) {
            Panel panel = card.form().panel(seen.panel()).orElseThrow();
            groups.add(group(card.base(), seen.outline(panel.area())));
            for (Join join : card.joins()) {
                if (join.face().panel().equals(seen.panel()) && join.face().side() == seen.side()) {
                    groups.add(group(card.piece(join.upper()).orElseThrow(), seen.outline(join.zone())));
                }
            }
        }
        return groups;
    }

    private Mark.Group group(Piece piece, List<Point> outline) {
        Mark area = new Mark.Area(outline, palette.fill(piece), Line.CUT, palette.ink(piece), true);
        return new Mark.Group(piece.id().value(), piece.name(), List.of(area));
    }

    private static Mark.Group moved(Mark.Group group, Length right, Length down) {
        List<Mark> marks = group.marks().stream()
                .map(Mark.Area.class::cast)
                .<Mark>map(area -> new Mark.Area(
                        area.outline().stream()
                                .map(point -> point.plus(right, down))
                                .toList(),
                        area.fill(),
                        area.line(),
                        area.ink(),
                        area.raised()))
                .toList();
        return new Mark.Group(group.piece(), group.label(), marks);
    }

    private static Rect bounds(List<Mark.Group> groups) {
        List<Point> points = groups.stream()
                .flatMap(group -> group.marks().stream())
                .flatMap(mark -> ((Mark.Area) mark).outline().stream())
                .toList();
        Length left = points.stream().map(Point::x).reduce(Length::min).orElseThrow();
        Length top = points.stream().map(Point::y).reduce(Length::min).orElseThrow();
        Length right = points.stream().map(Point::x).reduce(Length::max).orElseThrow();
        Length bottom = points.stream().map(Point::y).reduce(Length::max).orElseThrow();
        return Rect.of(left, top, right.minus(left), bottom.minus(top));
    }
}
