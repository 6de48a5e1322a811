package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.fold.FoldedView;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * The frame in which the flat and the finished card are drawn side by side, to one scale.
 *
 * @param width the width of the frame; a whole number of ticks in each fifth
 */
public record TableScale(Length width) {

    /** Text heights across the frame, and from its top to its bottom. */
    private static final double COLUMNS = 32;

    private static final double ROWS = COLUMNS * 4 / 5;
    /** Text heights that are kept free for dimension lines, on both sides together. */
    private static final double FREE = 9;

    /** The scale at which all of a card fits, flat, open or shut. */
    public static TableScale of(Card card) {
        Size finished = card.form().finished();
        Length widest = finished.width();
        Length highest = finished.height();
        List<Size> sizes = new ArrayList<>();
        card.pieces().stream()
                .filter(piece -> piece.equals(card.base()) || FlatPicture.isAlone(card, piece))
                .forEach(piece -> sizes.add(piece.size()));
        card.form().poses().stream()
                .filter(pose -> pose.view().isStraight())
                .forEach(pose -> sizes.add(FoldedView.extent(card, pose)));
        for (Size size : sizes) {
            widest = Length.max(widest, size.width());
            highest = Length.max(highest, size.height());
        }
        Length row = Length.max(widest.scaledBy(1 / (COLUMNS - FREE)), highest.scaledBy(1 / (ROWS - FREE)));
        return new TableScale(row.scaledBy(COLUMNS / 5).multipliedBy(5));
    }

    /** The scale at which both of two cards fit. */
    public static TableScale ofBoth(Card one, Card other) {
        return new TableScale(Length.max(of(one).width, of(other).width));
    }

    /** The frame with its left top corner at zero. */
    Rect frame() {
        return Rect.of(Length.ZERO, Length.ZERO, width, width.dividedBy(5).multipliedBy(4));
    }

    /** The height of ordinary text. */
    Length textHeight() {
        return width.scaledBy(1 / COLUMNS);
    }

    /** Where something of that size lies in the middle of the frame. */
    Rect centred(Size size) {
        return frame().centred(size);
    }
}
