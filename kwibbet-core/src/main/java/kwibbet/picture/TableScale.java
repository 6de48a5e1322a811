package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.fold.FoldedView;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * The frame in which something lies on the table, and the scale to which it is drawn there.
 *
 * @param width the width of the frame
 * @param height its height
 * @param textHeight the height of ordinary text
 */
public record TableScale(Length width, Length height, Length textHeight) {

    /** Text heights across the frame of one drawing, and from its top to its bottom. */
    private static final double COLUMNS = 32;

    private static final double ROWS = COLUMNS * 4 / 5;
    /** Text heights that are kept free for dimension lines, on both sides together. */
    static final double FREE = 9;

    /** The scale at which all of a card fits into one frame, flat, open or shut. */
    public static TableScale of(Card card) {
        Size finished = card.form().finished();
        Length widest = finished.width();
        Length highest = finished.height();
        List<Size> sizes = new ArrayList<>();
        card.pieces().stream()
                .filter(piece -> piece.equals(card.base()) || FlatPicture.isAlone(card, piece))
                .forEach(piece -> sizes.add(piece.withEnds().size()));
        card.form().poses().stream()
                .filter(pose -> pose.view().isStraight())
                .forEach(pose -> sizes.add(FoldedView.extent(card, pose)));
        for (Size size : sizes) {
            widest = Length.max(widest, size.width());
            highest = Length.max(highest, size.height());
        }
        return ofRows(
                COLUMNS, ROWS, Length.max(widest.scaledBy(1 / (COLUMNS - FREE)), highest.scaledBy(1 / (ROWS - FREE))));
    }

    /** A frame of so many text heights. */
    static TableScale ofRows(double columns, double rows, Length textHeight) {
        return new TableScale(textHeight.scaledBy(columns), textHeight.scaledBy(rows), textHeight);
    }

    /** The scale at which both of two cards fit. */
    public static TableScale ofBoth(Card one, Card other) {
        return ofRows(COLUMNS, ROWS, Length.max(of(one).textHeight, of(other).textHeight));
    }

    /** The frame with its left top corner at zero. */
    Rect frame() {
        return Rect.of(Length.ZERO, Length.ZERO, width, height);
    }

    /** Where something of that size lies in the middle of the frame. */
    Rect centred(Size size) {
        return frame().centred(size);
    }
}
