package kwibbet.layout;

import java.util.List;
import java.util.Map;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A piece and how many of it the run needs.
 *
 * @param part names it among the pieces of all cards of the run
 * @param card the card it is of
 * @param piece the piece
 * @param paper what is cut for it, in its frame: its own box, or larger where a die cuts it out or takes an end off
 * @param slits what no die cuts inside it
 * @param count how many; at least 1
 * @param turnings the papers it may be cut from, and which ways round it may lie on each
 */
public record Wanted(
        PartId part,
        Card card,
        Piece piece,
        Rect paper,
        List<Segment> slits,
        int count,
        Map<PaperId, Turning> turnings) {

    /** Copies the slits and the papers. */
    public Wanted {
        slits = List.copyOf(slits);
        turnings = Map.copyOf(turnings);
    }

    /** The same cut from other paper. */
    Wanted on(Rect other) {
        return new Wanted(part, card, piece, other, slits, count, turnings);
    }

    /** As many of the same. */
    Wanted withCount(int other) {
        return new Wanted(part, card, piece, paper, slits, other, turnings);
    }

    /** The size of what is cut for it. */
    public Size blank() {
        return paper.size();
    }

    /** How far paper is printed past the edges that are cut; nothing where a die or a hand cuts it out of a larger piece, which leaves room for that. */
    public Length bleed() {
        return isCutOut() ? Length.ZERO : piece.bleed();
    }

    /** Whether what is cut for it ends where it does, so that places on it can be measured. */
    public boolean hasOwnEdges() {
        return !isCutOut() && paper.equals(piece.outline().bounds());
    }

    /** Whether it is cut out of what is cut for it, by a die or by hand; not where only something of an edge comes off. */
    public boolean isCutOut() {
        return !piece.isTrimmed() || !piece.withEnds().contains(paper);
    }
}
