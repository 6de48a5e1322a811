package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Piece;
import kwibbet.card.Print;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.cutting.SheetLayout;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;

/**
 * One face of a sheet as a printer prints it, before it is cut: every picture where its piece will lie, past the edges that are cut as far as it bleeds, with marks where
 * they are.
 *
 * @param sheet the sheet
 * @param face which face of its paper
 * @param pictures what is printed, in the frame of the sheet as that face is looked at
 * @param marks short lines that the edges of the pieces would run into, on paper that is cut off
 */
public record PrintedSheet(Lettered sheet, Face face, List<Picture> pictures, List<Segment> marks) {

    /** How long a mark is at most, and the least that is worth printing. */
    private static final Length MARK = Length.ofInches(1, 8);

    private static final Length SHORTEST_MARK = Length.ofInches(1, 64);

    /** A face of a paper. */
    public enum Face {
        /** The one it is chosen for. */
        FRONT,
        BACK
    }

    /**
     * A picture on a sheet.
     *
     * @param print the picture, whole
     * @param inked what of it is printed
     */
    public record Picture(Print print, List<Region> inked) {
        /** Copies the list. */
        public Picture {
            inked = List.copyOf(inked);
        }
    }

    /** Copies the lists. */
    public PrintedSheet {
        pictures = List.copyOf(pictures);
        marks = List.copyOf(marks);
    }

    /** All that is printed of a plan, the face first for which a paper is chosen; a face on which nothing is printed is not there. */
    public static List<PrintedSheet> of(SheetPlan plan) {
        return plan.lettered().stream()
                .flatMap(sheet -> Stream.of(Face.values()).map(face -> of(sheet, face)))
                .filter(printed -> !printed.pictures.isEmpty())
                .toList();
    }

    /** One face of a sheet, even if nothing is printed on it. */
    public static PrintedSheet of(Lettered sheet, Face face) {
        Rect whole = Rect.atOrigin(sheet.layout().sheet());
        // Turned over sideways, as a page is.
        Placement looked =
                face == Face.FRONT ? Placement.SAME : new Placement(new Point(whole.right(), Length.ZERO), 0, true);
        Region reach = Region.of(Outline.of(sheet.printed()).in(looked));
        List<Picture> pictures = new ArrayList<>();
        List<Rect> printed = new ArrayList<>();
        for (SheetLayout.Placement placement : sheet.layout().placements()) {
            Piece piece = sheet.part(placement.part()).first().piece();
            Placement lying = lying(sheet, placement).within(looked);
            Side side = face == Face.FRONT ? piece.chosen() : piece.chosen().opposite();
            List<Picture> own = pictures(piece, side, lying, reach);
            if (!own.isEmpty()) {
                printed.add(Outline.of(placement.area()).in(looked).bounds());
            }
            pictures.addAll(own);
        }
        List<Rect> kept = sheet.layout().placements().stream()
                .map(placement -> Outline.of(placement.area()).in(looked).bounds())
                .toList();
        return new PrintedSheet(
                sheet, face, pictures, marks(printed, kept, reach.outline().bounds()));
    }

    /** As its chosen face is looked at; the sheet lies so, too. */
    private static Placement lying(Lettered sheet, SheetLayout.Placement placement) {
        Placement up = sheet.lying(placement);
        Wanted wanted = sheet.part(placement.part()).first();
        Rect box = wanted.paper();
        Placement turnedOver = new Placement(new Point(box.left().plus(box.right()), Length.ZERO), 0, true);
        return wanted.piece().chosen() == Side.UP ? up : turnedOver.within(up);
    }

    private static List<Picture> pictures(Piece piece, Side side, Placement lying, Region reach) {
        List<Picture> pictures = new ArrayList<>();
        for (Zone zone : piece.zones()) {
            if (zone.side() == side && zone.print().isPresent()) {
                Print print = zone.print().get();
                List<Region> inked = inked(piece, zone, print).stream()
                        .flatMap(region -> Overlay.shared(region.in(lying), reach).stream())
                        .toList();
                pictures.add(new Picture(print.in(lying), inked));
            }
        }
        return pictures;
    }

    /** What is seen of it, and past that what is cut off; nothing of what lies beside it on the piece. */
    private static List<Region> inked(Piece piece, Zone zone, Print print) {
        Region seen = Region.of(zone.outline());
        List<Region> beside = Overlay.without(Region.of(piece.outline()), seen);
        return Overlay.inset(zone.outline(), print.bleed().negated()).stream()
                .flatMap(grown -> Overlay.shared(Region.of(grown), Region.of(print.whole())).stream())
                .flatMap(area -> Overlay.without(area, beside).stream())
                .toList();
    }

    /** At every corner of every piece that is printed one each way, as long as there is paper that is cut off. */
    private static List<Segment> marks(List<Rect> printed, List<Rect> kept, Rect reach) {
        return printed.stream()
                .flatMap(piece -> Stream.of(Axis.values())
                        .flatMap(axis -> Stream.of(piece.start(axis.across()), piece.end(axis.across()))
                                .flatMap(beside -> Stream.of(
                                        mark(axis, beside, piece.start(axis), true, kept, reach),
                                        mark(axis, beside, piece.end(axis), false, kept, reach)))))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    /**
     * A mark from the end of an edge outwards, up to the next piece.
     *
     * @param axis the direction of the edge
     * @param beside where the edge lies across that
     * @param from where it ends
     * @param isBefore whether outwards is upwards or to the left
     */
    private static Optional<Segment> mark(
            Axis axis, Length beside, Length from, boolean isBefore, List<Rect> kept, Rect reach) {
        Length free = isBefore ? from.minus(reach.start(axis)) : reach.end(axis).minus(from);
        for (Rect piece : kept) {
            boolean isInLine =
                    piece.start(axis.across()).isShorterThan(beside) && beside.isShorterThan(piece.end(axis.across()));
            Length away =
                    isBefore ? from.minus(piece.end(axis)) : piece.start(axis).minus(from);
            free = isInLine && !away.isNegative() ? Length.min(free, away) : free;
        }
        Length length = Length.min(free, MARK);
        Length to = isBefore ? from.minus(length) : from.plus(length);
        return length.isShorterThan(SHORTEST_MARK)
                ? Optional.empty()
                : Optional.of(new Segment(point(axis, beside, from), point(axis, beside, to)));
    }

    private static Point point(Axis axis, Length beside, Length along) {
        return axis == Axis.VERTICAL ? new Point(beside, along) : new Point(along, beside);
    }
}
