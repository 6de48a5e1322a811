package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import kwibbet.card.Piece;
import kwibbet.card.Print;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

/** What is printed on a face, as far as that is seen. */
final class Prints {

    private Prints() {}

    /** A picture where it is. */
    static Fill fill(Print print) {
        return new Fill.Printed(print.artwork(), print.corner(), print.right(), print.foot());
    }

    /**
     * The pictures on a face.
     *
     * @param piece the piece
     * @param side the face that is seen
     * @param visible what of the face is seen, as it is drawn
     * @param seen where a point of the piece is drawn; parallels stay parallel
     * @param ink what is drawn on the face
     */
    static List<Mark> on(Piece piece, Side side, List<Region> visible, UnaryOperator<Point> seen, Ink ink) {
        List<Mark> marks = new ArrayList<>();
        for (Zone zone : piece.zones()) {
            if (zone.side() != side || zone.print().isEmpty()) {
                continue;
            }
            Print print = zone.print().get();
            Fill fill = new Fill.Printed(
                    print.artwork(), seen.apply(print.corner()), seen.apply(print.right()), seen.apply(print.foot()));
            Region shown = Region.of(
                    new Outline(zone.outline().corners().stream().map(seen).toList()));
            visible.stream()
                    .flatMap(region -> Overlay.shared(region, shown).stream())
                    .map(region -> Mark.Area.of(region, fill, Line.NONE, ink))
                    .forEach(marks::add);
        }
        return marks;
    }
}
