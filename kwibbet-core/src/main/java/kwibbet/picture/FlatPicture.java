package kwibbet.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.review.Finding;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** A piece lying flat: the base, inside up, with its layers where they will sit, or any other piece alone. */
public final class FlatPicture {

    private static final int MOST_CORNERS_MEASURED = 8;
    /** How far a name moves aside at a step, in text heights, and how often. */
    private static final double NAME_STEP = 0.75;

    private static final int NAME_STEPS = 16;
    private static final int QUARTER = 90;

    private final Card card;
    private final Palette palette;
    private final Sketch sketch;
    private final Piece shown;
    private final Placement place;
    private final Rect whole;
    /** The same with the ends that come off. */
    private final Rect paper;
    /** What lies on the base and is seen, the lowest first. */
    private final Map<Piece, Region> layers = new LinkedHashMap<>();

    private FlatPicture(Card card, PaperShelf shelf, Piece shown, TableScale scale) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.shown = shown;
        this.sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        this.whole = lying(card, shown, scale);
        this.place = Placement.at(whole.corner());
        this.paper = Outline.of(shown.withEnds()).in(place).bounds();
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

    /** The room it takes, in the frame of what is shown: of longer paper whose ends come off, and of the base with what lies on it and reaches past its edges. */
    static Rect room(Card card, Piece inHand) {
        boolean alone = isAlone(card, inHand);
        List<Point> corners = new ArrayList<>(
                Outline.of((alone ? inHand : card.base()).withEnds()).corners());
        for (Join join : alone ? List.<Join>of() : card.joins()) {
            card.onBase(join.upper())
                    .ifPresent(onBase -> corners.addAll(area(card, card.pieceOf(join.upper()))
                            .in(onBase)
                            .outline()
                            .corners()));
        }
        return new Outline(corners).bounds();
    }

    /** Where what is shown lies in its frame: all that belongs to it in the middle. */
    static Rect lying(Card card, Piece inHand, TableScale scale) {
        Rect room = room(card, inHand);
        Rect there = scale.centred(room.size());
        Size size = (isAlone(card, inHand) ? inHand : card.base()).size();
        return new Rect(there.corner().plus(room.left().negated(), room.top().negated()), size);
    }

    /** Of a piece that wraps round something only the part that lies here. */
    private static Region area(Card card, Piece piece) {
        return card.panelsOf(piece.id()).stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck)
                .findFirst()
                .map(panel -> panel.material(piece))
                .orElse(piece.material());
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
                PiecePicture.marks(piece, whole.corner(), palette.fill(piece, Side.UP), palette.ink(piece, Side.UP)));
        ends(piece);
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
                PiecePicture.marks(base, whole.corner(), palette.fill(base, Side.UP), palette.ink(base, Side.UP)));
        ends(base);
        panelsOf(base).forEach(this::panel);
        works(base, place);
        lowestFirst().forEach(this::layer);
        openingFigures(
                inHand,
                card.onBase(inHand.id())
                        .orElseThrow(
                                () -> new IllegalStateException(inHand.id().value() + " does not lie on the flat base"))
                        .within(place));
        panelsOf(base).forEach(this::panelName);
        if (inHand.equals(base)) {
            figures(base);
        } else {
            Placement onBase = card.onBase(inHand.id())
                    .orElseThrow(
                            () -> new IllegalStateException(inHand.id().value() + " does not lie on the flat base"))
                    .within(place);
            Rect zone = inHand.outline().in(onBase).bounds();
            // What lies aslant is not as wide as the room it takes up.
            if (card.join(inHand.id()).filter(this::isStraight).isPresent()) {
                sketch.width(zone, clearance(zone.bottom(), paper.bottom()));
                sketch.height(zone, -clearance(paper.left(), zone.left()));
            }
            margins(inHand, zone);
        }
        mark(findings, card::onBase);
        return sketch.drawing("The base lying flat, inside up, " + sizeWords(base));
    }

    /**
     * The joins of the open card: first those whose upper pieces lie on the other side, as they were stuck; then the others in the order in which they lie
     * over each other, whichever was thought of first.
     */
    private List<Join> lowestFirst() {
        List<PanelId> order = FoldedView.of(card, card.form().pose(Pose.OPEN)).panels().stream()
                .map(seen -> seen.panel().id())
                .toList();
        return card.joins().stream()
                .sorted(Comparator.comparingInt(join ->
                        isSeen(join) ? order.indexOf(card.stuckPanel(join).id()) : -1))
                .toList();
    }

    private boolean isSeen(Join join) {
        return card.baseSide(join.upper()).filter(Side.UP::equals).isPresent();
    }

    private boolean isStraight(Join join) {
        return card.upright(join).degrees() % QUARTER == 0;
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
            double rows = -clearance(paper.top(), zone.top());
            sketch.span(Axis.HORIZONTAL, host.left(), zone.left(), zone, rows);
        }
        if (zone.top().isLongerThan(host.top())) {
            double rows = clearance(zone.right(), paper.right());
            sketch.span(Axis.VERTICAL, host.top(), zone.top(), zone, rows);
        }
    }

    /** What is cut or worked on for an addition without a piece of its own, so that it can be taken in hand. */
    private void works(Piece on, Placement lying) {
        for (Opening opening : on.openings()) {
            if (card.piece(opening.owner()).isEmpty()) {
                Mark mark = Mark.Area.of(opening.in(lying).outline(), Fill.NONE, Line.CUT, palette.ink(on, Side.UP));
                sketch.group(opening.owner().value(), opening.name(), List.of(mark));
            }
        }
        for (Zone zone : on.zones()) {
            if (card.piece(zone.owner()).isEmpty()) {
                Line line = PiecePicture.line(zone, Side.UP);
                Mark mark = Mark.Area.of(zone.outline().in(lying), Fill.NONE, line, palette.ink(on, Side.UP));
                sketch.group(zone.owner().value(), zone.words(), List.of(mark));
            }
        }
    }

    private void mark(List<Finding> findings, Function<PieceId, Optional<Placement>> lying) {
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            String number = String.valueOf(i + 1);
            lying.apply(finding.piece())
                    .map(on -> finding.where().in(on.within(place)).bounds().middle())
                    .ifPresent(at -> sketch.number(at, number));
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
        boolean seen = isSeen(join);
        Side side = onBase.get().mirrored() ? Side.UNDER : Side.UP;
        Ink ink = seen ? palette.ink(piece, side) : inkOn(join);
        Region area = area(card, piece).in(onBase.get().within(place));
        List<Mark> marks = new ArrayList<>();
        marks.add(Mark.Area.of(area, seen ? palette.fill(piece, side) : Fill.NONE, seen ? Line.CUT : Line.HIDDEN, ink));
        if (seen) {
            marks.addAll(Prints.on(piece, side, List.of(area), onBase.get().within(place)::apply, ink));
        }
        sketch.group(piece.id().value(), piece.name() + ", " + join.place(), marks);
        if (seen) {
            layers.put(piece, area);
            works(piece, onBase.get().within(place));
        }
    }

    private Ink inkOn(Join join) {
        return layers.keySet().stream()
                .filter(piece -> card.basePanel(piece.id()).equals(card.basePanel(join.upper())))
                .reduce((lower, upper) -> upper)
                .map(piece -> palette.ink(piece, Side.UP))
                .orElse(palette.ink(card.base(), Side.UP));
    }

    private List<Panel> panelsOf(Piece base) {
        return card.form().panels().stream()
                .filter(panel -> panel.piece().equals(base.id()))
                .toList();
    }

    /** An area that is not seen, so that the panel can be taken hold of: the face that looks up, or else the other. */
    private void panel(Panel panel) {
        face(panel, Side.UP).or(() -> face(panel, Side.UNDER)).ifPresent(face -> {
            Mark area = Mark.Area.of(
                    panel.material(card.base()).in(place), Fill.NONE, Line.NONE, palette.ink(card.base(), Side.UP));
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
        Phrase name = Phrase.of(title);
        if (title.isEmpty()
                || !sketch.fits(
                        name, 1, room(panel, area.size().width()), area.size().height())) {
            return;
        }
        // In the middle, or as near to it as nothing else is written and no edge goes through.
        Point middle = centre(panel);
        for (int step = 0; step <= NAME_STEPS; step++) {
            Length down = sketch.rows(step % 2 == 0 ? -step * NAME_STEP : (step + 1) * NAME_STEP);
            Point at = middle.plus(Length.ZERO, down);
            Rect box = sketch.box(at, name, 1);
            Optional<Ink> ink = area.contains(box) && sketch.isFree(box) ? inkUnder(box) : Optional.empty();
            if (ink.isPresent()) {
                sketch.text(at, name, 1, ink.get());
                return;
            }
        }
    }

    /** The ink for what is written on the topmost layer there; nothing where an edge goes through. */
    private Optional<Ink> inkUnder(Rect box) {
        Ink ink = palette.ink(card.base(), Side.UP);
        Outline words = Outline.of(box);
        for (Map.Entry<Piece, Region> layer : layers.entrySet()) {
            if (Overlay.contains(layer.getValue(), words)) {
                // What lies behind film shows through, and is what words have to stand out from.
                ink = card.isClear(layer.getKey().id()) ? ink : palette.ink(layer.getKey(), Side.UP);
            } else if (Overlay.sharedArea(layer.getValue(), Region.of(words)) > 0) {
                return Optional.empty();
            }
        }
        return Optional.of(ink);
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

    private void openingFigures(Piece piece, Placement lying) {
        Ink ink = piece.equals(card.base()) || shown.equals(piece) ? Ink.ON_PAGE : palette.ink(piece, Side.UP);
        for (Opening opening : piece.openings()) {
            Rect bounds = opening.in(lying).bounds();
            PiecePicture.openingNote(opening, card.design().system())
                    .filter(note -> sketch.fits(
                            note, 1, bounds.size().width(), bounds.size().height()))
                    .ifPresent(note -> sketch.label(bounds.middle(), note, 1, ink));
        }
    }

    /** What comes off a longer paper, on the table beside it. */
    private void ends(Piece piece) {
        piece.ends().forEach(end -> sketch.outline(Outline.of(end).in(place), Line.HIDDEN, Ink.ON_PAGE));
    }

    /** The chain of panels along each edge with more than one, the size of the whole, and that of longer paper an end of which comes off. */
    private void figures(Piece piece) {
        for (Axis axis : Axis.values()) {
            List<Length> stops = stops(piece, axis);
            boolean horizontal = axis == Axis.HORIZONTAL;
            Length start = horizontal ? whole.left() : whole.top();
            for (int i = 1; stops.size() > 2 && i < stops.size(); i++) {
                sketch.span(
                        axis, start.plus(stops.get(i - 1)), start.plus(stops.get(i)), paper, horizontal ? -1.6 : 1.6);
            }
        }
        sketch.span(Axis.HORIZONTAL, whole.left(), whole.right(), paper, 1.6);
        sketch.span(Axis.VERTICAL, whole.top(), whole.bottom(), paper, -1.6);
        if (!paper.size().width().equals(whole.size().width())) {
            sketch.width(paper, 3.2);
        }
        if (!paper.size().height().equals(whole.size().height())) {
            sketch.height(paper, -3.2);
        }
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
