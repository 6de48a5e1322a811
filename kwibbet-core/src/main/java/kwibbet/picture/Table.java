package kwibbet.picture;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.fold.FoldedView;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * The table on which a card lies twice, flat at the left and finished at the right, to one scale and as large as there is room: each frame is as wide as
 * what it holds, and what room is left is shared.
 *
 * @param flat the frame at the left
 * @param finished the frame at the right
 * @param share how many of a hundred parts of the table's width the left one takes; an even number
 */
public record Table(TableScale flat, TableScale finished, int share) {

    /** Text heights across both frames, and from the top to the bottom of each. */
    private static final double COLUMNS = 66;

    private static final double ROWS = 37;
    /** Text heights for what plies are called, beside a section. */
    private static final double NAMES = 11;
    /** No frame is narrower than this, in hundredths: its title has to find room. */
    private static final int NARROWEST = 24;

    private static final int STEP = 2;

    /**
     * The table for a card.
     *
     * @param card the card
     * @param inHand the piece that is shown at the left where it is shown alone
     * @param pose how the finished card lies
     */
    public static Table of(Card card, Piece inHand, Pose pose) {
        return of(FlatPicture.room(card, inHand).size(), FoldedView.extent(card, pose), 0);
    }

    /** The table for a card of which a section is shown. */
    public static Table ofSection(Card card, Piece inHand) {
        return of(
                FlatPicture.room(card, inHand).size(),
                FoldedView.extent(card, card.form().pose(Pose.SHUT)),
                NAMES);
    }

    private static Table of(Size flat, Size finished, double names) {
        double free = 2 * TableScale.FREE + names;
        Length across = flat.width().plus(finished.width());
        Length down = Length.max(flat.height(), finished.height());
        Length row = Length.max(
                across.scaledBy(1 / (COLUMNS - free - COLUMNS * STEP / 100)),
                down.scaledBy(1 / (ROWS - TableScale.FREE)));
        double needed = flat.width().ratioTo(row) + TableScale.FREE;
        double left = COLUMNS - across.ratioTo(row) - free;
        // To the next even hundredth, so that both frames stay to one scale.
        int exact = (int) Math.round((needed + left / 2) * 100 / COLUMNS / STEP) * STEP;
        int share = Math.max(NARROWEST, Math.min(100 - NARROWEST, exact));
        return new Table(
                TableScale.ofRows(COLUMNS * share / 100, ROWS, row),
                TableScale.ofRows(COLUMNS * (100 - share) / 100, ROWS, row),
                share);
    }
}
