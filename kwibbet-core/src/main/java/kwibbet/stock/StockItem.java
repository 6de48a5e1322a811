package kwibbet.stock;

import java.util.Optional;

import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** What there can be so many of. */
public sealed interface StockItem {

    /** The paper it is of. */
    PaperId paper();

    /** How large a leftover is; nothing for whole sheets. */
    Optional<Size> leftoverSize();

    /**
     * Whole sheets of a paper.
     *
     * @param paper which
     */
    record Sheets(PaperId paper) implements StockItem {
        @Override
        public Optional<Size> leftoverSize() {
            return Optional.empty();
        }
    }

    /**
     * Leftovers of one size.
     *
     * @param paper the paper they are of
     * @param size their size, as the sheet lay they were cut from
     */
    record Leftovers(PaperId paper, Size size) implements StockItem {
        @Override
        public Optional<Size> leftoverSize() {
            return Optional.of(size);
        }
    }
}
