package kwibbet.run;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.cutting.PartId;
import kwibbet.layout.RunPiece;
import kwibbet.layout.Thrift;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.design;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static org.assertj.core.api.Assertions.assertThat;

/**
 * Some sheets are cut, then more learners come, or fewer: what is planned anew takes no more sheets than any plan that keeps what is cut, found by trying all cuts
 * from edge to edge. A card of a base, 10 × 7 in, and a mat, 4 3/4 × 6 3/4 in, from sheets of 12 × 12 in.
 */
class LateChangeTest {

    private static final PaperShelf SHELF = shelf(paper(SheetSizes.TWELVE_SQUARE));
    private static final Design MATTED =
            design(folded("5", "7"), add("mat", "mat-1", on("front-outside"), "border", "1/8"));

    /** In quarters of an inch. */
    private static final int SHEET = 48;

    private static final int[] BASE = {40, 28};
    private static final int[] MAT = {19, 27};

    private record Pieces(int bases, int mats) {
        Pieces plus(Pieces other) {
            return new Pieces(bases + other.bases, mats + other.mats);
        }
    }

    private record Sides(int width, int height) {}

    private final Map<Sides, Set<Pieces>> known = new HashMap<>();

    /** All that can be cut from a rectangle, edge to edge: a cut where a side of something ends, and so on. */
    private Set<Pieces> from(int width, int height) {
        Sides sides = new Sides(width, height);
        Set<Pieces> all = known.get(sides);
        if (all == null) {
            all = new HashSet<>(Set.of(new Pieces(0, 0)));
            for (int[] part : List.of(BASE, MAT)) {
                for (int turned = 0; turned < 2; turned++) {
                    cut(part[turned], part[1 - turned], part == BASE, sides, all);
                }
            }
            known.put(sides, all);
        }
        return all;
    }

    /** A part lies in the corner; what is beside it is cut off along either of its sides. */
    private void cut(int wide, int high, boolean isBase, Sides sides, Set<Pieces> all) {
        if (wide > sides.width() || high > sides.height()) {
            return;
        }
        Pieces one = new Pieces(isBase ? 1 : 0, isBase ? 0 : 1);
        int right = sides.width() - wide;
        int below = sides.height() - high;
        for (Pieces beside : from(right, sides.height())) {
            from(wide, below).forEach(under -> all.add(one.plus(beside).plus(under)));
        }
        for (Pieces under : from(sides.width(), below)) {
            from(right, high).forEach(beside -> all.add(one.plus(beside).plus(under)));
        }
    }

    private int fewest(int allBases, int allMats) {
        Set<Pieces> sheet = from(SHEET, SHEET);
        int[][] fewest = new int[allBases + 1][allMats + 1];
        for (int b = 0; b <= allBases; b++) {
            for (int m = 0; m <= allMats; m++) {
                int least = b + m == 0 ? 0 : Integer.MAX_VALUE;
                for (Pieces cut : sheet) {
                    int bases = Math.max(0, b - cut.bases());
                    int mats = Math.max(0, m - cut.mats());
                    if (bases < b || mats < m) {
                        least = Math.min(least, 1 + fewest[bases][mats]);
                    }
                }
                fewest[b][m] = least;
            }
        }
        return fewest[allBases][allMats];
    }

    private static SettledRun.Line cards(int make) {
        return new SettledRun.Line("matted", MATTED, new Copies(make, 0));
    }

    private static int cut(RunPlan plan, Map<PartId, Integer> counts, String name) {
        return RunPiece.of(plan.lines()).stream()
                .filter(piece -> piece.piece().name().equals(name))
                .mapToInt(piece -> counts.getOrDefault(piece.part(), 0))
                .sum();
    }

    @Test
    void noPlanThatKeepsWhatIsCutTakesFewerSheets() {
        Random random = new Random(7);
        IntStream.range(0, 60).forEach(round -> {
            int before = 2 + random.nextInt(7);
            int after = Math.max(1, before - 2 + random.nextInt(6));
            SettledRun run = new SettledRun(
                    List.of(cards(before)), Thrift.FEWEST_SHEETS, SHELF, TOOLS, Map.of(), KnownLists.NONE);
            RunPlan plan = run.plan();
            Map<String, Integer> sheets = new HashMap<>();
            plan.sheets().copies().forEach((letter, copies) -> sheets.put(letter, random.nextInt(copies + 1)));
            Map<PartId, Integer> soFar = run.cutSoFar(plan, sheets);
            RunPlan now =
                    run.replanned(List.of(cards(after)), SHELF, TOOLS, soFar).plan();
            int bases = Math.max(0, after - cut(plan, soFar, "Base"));
            int mats = Math.max(0, after - cut(plan, soFar, "mat-1"));
            assertThat(now.sheets().sheets())
                    .as("%s learners become %s, %s bases and %s mats are left", before, after, bases, mats)
                    .isEqualTo(fewest(bases, mats));
        });
    }
}
