package kwibbet.paper;

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

    /**
     * Checks the count.
     *
     * @throws IllegalArgumentException when there are none
     */
    public Offcut {
        if (count < 1) {
            throw new IllegalArgumentException("a leftover is there at least once, not " + count + " times");
        }
    }
}
