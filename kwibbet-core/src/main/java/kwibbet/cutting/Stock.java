package kwibbet.cutting;

import java.util.Optional;
import java.util.OptionalInt;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * Sheets of one size to cut from.
 *
 * @param id its id
 * @param sheet one sheet
 * @param onHand how many there are; nothing where more can be bought
 * @param cents what one costs, in hundredths; 0 where that is not known
 * @param source where they come from
 * @param margin what cannot be used along every edge: a printer's margin, or a trim allowance
 * @param mark between margins the sides of what can be used are whole multiples of it, so that whoever cuts the margins off has marks for both
 */
public record Stock(StockId id, Size sheet, OptionalInt onHand, long cents, Source source, Length margin, Length mark) {

    /** Where sheets come from. */
    public enum Source {
        SHELF,
        /** Leftovers of earlier runs: used up first, for they cost nothing more. */
        DRAWER
    }

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when one of them is negative, or marks lie on each other
     */
    public Stock {
        if (onHand.orElse(0) < 0 || cents < 0 || margin.isNegative() || !mark.isPositive()) {
            throw new IllegalArgumentException(
                    "sheets on hand, price and margin cannot be less than 0, nor marks nothing apart");
        }
    }

    /** A stock whose margins can be cut off anywhere. */
    public Stock(StockId id, Size sheet, OptionalInt onHand, long cents, Source source, Length margin) {
        this(id, sheet, onHand, cents, source, margin, Length.TICK);
    }

    /** A stock of which more can be bought, without price or margin. */
    public static Stock of(StockId id, Size sheet) {
        return new Stock(id, sheet, OptionalInt.empty(), 0, Source.SHELF, Length.ZERO);
    }

    /** What of a sheet can be used; nothing when the margins leave nothing. */
    public Optional<Size> usable() {
        Length width = usable(sheet.width());
        Length height = usable(sheet.height());
        return width.isPositive() && height.isPositive() ? Optional.of(new Size(width, height)) : Optional.empty();
    }

    private Length usable(Length side) {
        Length between = side.minus(margin.multipliedBy(2));
        return margin.isZero() || between.isNegative() ? between : mark.multipliedBy(between.dividedBy(mark));
    }
}
