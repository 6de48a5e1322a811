package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Face;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** The base lying flat, inside up, with its scores, and its layers where they will sit. */
public final class FlatPicture {

    private final Card card;
    private final Palette palette;
    private final Sketch sketch;
    private final Length right;
    private final Length down;

    private FlatPicture(Card card, PaperShelf shelf, TableScale scale) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        Rect place = scale.centred(card.form().flat());
        this.right = place.left();
        this.down = place.top();
    }

    /**
     * Draws it.
     *
     * @param card the card
     * @param shelf the papers that give the colours
     * @param inHand the piece whose figures are shown
     * @param scale the scale of the table
     */
    public static Drawing of(Card card, PaperShelf shelf, PieceId inHand, TableScale scale) {
        return new FlatPicture(card, shelf, scale).draw(inHand);
    }

    private Drawing draw(PieceId inHand) {
        Rect whole = Rect.atOrigin(card.form().flat()).plus(right, down);
        base(whole);
        card.joins().forEach(this::layer);
        card.form().panels().forEach(this::panelName);
        Optional<Join> layer = card.join(inHand);
        if (layer.isPresent()) {
            Rect zone = layer.get().zone().plus(right, down);
            sketch.width(zone, clearance(zone.bottom(), whole.bottom()));
            sketch.height(zone, -clearance(whole.left(), zone.left()));
        } else {
            baseFigures(whole);
        }
        return sketch.drawing(
                "The base lying flat, inside up, " + sizeWords(card.form().flat()));
    }

    /** Text heights from an edge of a layer to a line just outside the whole piece. */
    private double clearance(Length inner, Length outer) {
        return 1.6 + (double) outer.minus(inner).toTicks() / sketch.rows(1).toTicks();
    }

    private void base(Rect whole) {
        Piece base = card.base();
        Ink ink = palette.ink(base);
        List<Mark> marks = new ArrayList<>();
        marks.add(Mark.Area.of(whole, palette.fill(base), Line.CUT, ink));
        marks.addAll(PiecePicture.creases(base, whole, ink));
        sketch.group(base.id().value(), base.name(), marks);
    }

    private void layer(Join join) {
        Piece piece = card.piece(join.upper()).orElseThrow();
        boolean seen = join.face().side() == Side.INSIDE;
        Ink ink = seen ? palette.ink(piece) : inkOf(join.face().panel());
        Mark area = Mark.Area.of(
                join.zone().plus(right, down),
                seen ? palette.fill(piece) : Fill.NONE,
                seen ? Line.CUT : Line.HIDDEN,
                ink);
        sketch.group(piece.id().value(), piece.name() + " on the " + join.face().title(), List.of(area));
    }

    private void panelName(Panel panel) {
        String title = card.form().faces().stream()
                .filter(face -> face.panel().equals(panel.key()) && face.side() == Side.INSIDE)
                .map(Face::title)
                .findFirst()
                .orElse(panel.key());
        Rect area = panel.area().plus(right, down);
        if (sketch.fits(Phrase.of(title), 1, area.size().width(), area.size().height())) {
            sketch.text(Sketch.centre(area), Phrase.of(title), 1, inkOf(panel.key()));
        }
    }

    /** The ink for what is written in the middle of a panel: that of the topmost layer inside, or of the base. */
    private Ink inkOf(String panel) {
        Piece top = card.base();
        for (Join join : card.joins()) {
            if (join.face().panel().equals(panel) && join.face().side() == Side.INSIDE) {
                top = card.piece(join.upper()).orElseThrow();
            }
        }
        return palette.ink(top);
    }

    private void baseFigures(Rect whole) {
        for (Axis axis : Axis.values()) {
            List<Score> across = card.base().scores().stream()
                    .filter(score -> score.from().axis() != axis)
                    .toList();
            boolean horizontal = axis == Axis.HORIZONTAL;
            Length start = horizontal ? whole.left() : whole.top();
            Length from = start;
            for (Score score : across) {
                Length at = start.plus(score.position(whole.size()));
                sketch.span(axis, from, at, whole, horizontal ? -1.6 : 1.6);
                from = at;
            }
            if (!across.isEmpty()) {
                Length end = horizontal ? whole.right() : whole.bottom();
                sketch.span(axis, from, end, whole, horizontal ? -1.6 : 1.6);
            }
        }
        sketch.width(whole, 1.6);
        sketch.height(whole, -1.6);
    }

    private String sizeWords(Size size) {
        MeasureSystem system = card.design().system();
        return Phrase.in(system).size(size).end().text();
    }
}
