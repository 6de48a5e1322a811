package kwibbet.press;

import java.util.List;

import kwibbet.card.Piece;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die.Detail;
import kwibbet.tool.DiePass;

/**
 * A piece as it goes through the press once: the paper, and the dies taped on it.
 *
 * @param paper the paper, in the frame of the piece
 * @param count how many such papers go through
 * @param uses the dies on it, at least one; all of one piece
 * @param pass which of its passes a stretched die does, from 0; 0 where it has but one
 */
public record Layup(Rect paper, int count, List<DieUse> uses, int pass) {

    /** Copies the dies. */
    public Layup {
        uses = List.copyOf(uses);
    }

    /** The piece that is cut. */
    public Piece piece() {
        return uses.get(0).want().piece();
    }

    /** The pass of its die. */
    public DiePass diePass() {
        return uses.get(0).passes().get(pass);
    }

    /** The paper for a piece, in its frame: larger than the piece by the die's metal all round where a die cuts it out. */
    static Rect paperFor(Piece piece, List<DieUse> uses) {
        Rect own = piece.outline().bounds();
        return uses.stream()
                .filter(use -> use.want().role() == Want.Role.OUTLINE)
                .findFirst()
                .map(use -> own.grown(use.die().metal()))
                .orElse(own);
    }

    /** Everything that lies on the bed, in the frame of the piece. */
    public Rect extent() {
        return paper.around(metal());
    }

    /** The metal of all its dies, in the frame of the piece. */
    public Rect metal() {
        return uses.stream()
                .map(use -> use.metal(diePass()))
                .reduce(Rect::around)
                .orElseThrow();
    }

    /** Whether it cuts the piece out. */
    public boolean cutsOut() {
        return uses.stream().anyMatch(use -> use.want().role() == Want.Role.OUTLINE);
    }

    /** Whether nothing else can go through with it: the plate's edge has its place, or the die needs the whole press. */
    public boolean isAlone() {
        return diePass().isPartial() || uses.stream().anyMatch(use -> use.die().detail() == Detail.INTRICATE);
    }

    /** Whether the paper sticks out between the plates, whichever way it lies. */
    boolean sticksOut(Size bed) {
        Size size = extent().size();
        return !size.fitsIn(bed) && !size.turned().fitsIn(bed);
    }

    /** Whether it can go through at all: the paper no wider than the bed, the metal between the plates. */
    boolean goesThrough(Size bed) {
        return goesThrough(extent().size(), metal().size(), bed)
                || goesThrough(extent().size().turned(), metal().size().turned(), bed);
    }

    private static boolean goesThrough(Size extent, Size metal, Size bed) {
        return !extent.height().isLongerThan(bed.height()) && !metal.width().isLongerThan(bed.width());
    }

    /** Whether it goes through turned a quarter, where it does not as it is. */
    boolean isTurned(Size bed) {
        return !goesThrough(extent().size(), metal().size(), bed);
    }
}
