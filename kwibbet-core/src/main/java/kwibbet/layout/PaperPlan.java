package kwibbet.layout;

import java.util.List;
import java.util.Optional;

import kwibbet.card.PieceId;
import kwibbet.paper.Paper;

/**
 * How all pieces of one paper are cut.
 *
 * @param paper the paper
 * @param wanted what was asked
 * @param layouts the sheets, those cut alike together
 * @param atLeast a number of sheets that no plan can do with fewer than
 * @param unplaced what cannot be cut from this paper, each with the reason
 */
public record PaperPlan(
        Paper paper, List<Wanted> wanted, List<SheetLayout> layouts, int atLeast, List<Unplaced> unplaced) {

    /**
     * A piece that cannot be cut from its paper.
     *
     * @param wanted the piece
     * @param reason why
     */
    public record Unplaced(Wanted wanted, Reason reason) {

        /** Why a piece cannot be cut. */
        public enum Reason {
            LARGER_THAN_SHEET,
            ONLY_FITS_TURNED,
            GRAIN_AGAINST_PATTERN
        }
    }

    /** Copies the lists. */
    public PaperPlan {
        wanted = List.copyOf(wanted);
        layouts = List.copyOf(layouts);
        unplaced = List.copyOf(unplaced);
    }

    /** How many sheets are cut. */
    public int sheets() {
        return layouts.stream().mapToInt(SheetLayout::copies).sum();
    }

    /** Whether no plan can use fewer sheets. */
    public boolean isProven() {
        return sheets() == atLeast;
    }

    /** How many sheets are missing; 0 when there are enough. */
    public int shortOfSheets() {
        return Math.max(0, sheets() - paper.onHand());
    }

    /** The share of the paper that becomes wanted pieces, 0 to 1; none when no sheet is cut. */
    public Optional<Double> usedShare() {
        if (layouts.isEmpty()) {
            return Optional.empty();
        }
        double used = layouts.stream()
                .mapToDouble(layout -> layout.copies()
                        * layout.placements().stream()
                                .mapToDouble(
                                        placement -> placement.area().size().area())
                                .sum())
                .sum();
        return Optional.of(used / (sheets() * paper.sheet().area()));
    }

    /** How many of a piece come out of all sheets. */
    public int cutOf(PieceId piece) {
        return layouts.stream()
                .mapToInt(layout -> layout.copies() * layout.counts().getOrDefault(piece, 0))
                .sum();
    }
}
