package kwibbet.card;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * A hole cut through a piece by a die, a punch or a knife.
 *
 * @param owner what it is cut for: the id of the piece or addition that asked for it
 * @param name what makers call it, as {@code opening} or {@code hole}
 * @param shape its shape
 * @param at where the box of the shape lies on the piece
 * @param cut what it is cut as
 * @param widened what else is cut out of the piece at its edge, on the piece
 */
public record Opening(PieceId owner, String name, CutShape shape, Placement at, Cut cut, List<Outline> widened) {

    /** What an opening is cut as. */
    public enum Cut {
        /** By itself. */
        ALONE,
        /** With all others of its owner, by one die. */
        OF_FIELD,
        /** To be kept: another piece is cut from what comes out. */
        KEPT
    }

    /** One that is cut by itself. */
    public Opening(PieceId owner, String name, CutShape shape, Placement at) {
        this(owner, name, shape, at, Cut.ALONE, List.of());
    }

    /** Copies the list. */
    public Opening {
        widened = List.copyOf(widened);
    }

    private static final int QUARTER = 90;

    private static final Length LOOKED_THROUGH = Length.ofInches(1, 2);
    /** What is no larger is punched. Common practice, no source. */
    private static final Length PUNCHED = Length.ofInches(1, 4);

    /** Where paper ends round it: its own outline, and that of whatever is cut out of its edge. */
    public Outline outline() {
        return widened.isEmpty()
                ? cutLine()
                : Overlay.joined(Stream.concat(Stream.of(cutLine()), widened.stream())
                                .map(Region::of)
                                .toList())
                        .get(0)
                        .outline();
    }

    /** The line along which it is cut itself. */
    public Outline cutLine() {
        return shape.outline().in(at);
    }

    /** The same, with something else cut out of the piece at its edge. */
    Opening widenedBy(Outline off) {
        return new Opening(
                owner,
                name,
                shape,
                at,
                cut,
                Stream.concat(widened.stream(), Stream.of(off)).toList());
    }

    /** The same, of what else is cut out at its edge only some. */
    public Opening widenedOnly(Predicate<Outline> some) {
        return widened.isEmpty()
                ? this
                : new Opening(
                        owner,
                        name,
                        shape,
                        at,
                        cut,
                        widened.stream().filter(some).toList());
    }

    /** The same, cut for another. */
    public Opening ownedBy(PieceId other) {
        return new Opening(other, name, shape, at, cut, widened);
    }

    /** The same, cut with all others of its owner by one die. */
    public Opening ofField() {
        return new Opening(owner, name, shape, at, Cut.OF_FIELD, widened);
    }

    /** The same, what comes out kept for another piece. */
    Opening kept() {
        return new Opening(owner, name, shape, at, Cut.KEPT, widened);
    }

    /** Whether one die cuts it and all others of its owner. */
    public boolean isOfField() {
        return cut == Cut.OF_FIELD;
    }

    /** Whether one looks through it: what is smaller is a hole for a cord or a brad, and meant to be covered. */
    public boolean isLookedThrough() {
        Size size = bounds().size();
        return !size.width().isShorterThan(LOOKED_THROUGH) && !size.height().isShorterThan(LOOKED_THROUGH);
    }

    /** Whether it is small enough for a punch, which is no work for the press. */
    public boolean isPunched() {
        return shape.isCircle() && !bounds().size().width().isLongerThan(PUNCHED);
    }

    /** Whether it lies so that no side of its box is along one of the piece. */
    public boolean isAslant() {
        return at.degrees() % QUARTER != 0 && !shape.isCircle();
    }

    /** This opening in the outer frame of {@code placement}. */
    public Opening in(Placement placement) {
        return new Opening(
                owner,
                name,
                shape,
                at.within(placement),
                cut,
                widened.stream().map(each -> each.in(placement)).toList());
    }

    /** The smallest upright rectangle around its own shape. */
    public Rect bounds() {
        // Every shape touches its box on all sides, so a quarter turn of the box is enough; a slanted one is worked
        // out.
        Outline box = at.degrees() % QUARTER == 0 ? Outline.of(Rect.atOrigin(shape.size())) : shape.outline();
        return box.in(at).bounds();
    }
}
