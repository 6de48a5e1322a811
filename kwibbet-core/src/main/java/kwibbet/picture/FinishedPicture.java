package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.Zone;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.review.Finding;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** The finished card in a pose, with all that is on it. */
public final class FinishedPicture {

    /** A panel seen nearly edge on is a line and no area. */
    private static final double EDGE_ON = 1e-3;

    private final Card card;
    private final Palette palette;
    private final Pose pose;
    private final List<SeenPanel> seen;

    private FinishedPicture(Card card, PaperShelf shelf, FoldedView view) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.pose = view.pose();
        this.seen = view.panels();
    }

    /** Draws it in the middle of the table's frame; seen straight on, with its width and height. */
    public static Drawing onTable(Card card, PaperShelf shelf, Pose pose, TableScale scale) {
        return onTable(card, shelf, FoldedView.of(card, pose), scale, List.of());
    }

    /** The same with the places of findings that can be seen, numbered from 1. */
    public static Drawing onTable(
            Card card, PaperShelf shelf, FoldedView view, TableScale scale, List<Finding> findings) {
        FinishedPicture picture = new FinishedPicture(card, shelf, view);
        Rect bounds = picture.bounds();
        Rect place = scale.centred(bounds.size());
        Length right = place.left().minus(bounds.left());
        Length down = place.top().minus(bounds.top());
        Sketch sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        for (SeenPanel each : picture.seen) {
            picture.draw(each, right, down, sketch);
            picture.face(each, right, down, sketch);
        }
        if (view.pose().view().isStraight()) {
            sketch.width(place, 1.6);
            sketch.height(place, -1.6);
        }
        picture.mark(findings, right, down, sketch);
        return sketch.drawing(picture.title());
    }

    /** A finding is marked where its place is not behind another panel. */
    private void mark(List<Finding> findings, Length right, Length down, Sketch sketch) {
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            Point middle = finding.where().bounds().middle();
            String number = String.valueOf(i + 1);
            seen.stream()
                    .filter(each -> each.panel().piece().equals(finding.piece()))
                    .filter(each -> each.panel().outline().bounds().contains(middle))
                    .findFirst()
                    .filter(each -> isInSight(each, each.seen(middle)))
                    .ifPresent(each -> sketch.number(each.seen(middle).plus(right, down), number));
        }
    }

    private boolean isInSight(SeenPanel panel, Point at) {
        return seen.subList(seen.indexOf(panel) + 1, seen.size()).stream()
                .noneMatch(over -> new Outline(over.outline(over.panel().outline()))
                        .bounds()
                        .contains(at));
    }

    /** A card by itself, as it stands on a shelf. */
    public static Drawing standing(Card card, PaperShelf shelf) {
        return alone(card, shelf, card.form().pose(Pose.STANDING));
    }

    /** Draws it alone, with a little room around it and no figures. */
    public static Drawing alone(Card card, PaperShelf shelf, Pose pose) {
        FinishedPicture picture = new FinishedPicture(card, shelf, FoldedView.of(card, pose));
        Rect bounds = picture.bounds();
        Length room = Length.ofInches(1, 8);
        Rect frame = Rect.of(
                bounds.left().minus(room),
                bounds.top().minus(room),
                bounds.size().width().plus(room.multipliedBy(2)),
                bounds.size().height().plus(room.multipliedBy(2)));
        Sketch sketch = new Sketch(frame, room, card.design().system());
        picture.seen.forEach(each -> picture.draw(each, Length.ZERO, Length.ZERO, sketch));
        return sketch.drawing(picture.title());
    }

    private String title() {
        String size = Phrase.in(card.design().system())
                .size(card.form().finished())
                .end()
                .text();
        return card.design().name() + ", " + pose.title() + ", " + size;
    }

    private Rect bounds() {
        return new Outline(seen.stream()
                        .flatMap(each -> each.outline(each.panel().outline()).stream())
                        .toList())
                .bounds();
    }

    private void draw(SeenPanel each, Length right, Length down, Sketch sketch) {
        Piece piece = card.pieceOf(each.panel().piece());
        if (Math.abs(each.frame().up().z()) < EDGE_ON) {
            return;
        }
        Ink ink = palette.ink(piece, each.side());
        Fill fill = shaded(palette.fill(piece, each.side()), each);
        List<Mark> marks = new ArrayList<>();
        Region material = each.panel().material(piece);
        List<Region> visible = visible(each, material).stream()
                .map(region -> moved(region, right, down))
                .toList();
        List<Mark> prints =
                Prints.on(piece, each.side(), visible, point -> each.seen(point).plus(right, down), ink);
        boolean isWhole = each.hiddenBy().isEmpty();
        List<SeenEdge> edges = isWhole ? edges(each, piece, material) : List.of();
        boolean isCutAllRound = edges.stream().allMatch(edge -> edge.line() == Line.CUT);
        // An edge of many corners is drawn with what it encloses, unless a picture comes between.
        boolean isOneMark = isCutAllRound && prints.isEmpty();
        visible.forEach(region -> marks.add(Mark.Area.of(region, fill, isOneMark ? Line.CUT : Line.NONE, ink)
                .lifted()));
        marks.addAll(prints);
        if (isCutAllRound && !isOneMark) {
            visible.forEach(region -> marks.add(Mark.Area.of(region, Fill.NONE, Line.CUT, ink)));
        } else if (!isCutAllRound) {
            edges.forEach(edge -> marks.add(moved(edge, right, down, ink)));
        }
        if (isWhole) {
            slits(each, piece, material, right, down, ink, marks);
        }
        zones(each, piece, material, right, down, ink, marks);
        sketch.group(piece.id().value(), piece.name(), marks);
    }

    /** An area that is not seen, so that a face of the base can be taken hold of where it is looked at. */
    private void face(SeenPanel each, Length right, Length down, Sketch sketch) {
        Piece piece = card.pieceOf(each.panel().piece());
        card.form().faces().stream()
                .filter(face -> face.panel().equals(each.panel().id()) && face.side() == each.side())
                .findFirst()
                .ifPresent(face -> sketch.group(
                        "face:" + face.id().value(),
                        face.title(),
                        visible(each, each.panel().material(piece)).stream()
                                .<Mark>map(region -> Mark.Area.of(
                                        moved(region, right, down),
                                        Fill.NONE,
                                        Line.NONE,
                                        palette.ink(piece, each.side())))
                                .toList()));
    }

    private static Region moved(Region region, Length right, Length down) {
        return new Region(
                region.outline().plus(right, down),
                region.holes().stream().map(hole -> hole.plus(right, down)).toList());
    }

    private static Fill shaded(Fill fill, SeenPanel each) {
        return fill instanceof Fill.Paper paper
                ? new Fill.Paper(paper.colour().shaded(each.frame().light()))
                : fill;
    }

    private List<Region> visible(SeenPanel each, Region flat) {
        Region material = each.seen(flat);
        List<Region> over = each.hiddenBy().stream()
                .map(other -> other.seen(
                        other.panel().material(card.pieceOf(other.panel().piece()))))
                .toList();
        return over.isEmpty() ? List.of(material) : Overlay.without(material, over);
    }

    /**
     * An edge of what is seen.
     *
     * @param path its points in order
     * @param line what it means
     */
    private record SeenEdge(List<Point> path, Line line) {
        SeenEdge {
            path = List.copyOf(path);
        }
    }

    /** Runs of cut edges as one path, creases that are not folded in this pose as scores. */
    private List<SeenEdge> edges(SeenPanel each, Piece piece, Region material) {
        List<SeenEdge> edges = new ArrayList<>();
        List<Point> run = new ArrayList<>();
        for (Segment edge : material.outline().edges()) {
            Line line = lineOf(edge, piece);
            Point start = each.seen(edge.start());
            Point end = each.seen(edge.end());
            if (line == Line.CUT) {
                if (run.isEmpty()) {
                    run.add(start);
                }
                run.add(end);
            } else {
                edges.add(new SeenEdge(List.of(start, end), line));
                flush(run, edges);
            }
        }
        flush(run, edges);
        for (Outline hole : material.holes()) {
            List<Point> path = new ArrayList<>(each.outline(hole));
            path.add(path.get(0));
            edges.add(new SeenEdge(path, Line.CUT));
        }
        return edges;
    }

    private static void flush(List<Point> run, List<SeenEdge> edges) {
        if (!run.isEmpty()) {
            edges.add(new SeenEdge(run, Line.CUT));
            run.clear();
        }
    }

    private Line lineOf(Segment edge, Piece piece) {
        return piece.scores().stream()
                .filter(score -> pose.angle(score.id()) == 0 && isOn(edge, score.line()))
                .findFirst()
                .filter(score -> !isHeld(piece, score))
                .map(score -> score.fold() == Score.Fold.VALLEY ? Line.VALLEY : Line.MOUNTAIN)
                .orElse(Line.CUT);
    }

    private boolean isHeld(Piece piece, Score score) {
        return card.panelsOf(piece.id()).stream()
                .anyMatch(panel -> panel.hanging() instanceof Panel.OnScore hinge
                        && hinge.score().equals(score.id())
                        && hinge.degrees().isPresent());
    }

    private static boolean isOn(Segment edge, Segment score) {
        return isOn(edge.start(), score) && isOn(edge.end(), score);
    }

    private static boolean isOn(Point point, Segment line) {
        double along = line.inches();
        double toStart = distance(point, line.start());
        double toEnd = distance(point, line.end());
        return Math.abs(toStart + toEnd - along) < 1e-4;
    }

    private static double distance(Point one, Point other) {
        return Math.hypot(
                one.x().minus(other.x()).toInches(), one.y().minus(other.y()).toInches());
    }

    private static Mark moved(SeenEdge edge, Length right, Length down, Ink ink) {
        List<Point> path =
                edge.path().stream().map(point -> point.plus(right, down)).toList();
        return new Mark.Stroke(path, edge.line(), ink);
    }

    /** Cuts inside a panel, where there is paper beside them: what is folded away from a slit leaves none. */
    private static void slits(
            SeenPanel each, Piece piece, Region material, Length right, Length down, Ink ink, List<Mark> marks) {
        piece.slits().stream()
                .flatMap(slit -> Overlay.within(slit, material).stream())
                .map(slit -> Stream.of(slit.start(), slit.end())
                        .map(point -> each.seen(point).plus(right, down))
                        .toList())
                .forEach(path -> marks.add(new Mark.Stroke(path, Line.CUT, ink)));
    }

    private static void zones(
            SeenPanel each, Piece piece, Region material, Length right, Length down, Ink ink, List<Mark> marks) {
        for (Zone zone : piece.zones()) {
            // What is on a corner that is cut free is not on the panel it was cut from.
            boolean here =
                    zone.outline().bounds().overlaps(each.panel().outline().bounds())
                            && Overlay.sharedArea(Region.of(zone.outline()), material) > 0;
            if (zone.side() == each.side()
                    && here
                    && (zone.use() == Zone.Use.SURFACE
                            || zone.use() == Zone.Use.MAGNET
                            || zone.use() == Zone.Use.SET_ON)) {
                Outline outline = new Outline(each.outline(zone.outline())).plus(right, down);
                marks.add(Mark.Area.of(outline, Palette.fill(zone), PiecePicture.line(zone, each.side()), ink));
            }
        }
    }
}
