package kwibbet.plot;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Zone;
import kwibbet.cutting.SheetLayout;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.Length;
import kwibbet.outline.OwnShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * Lines on layers.
 *
 * @param name what it is of
 * @param size the box they lie in, from zero
 * @param lines the lines
 */
public record Plot(String name, Size size, List<Line> lines) {

    /** What is left free between pieces that lie side by side. */
    private static final Length BETWEEN = Length.ofInches(1, 4);
    /** Pieces lie in rows no wider than this, unless one alone is wider. */
    private static final Length WIDEST_ROW = Length.ofInches(24);

    /** So far beyond its ends a score is followed to see whether there is paper. */
    private static final Length FARTHER = Length.ofInches(1, 64);

    private static final Map<Zone.Use, Layer> ZONES =
            Map.of(Zone.Use.PENCIL, Layer.PENCIL, Zone.Use.KEEP_OUT, Layer.KEEP_OUT);

    /**
     * A line.
     *
     * @param layer what it is for
     * @param points its corners, at least two
     * @param closed whether the last joins the first
     */
    public record Line(Layer layer, List<Point> points, boolean closed) {
        /** Copies the points. */
        public Line {
            points = List.copyOf(points);
        }

        private static Line of(Layer layer, Outline outline) {
            return new Line(layer, outline.corners(), true);
        }

        private static Line of(Layer layer, Segment segment) {
            return new Line(layer, List.of(segment.start(), segment.end()), false);
        }

        private Line in(Placement placement) {
            return new Line(layer, points.stream().map(placement::apply).toList(), closed);
        }
    }

    /** Copies the lines. */
    public Plot {
        lines = List.copyOf(lines);
    }

    /** One piece, its up face up, the corner of its box at zero. */
    public static Plot of(Piece piece) {
        Rect box = piece.outline().bounds();
        return new Plot(piece.name(), box.size(), lines(piece, home(box)));
    }

    /** All pieces of a card, side by side in rows. */
    public static Plot of(Card card) {
        List<Line> lines = new ArrayList<>();
        Length left = Length.ZERO;
        Length top = Length.ZERO;
        Length row = Length.ZERO;
        Length widest = Length.TICK;
        for (Piece piece : card.pieces()) {
            Rect box = piece.outline().bounds();
            Length right = left.plus(box.size().width());
            if (!left.isZero() && right.isLongerThan(WIDEST_ROW)) {
                top = top.plus(row).plus(BETWEEN);
                left = Length.ZERO;
                row = Length.ZERO;
                right = box.size().width();
            }
            lines.addAll(lines(piece, Placement.at(new Point(left.minus(box.left()), top.minus(box.top())))));
            left = right.plus(BETWEEN);
            widest = Length.max(widest, right);
            row = Length.max(row, box.size().height());
        }
        return new Plot(card.design().name(), new Size(widest, top.plus(row)), lines);
    }

    /** A sheet: its edge is not cut, its pieces are where the plan lays them. */
    public static Plot of(SheetPlan.Lettered sheet) {
        List<Line> lines = new ArrayList<>();
        for (SheetLayout.Placement placement : sheet.layout().placements()) {
            Piece piece = sheet.part(placement.part()).first().piece();
            lines.addAll(lines(piece, sheet.lying(placement)));
        }
        return new Plot(
                "Sheet " + sheet.letter() + ", " + sheet.paper().name(),
                sheet.layout().sheet(),
                lines);
    }

    /** An outline by itself, as large as it is drawn. */
    public static Plot of(OwnShape shape) {
        List<Line> lines = Stream.concat(
                        Stream.concat(Stream.of(shape.outline(shape.size())), shape.holes(shape.size()).stream())
                                .map(outline -> Line.of(Layer.CUT, outline)),
                        shape.creases(shape.size()).stream().map(crease -> Line.of(Layer.VALLEY, crease)))
                .toList();
        return new Plot(shape.words(), shape.size(), lines);
    }

    private static Placement home(Rect box) {
        return Placement.at(new Point(box.left().negated(), box.top().negated()));
    }

    private static List<Line> lines(Piece piece, Placement placement) {
        List<Line> lines = new ArrayList<>(List.of(Line.of(Layer.CUT, piece.outline())));
        piece.openings().forEach(opening -> lines.add(Line.of(Layer.CUT, opening.outline())));
        piece.slits().forEach(slit -> lines.add(Line.of(Layer.SLIT, slit)));
        piece.scores().forEach(score -> lines.add(Line.of(layer(score, piece), score.line())));
        piece.zones().forEach(zone -> Optional.ofNullable(ZONES.get(zone.use()))
                .ifPresent(layer -> lines.add(Line.of(layer, zone.outline()))));
        return lines.stream().map(line -> line.in(placement)).toList();
    }

    /** Whether a score goes as far as there is paper. */
    private static boolean runsAcross(Piece piece, Score score) {
        Segment line = score.line();
        Length right = line.end().x().minus(line.start().x());
        Length down = line.end().y().minus(line.start().y());
        double longer = FARTHER.toInches() / line.inches();
        Segment further = new Segment(
                line.start().plus(right.scaledBy(-longer), down.scaledBy(-longer)),
                line.end().plus(right.scaledBy(longer), down.scaledBy(longer)));
        double paper = Overlay.within(further, Region.of(piece.outline())).stream()
                .mapToDouble(Segment::inches)
                .sum();
        return paper < line.inches() + FARTHER.toInches() / 2;
    }

    private static Layer layer(Score score, Piece piece) {
        if (!runsAcross(piece, score)) {
            return Layer.PART_SCORE;
        }
        return score.fold() == Score.Fold.VALLEY ? Layer.VALLEY : Layer.MOUNTAIN;
    }
}
