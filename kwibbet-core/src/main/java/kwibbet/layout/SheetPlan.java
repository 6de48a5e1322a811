package kwibbet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.cutting.PartId;
import kwibbet.cutting.SheetLayout;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

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
     * @param plan the plan it is of
     * @param layout the layout
     */
    public record Lettered(String letter, PaperPlan plan, SheetLayout layout) {

        /** The paper, in the size of the sheet; the chosen size where it is a leftover. */
        public Paper paper() {
            return plan.order().sizes().stream()
                    .filter(size -> SheetPlanner.stockOf(size).equals(layout.stock()))
                    .findFirst()
                    .orElse(plan.paper());
        }

        /** How many sheets are cut so. */
        public int copies() {
            return layout.copies();
        }

        /** Where a piece lies on the sheet, in the paper that is cut for it; turned, its top is at the right. */
        public Placement lying(SheetLayout.Placement placement) {
            Rect box = part(placement.part()).first().paper();
            // The marks of a trimmer may give it a hair more.
            Rect area = placement.area().centred(placement.turned() ? box.size().turned() : box.size());
            Placement home =
                    Placement.at(new Point(box.left().negated(), box.top().negated()));
            return home.within(
                    placement.turned()
                            ? new Placement(new Point(area.right(), area.top()), 90, false)
                            : Placement.at(area.corner()));
        }

        /** The leftover it is cut from, if it is one. */
        public Optional<Offcut> leftover() {
            return plan.order().leftovers().stream()
                    .filter(leftover -> SheetPlanner.stockOf(leftover).equals(layout.stock()))
                    .findFirst();
        }

        /** What of the sheet a printer can reach; a leftover has no bare edges. */
        public Rect printed() {
            Length margin = leftover().isPresent() ? Length.ZERO : paper().margin();
            return Rect.atOrigin(layout.sheet()).grown(margin.negated());
        }

        /** The part of that name. */
        public CutPart part(PartId part) {
            return plan.part(part);
        }
    }

    /** All layouts in order, lettered through. */
    public List<Lettered> lettered() {
        List<Lettered> lettered = new ArrayList<>();
        for (PaperPlan plan : papers) {
            for (SheetLayout layout : plan.layouts()) {
                lettered.add(new Lettered(letter(lettered.size()), plan, layout));
            }
        }
        return List.copyOf(lettered);
    }

    /** The same plan with every layout put another way, in the order of {@link #lettered}. */
    public SheetPlan withLayouts(List<SheetLayout> others) {
        Iterator<SheetLayout> next = others.iterator();
        List<PaperPlan> moved = new ArrayList<>();
        for (PaperPlan plan : papers) {
            List<SheetLayout> own =
                    plan.layouts().stream().map(layout -> next.next()).toList();
            moved.add(plan.with(plan.cutting().withLayouts(own)));
        }
        return new SheetPlan(moved, withoutPaper);
    }

    private static String letter(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : letter(index / 26 - 1) + last;
    }

    /** How many sheets there are of each layout, by its letter. */
    public Map<String, Integer> copies() {
        Map<String, Integer> copies = new LinkedHashMap<>();
        lettered().forEach(each -> copies.put(each.letter(), each.copies()));
        return copies;
    }

    /**
     * How many of each piece come out of some of the sheets.
     *
     * @param sheets how many sheets of each layout, by its letter
     * @return how many of each piece, by its name in the run
     */
    public Map<PartId, Integer> cutFrom(Map<String, Integer> sheets) {
        Map<PartId, Integer> parts = new HashMap<>();
        for (Lettered each : lettered()) {
            int cut = sheets.getOrDefault(each.letter(), 0);
            each.layout().placements().forEach(placed -> parts.merge(placed.part(), cut, Math::addExact));
        }
        Map<PartId, Integer> pieces = new HashMap<>();
        papers.forEach(paper -> paper.order().parts().forEach(part -> part.shared(parts.getOrDefault(part.id(), 0))
                .forEach((piece, count) -> pieces.merge(piece, count, Math::addExact))));
        return pieces;
    }

    /** How many sheets are cut, of all papers. */
    public int sheets() {
        return papers.stream().mapToInt(PaperPlan::sheets).sum();
    }

    /** Paper by paper this plan, or another for the same order where that is better, with what both prove. */
    public SheetPlan orBetter(SheetPlan other) {
        List<PaperPlan> best = new ArrayList<>();
        for (int i = 0; i < papers.size(); i++) {
            best.add(papers.get(i)
                    .with(papers.get(i).cutting().orBetter(other.papers.get(i).cutting())));
        }
        return new SheetPlan(best, withoutPaper);
    }

    /** How many leftovers of earlier runs are cut. */
    public int leftovers() {
        return papers.stream().mapToInt(PaperPlan::leftovers).sum();
    }

    /** What no plan does better, where that is proven and every piece is cut. */
    public Optional<String> proof() {
        if (!isProven() || !isComplete()) {
            return Optional.empty();
        }
        boolean cost = papers.stream().anyMatch(paper -> paper.order().thrift() == Thrift.LEAST_COST);
        return Optional.of(cost ? "no plan costs less" : "no plan can use fewer");
    }

    /** Whether no paper can be spared further. */
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
