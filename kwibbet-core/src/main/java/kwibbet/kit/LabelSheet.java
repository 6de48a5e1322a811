package kwibbet.kit;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A sheet of labels: how large they are, where the first lies, and how far it is from one to the next.
 *
 * @param label the size of a label
 * @param left from the sheet's left edge to the first label
 * @param top from the sheet's upper edge to the first label
 * @param pitch from the edge of a label to the same edge of the next, across and down
 * @param grid how many there are
 */
public record LabelSheet(Size label, Length left, Length top, Size pitch, Grid grid) {

    /** No more are in a row or a column. */
    public static final int MOST = 50;

    /** Three by eight on a sheet of either size; ours, after no maker's. */
    public static final LabelSheet USUAL = new LabelSheet(
            new Size(Length.ofInches(19, 8), Length.ofInches(9, 8)),
            Length.ofInches(1, 2),
            Length.ofInches(1, 2),
            new Size(Length.ofInches(5, 2), Length.ofInches(5, 4)),
            new Grid(3, 8));

    /**
     * How many labels are on a sheet.
     *
     * @param columns across
     * @param rows down
     */
    public record Grid(int columns, int rows) {}

    /** How many labels are on a sheet. */
    public int each() {
        return grid.columns() * grid.rows();
    }

    /** Where a label of a sheet lies, from the sheet's upper left corner; the first is 0, row by row. */
    public Rect place(int number) {
        Length x = left.plus(pitch.width().multipliedBy(number % grid.columns()));
        Length y = top.plus(pitch.height().multipliedBy(number / grid.columns()));
        return Rect.of(x, y, label.width(), label.height());
    }

    /** Why labels cannot lie so on a sheet of that size, each reason at the entry it belongs to; empty where they can. */
    public List<Refusal> refusals(Size sheet) {
        List<Refusal> refusals = new ArrayList<>();
        if (grid.columns() < 1 || grid.columns() > MOST) {
            refusals.add(new Refusal("columns", "1 to " + MOST + " labels lie side by side."));
        }
        if (grid.rows() < 1 || grid.rows() > MOST) {
            refusals.add(new Refusal("rows", "1 to " + MOST + " labels lie below each other."));
        }
        if (left.isNegative()) {
            refusals.add(new Refusal("left", "The first label lies 0 or more from the edge."));
        }
        if (top.isNegative()) {
            refusals.add(new Refusal("top", "The first label lies 0 or more from the edge."));
        }
        if (!refusals.isEmpty()) {
            return refusals;
        }
        if (grid.columns() > 1 && pitch.width().isShorterThan(label.width())) {
            refusals.add(new Refusal("across", "From one label to the next is no less than a label is wide."));
        }
        if (grid.rows() > 1 && pitch.height().isShorterThan(label.height())) {
            refusals.add(new Refusal("down", "From one label to the next is no less than a label is high."));
        }
        Rect last = place(each() - 1);
        if (last.right().isLongerThan(sheet.width())) {
            refusals.add(new Refusal("columns", "So many do not fit across the sheet."));
        }
        if (last.bottom().isLongerThan(sheet.height())) {
            refusals.add(new Refusal("rows", "So many do not fit down the sheet."));
        }
        return refusals;
    }
}
