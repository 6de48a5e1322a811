package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Piece;
import kwibbet.paper.Paper;

/**
 * How all paper of a run is cut.
 *
 * @param papers one plan a paper
 * @param withoutPaper pieces whose paper is not on the shelf
 */
public record SheetPlan(List<PaperPlan> papers, List<Piece> withoutPaper) {

    /** Copies the lists. */
    public SheetPlan {
        papers = List.copyOf(papers);
        withoutPaper = List.copyOf(withoutPaper);
    }

    /**
     * A layout with the letter it is called by on sheets, steps and prints.
     *
     * @param letter A, B, …, Z, AA, …
     * @param paper the paper
     * @param layout the layout
     */
    public record Lettered(String letter, Paper paper, SheetLayout layout) {}

    /** All layouts in order, lettered through. */
    public List<Lettered> lettered() {
        List<Lettered> lettered = new ArrayList<>();
        for (PaperPlan plan : papers) {
            for (SheetLayout layout : plan.layouts()) {
                lettered.add(new Lettered(letter(lettered.size()), plan.paper(), layout));
            }
        }
        return List.copyOf(lettered);
    }

    private static String letter(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : letter(index / 26 - 1) + last;
    }

    /** How many sheets are cut, of all papers. */
    public int sheets() {
        return papers.stream().mapToInt(PaperPlan::sheets).sum();
    }

    /** Whether no paper can do with fewer sheets. */
    public boolean isProven() {
        return papers.stream().allMatch(PaperPlan::isProven);
    }

    /** Whether every wanted piece is cut. */
    public boolean isComplete() {
        return withoutPaper.isEmpty()
                && papers.stream().allMatch(paper -> paper.unplaced().isEmpty());
    }

    /** Whether there is paper enough for it. */
    public boolean isInStock() {
        return papers.stream().allMatch(paper -> paper.shortOfSheets() == 0);
    }
}
