package kwibbet.press;

import java.util.List;

import kwibbet.card.Piece;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Die.Detail;

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

    /** The want that all its dies share the piece of. */
    public Want first() {
        return uses.get(0).want();
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
                .map(use -> grown(own, use.die().metal()))
                .orElse(own);
    }

    private static Rect grown(Rect area, Length border) {
        return Rect.of(
                area.left().minus(border),
                area.top().minus(border),
                Die.grown(area.size(), border).width(),
                Die.grown(area.size(), border).height());
    }

    /** Everything that lies on the bed, in the frame of the piece. */
    public Rect extent() {
        Rect all = paper;
        for (DieUse use : uses) {
            all = around(all, use.metal(diePass()));
        }
        return all;
    }

    /** The metal of all its dies, in the frame of the piece. */
    public Rect metal() {
        Rect all = uses.get(0).metal(diePass());
        for (DieUse use : uses) {
            all = around(all, use.metal(diePass()));
        }
        return all;
    }

    private static Rect around(Rect one, Rect other) {
        Length left = Length.min(one.left(), other.left());
        Length top = Length.min(one.top(), other.top());
        return Rect.of(
                left,
                top,
                Length.max(one.right(), other.right()).minus(left),
                Length.max(one.bottom(), other.bottom()).minus(top));
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
