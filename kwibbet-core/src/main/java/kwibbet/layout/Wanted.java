package kwibbet.layout;

import java.util.List;
import java.util.Map;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A piece and how many of it the run needs.
 *
 * @param part names it among the pieces of all cards of the run
 * @param card the card it is of
 * @param piece the piece
 * @param blank what is cut for it: its own size, or larger by the metal where a die cuts it out
 * @param slits what no die cuts inside it
 * @param count how many; at least 1
 * @param turnings the papers it may be cut from, and which ways round it may lie on each
 */
public record Wanted(
        PartId part,
        Card card,
        Piece piece,
        Size blank,
        List<Segment> slits,
        int count,
        Map<PaperId, Turning> turnings) {

    /** Copies the slits and the papers. */
    public Wanted {
        slits = List.copyOf(slits);
        turnings = Map.copyOf(turnings);
    }

    /** As many of the same. */
    Wanted withCount(int other) {
        return new Wanted(part, card, piece, blank, slits, other, turnings);
    }

    /** How far paper is printed past the edges that are cut; nothing where a die or a hand cuts it out of a larger piece, which leaves room for that. */
    public Length bleed() {
        return isCutOut() ? Length.ZERO : piece.bleed();
    }

    /** Whether it is cut out of what is cut for it, by a die or by hand. */
    public boolean isCutOut() {
        return !piece.isRectangle() || !blank.equals(piece.size());
    }
}
