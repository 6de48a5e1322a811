package kwibbet.card;

import java.util.List;

import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;

/**
 * A piece stuck flat to a face of another.
 *
 * @param upper the piece that is stuck on
 * @param lower the piece it is stuck to
 * @param panel the panel of the lower piece
 * @param side the face of that panel
 * @param place what makers call that face, as {@code front}
 * @param placement where the upper piece lies in the frame of the lower
 * @param zone the outline of the upper piece in the frame of the lower
 * @param adhesion what holds it
 * @param adhesive where that is, in the frame of the lower piece
 */
public record Join(
        PieceId upper,
        PieceId lower,
        PanelId panel,
        Side side,
        String place,
        Placement placement,
        Outline zone,
        Adhesion adhesion,
        List<Region> adhesive) {

    /** Copies the list. */
    public Join {
        adhesive = List.copyOf(adhesive);
    }

    /** The face of the upper piece that touches the lower one. */
    public Side touching() {
        return placement.mirrored() ? side : side.opposite();
    }
}
