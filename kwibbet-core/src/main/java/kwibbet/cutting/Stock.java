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
 */
public record Stock(StockId id, Size sheet, OptionalInt onHand, long cents, Source source, Length margin) {

    /** Where sheets come from. */
    public enum Source {
        SHELF,
        /** Leftovers of earlier runs: used up first, for they cost nothing more. */
        DRAWER
    }

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when one of them is negative
     */
    public Stock {
        if (onHand.orElse(0) < 0 || cents < 0 || margin.isNegative()) {
            throw new IllegalArgumentException("sheets on hand, price and margin cannot be less than 0");
        }
    }

    /** A stock of which more can be bought, without price or margin. */
    public static Stock of(StockId id, Size sheet) {
        return new Stock(id, sheet, OptionalInt.empty(), 0, Source.SHELF, Length.ZERO);
    }

    /** What of a sheet can be used; nothing when the margins leave nothing. */
    public Optional<Size> usable() {
        Length width = sheet.width().minus(margin.multipliedBy(2));
        Length height = sheet.height().minus(margin.multipliedBy(2));
        return width.isPositive() && height.isPositive() ? Optional.of(new Size(width, height)) : Optional.empty();
    }
}
