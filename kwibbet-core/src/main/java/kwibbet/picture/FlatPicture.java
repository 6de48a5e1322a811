package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Face;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.review.Finding;
import kwibbet.shape.Axis;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A piece lying flat: the base, inside up, with its layers where they will sit, or any other piece alone. */
public final class FlatPicture {

    private static final int MOST_CORNERS_MEASURED = 8;

    private final Card card;
    private final Palette palette;
    private final Sketch sketch;
    private final Piece shown;
    private final Placement place;
    private final Rect whole;

    private FlatPicture(Card card, PaperShelf shelf, Piece shown, TableScale scale) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.shown = shown;
        this.sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        this.whole = scale.centred(shown.size());
        this.place = Placement.at(whole.corner());
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
        return of(card, shelf, inHand, scale, List.of());
    }

    /**
     * Draws it with the places of findings, numbered from 1.
     *
     * @param card the card
     * @param shelf the papers that give the colours
     * @param inHand the piece whose figures are shown
     * @param scale the scale of the table
     * @param findings what is worth a look
     */
    public static Drawing of(Card card, PaperShelf shelf, PieceId inHand, TableScale scale, List<Finding> findings) {
        Piece piece = card.piece(inHand).orElse(card.base());
        boolean alone = isAlone(card, piece);
        FlatPicture picture = new FlatPicture(card, shelf, alone ? piece : card.base(), scale);
        return alone ? picture.piece(piece, findings) : picture.base(piece, findings);
    }

    /** Whether a piece is better shown by itself than where it lies on the base. */
    public static boolean isAlone(Card card, Piece piece) {
        return !piece.id().equals(card.base().id())
                && (!piece.scores().isEmpty() || card.onBase(piece.id()).isEmpty());
    }

    private Drawing piece(Piece piece, List<Finding> findings) {
        sketch.group(
                piece.id().value(),
                piece.name(),
                PiecePicture.marks(piece, whole.corner(), palette.fill(piece), palette.ink(piece)));
        openingFigures(piece, place);
        figures(piece);
        mark(findings, id -> id.equals(piece.id()) ? Optional.of(Placement.SAME) : Optional.empty());
        return sketch.drawing(piece.name() + " lying flat, " + sizeWords(piece));
    }

    private Drawing base(Piece inHand, List<Finding> findings) {
        Piece base = card.base();
        sketch.group(
                base.id().value(),
                base.name(),
                PiecePicture.marks(base, whole.corner(), palette.fill(base), palette.ink(base)));
        panelsOf(base).forEach(this::panel);
        works(base, place);
        card.joins().forEach(this::layer);
        panelsOf(base).forEach(this::panelName);
        if (inHand.equals(base)) {
            openingFigures(base, place);
            figures(base);
        } else {
            Placement onBase = card.onBase(inHand.id())
                    .orElseThrow(
                            () -> new IllegalStateException(inHand.id().value() + " does not lie on the flat base"))
                    .within(place);
            Rect zone = inHand.outline().in(onBase).bounds();
            sketch.width(zone, clearance(zone.bottom(), whole.bottom()));
            sketch.height(zone, -clearance(whole.left(), zone.left()));
            margins(inHand, zone);
            openingFigures(inHand, onBase);
        }
        mark(findings, card::onBase);
        return sketch.drawing("The base lying flat, inside up, " + sizeWords(base));
    }

    /** How far it lies from the left and the top of what it is on. */
    private void margins(Piece inHand, Rect zone) {
        Join join = card.join(inHand.id())
                .orElseThrow(() -> new IllegalStateException(inHand.id().value() + " is stuck to nothing"));
        Placement lower = card.onBase(join.lower())
                .orElseThrow(() -> new IllegalStateException(join.lower().value() + " does not lie on the flat base"))
                .within(place);
        Rect host = card.hostArea(join).in(lower).bounds();
        if (zone.left().isLongerThan(host.left())) {
            double rows = -clearance(whole.top(), zone.top());
            sketch.span(Axis.HORIZONTAL, host.left(), zone.left(), zone, rows);
        }
        if (zone.top().isLongerThan(host.top())) {
            double rows = clearance(zone.right(), whole.right());
            sketch.span(Axis.VERTICAL, host.top(), zone.top(), zone, rows);
        }
    }

    /** What is cut or worked on for an addition without a piece of its own, so that it can be taken in hand. */
    private void works(Piece on, Placement lying) {
        for (Opening opening : on.openings()) {
            if (card.piece(opening.owner()).isEmpty()) {
                Mark mark = Mark.Area.of(opening.in(lying).outline(), Fill.NONE, Line.CUT, palette.ink(on));
                sketch.group(opening.owner().value(), opening.name(), List.of(mark));
            }
        }
        for (Zone zone : on.zones()) {
            if (card.piece(zone.owner()).isEmpty()) {
                Mark mark = Mark.Area.of(zone.outline().in(lying), Fill.NONE, Line.HIDDEN, palette.ink(on));
                sketch.group(zone.owner().value(), zone.words(), List.of(mark));
            }
        }
    }

    private void mark(List<Finding> findings, Function<PieceId, Optional<Placement>> lying) {
        List<Point> taken = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            String number = String.valueOf(i + 1);
            lying.apply(finding.piece())
                    .map(on -> finding.where().in(on.within(place)).bounds().middle())
                    .ifPresent(at -> sketch.number(at, number, taken));
        }
    }

    /** Text heights from an edge of a layer to a line just outside the whole piece. */
    private double clearance(Length inner, Length outer) {
        return 1.6 + outer.minus(inner).ratioTo(sketch.rows(1));
    }

    private void layer(Join join) {
        Piece piece = card.pieceOf(join.upper());
        Optional<Placement> onBase = card.onBase(piece.id());
        if (onBase.isEmpty()) {
            return;
        }
        boolean seen = card.baseSide(piece.id()).filter(Side.UP::equals).isPresent();
        Ink ink = seen ? palette.ink(piece) : inkOn(join);
        // Of a piece that wraps round something only the part that lies here.
        Region area = card.panelsOf(piece.id()).stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck)
                .findFirst()
                .map(panel -> panel.material(piece))
                .orElse(piece.material())
                .in(onBase.get().within(place));
        Mark mark = Mark.Area.of(area, seen ? palette.fill(piece) : Fill.NONE, seen ? Line.CUT : Line.HIDDEN, ink);
        sketch.group(piece.id().value(), piece.name() + ", " + join.place(), List.of(mark));
        if (seen) {
            works(piece, onBase.get().within(place));
        }
    }

    private Ink inkOn(Join join) {
        return card.basePanel(join.upper()).map(panel -> inkOf(panel.id())).orElse(palette.ink(card.base()));
    }

    private List<Panel> panelsOf(Piece base) {
        return card.form().panels().stream()
                .filter(panel -> panel.piece().equals(base.id()))
                .toList();
    }

    /** An area that is not seen, so that the panel can be taken hold of: the face that looks up, or else the other. */
    private void panel(Panel panel) {
        face(panel, Side.UP).or(() -> face(panel, Side.UNDER)).ifPresent(face -> {
            Mark area =
                    Mark.Area.of(panel.material(card.base()).in(place), Fill.NONE, Line.NONE, palette.ink(card.base()));
            sketch.group("face:" + face.id().value(), face.title(), List.of(area));
        });
    }

    private Optional<Face> face(Panel panel, Side side) {
        return card.faces().stream()
                .filter(face -> face.panel().equals(panel.id()) && face.side() == side)
                .findFirst();
    }

    private void panelName(Panel panel) {
        String title = face(panel, Side.UP)
                .map(Face::title)
                .or(() -> face(panel, Side.UNDER).map(face -> "inside " + face.title()))
                .orElse("");
        Rect area = panel.outline().in(place).bounds();
        if (!title.isEmpty()
                && sketch.fits(
                        Phrase.of(title),
                        1,
                        room(panel, area.size().width()),
                        area.size().height())) {
            sketch.text(centre(panel), Phrase.of(title), 1, inkOf(panel.id()));
        }
    }

    /** A slanted panel has less room for words than its box. */
    private static Length room(Panel panel, Length width) {
        return panel.outline().isRectangle() ? width : width.half();
    }

    /** The middle of its corners lies inside every panel; the middle of its box need not. */
    private Point centre(Panel panel) {
        List<Point> corners = panel.outline().in(place).corners();
        Length x = corners.stream().map(Point::x).reduce(Length.ZERO, Length::plus);
        Length y = corners.stream().map(Point::y).reduce(Length.ZERO, Length::plus);
        return panel.outline().isRectangle()
                ? Sketch.centre(panel.outline().in(place).bounds())
                : new Point(x.dividedDownBy(corners.size()), y.dividedDownBy(corners.size()));
    }

    /** The ink for what is written in the middle of a panel: that of the topmost layer inside, or of the base. */
    private Ink inkOf(PanelId panel) {
        Piece top = card.base();
        for (Join join : card.joins()) {
            boolean inside = card.baseSide(join.upper()).filter(Side.UP::equals).isPresent();
            boolean here = card.basePanel(join.upper())
                    .filter(each -> each.id().equals(panel))
                    .isPresent();
            if (inside && here && card.onBase(join.upper()).isPresent()) {
                top = card.pieceOf(join.upper());
            }
        }
        return palette.ink(top);
    }

    private void openingFigures(Piece piece, Placement lying) {
        Ink ink = piece.equals(card.base()) || shown.equals(piece) ? Ink.ON_PAGE : palette.ink(piece);
        for (Opening opening : piece.openings()) {
            Rect bounds = opening.in(lying).bounds();
            PiecePicture.openingNote(opening, card.design().system())
                    .filter(note -> sketch.fits(
                            note, 1, bounds.size().width(), bounds.size().height()))
                    .ifPresent(note -> sketch.label(bounds.middle(), note, 1, ink));
        }
    }

    /** The chain of panels along each edge with more than one, and the size of the whole. */
    private void figures(Piece piece) {
        for (Axis axis : Axis.values()) {
            List<Length> stops = stops(piece, axis);
            boolean horizontal = axis == Axis.HORIZONTAL;
            Length start = horizontal ? whole.left() : whole.top();
            for (int i = 1; stops.size() > 2 && i < stops.size(); i++) {
                sketch.span(
                        axis, start.plus(stops.get(i - 1)), start.plus(stops.get(i)), whole, horizontal ? -1.6 : 1.6);
            }
        }
        sketch.width(whole, 1.6);
        sketch.height(whole, -1.6);
    }

    /** Where something happens along an edge: its ends, the scores across, and the corners of an outline that is cut into. */
    private static List<Length> stops(Piece piece, Axis axis) {
        boolean horizontal = axis == Axis.HORIZONTAL;
        Stream<Length> scores = piece.scores().stream()
                .map(Score::line)
                .filter(line -> line.axis().filter(each -> each != axis).isPresent())
                .map(line -> horizontal ? line.start().x() : line.start().y());
        List<Length> corners = piece.outline().corners().stream()
                .filter(corner -> (horizontal ? corner.y() : corner.x()).isZero())
                .map(corner -> horizontal ? corner.x() : corner.y())
                .distinct()
                .toList();
        boolean slanted =
                piece.scores().stream().anyMatch(score -> score.line().axis().isEmpty());
        List<Length> ends = List.of(
                Length.ZERO, horizontal ? piece.size().width() : piece.size().height());
        Stream<Length> cut = slanted && corners.size() <= MOST_CORNERS_MEASURED ? corners.stream() : Stream.of();
        return new ArrayList<>(new TreeSet<>(Stream.of(ends.stream(), slanted ? Stream.<Length>of() : scores, cut)
                .flatMap(each -> each)
                .toList()));
    }

    private String sizeWords(Piece piece) {
        return Phrase.in(card.design().system()).size(piece.size()).end().text();
    }
}
