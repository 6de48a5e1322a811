package kwibbet.paper;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Size;

/**
 * Leftovers of one size that are kept.
 *
 * @param id their id
 * @param paper the paper they are of
 * @param size their size, as the sheet lay they were cut from, so that grain and pattern run as on the sheet
 * @param count how many there are; at least 1
 */
public record Offcut(OffcutId id, PaperId paper, Size size, int count) {

    private static final Length SMALLEST = Length.ofInches(1, 4);
    private static final Length LARGEST = Length.ofInches(48);
    private static final int MOST = 10_000;

    /**
     * Checks the count.
     *
     * @throws IllegalArgumentException when there are none
     */
    public Offcut {
        if (count < 1) {
            throw new IllegalArgumentException("an offcut is there at least once, not " + count + " times");
        }
    }

    /** The leftovers if there can be such, otherwise everything that is wrong, by field. */
    public Outcome<Offcut> checked() {
        List<Refusal> reasons = new ArrayList<>();
        boolean inches = Figure.inInches(size.width()).isExact()
                && Figure.inInches(size.height()).isExact();
        MeasureSystem system = inches ? MeasureSystem.INCH : MeasureSystem.METRIC;
        checkSide(reasons, "width", size.width(), system);
        checkSide(reasons, "height", size.height(), system);
        if (count > MOST) {
            reasons.add(new Refusal("count", "There are at most 10 000 of it."));
        }
        return reasons.isEmpty() ? Outcome.made(this) : Outcome.refused(reasons);
    }

    private static void checkSide(List<Refusal> reasons, String field, Length side, MeasureSystem system) {
        if (side.isShorterThan(SMALLEST) || side.isLongerThan(LARGEST)) {
            reasons.add(new Refusal(
                    field,
                    "An offcut is " + Figure.of(system.leastSaid(SMALLEST), system) + " to "
                            + Figure.of(system.mostSaid(LARGEST), system) + " a side."));
        }
    }
}
