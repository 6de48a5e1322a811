package kwibbet.layout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Trim;
import kwibbet.layout.WorkOrder.PaperOrder;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;

/**
 * How all pieces of one paper are cut.
 *
 * @param order what was asked
 * @param cutting how it is cut; what is printed past the edges of a piece is counted as part of it
 * @param bleeds how much that is on each side, of the parts that have any
 */
public record PaperPlan(PaperOrder order, CuttingPlan cutting, Map<PartId, Length> bleeds) {

    /** Copies the map. */
    public PaperPlan {
        bleeds = Map.copyOf(bleeds);
    }

    /** A plan of pieces that are printed up to their edges only, or not at all. */
    public PaperPlan(PaperOrder order, CuttingPlan cutting) {
        this(order, cutting, Map.of());
    }

    /** The same order, cut otherwise. */
    PaperPlan with(CuttingPlan other) {
        return new PaperPlan(order, other, bleeds);
    }

    /** The paper, in the size that was chosen. */
    public Paper paper() {
        return order.paper();
    }

    /** The sheets, those cut alike together; what is printed past the edges of a piece is cut off it. */
    public List<SheetLayout> layouts() {
        return bleeds.isEmpty()
                ? cutting.layouts()
                : cutting.layouts().stream().map(this::trimmed).toList();
    }

    private SheetLayout trimmed(SheetLayout layout) {
        Map<PartId, Trim> trims = new HashMap<>();
        for (Part part : cutting.job().parts()) {
            Optional.ofNullable(bleeds.get(part.id()))
                    .ifPresent(bleed -> trims.put(part.id(), new Trim(part.size(), bleed)));
        }
        return layout.trimmed(trims);
    }

    /** How many sheets are cut, leftovers not counted. */
    public int sheets() {
        return cutting.sheets() - leftovers();
    }

    /** How many leftovers of earlier runs are cut. */
    public int leftovers() {
        return order.leftovers().stream().mapToInt(this::piecesOf).sum();
    }

    /** How many of one leftover are cut. */
    public int piecesOf(Offcut leftover) {
        return cutting.sheetsByStock().getOrDefault(SheetPlanner.stockOf(leftover), 0);
    }

    /** How good the plan is, said beside the number of its sheets. */
    public String standing() {
        if (cutting.isProven()) {
            return order.thrift() == Thrift.LEAST_COST ? "the least cost" : "the fewest";
        }
        return order.thrift() == Thrift.FEWEST_SHEETS ? "no plan under " + atLeast() : "the best found";
    }

    /** How few ways to cut there could be, said beside how many there are; nothing where nothing is known of that. */
    public String layoutsStanding() {
        return layoutsAtLeast() == layouts().size()
                ? "the fewest"
                : layoutsAtLeast() > 1 ? "no plan under " + layoutsAtLeast() : "";
    }

    /** A number of layouts that no plan with as few sheets can do with fewer than. */
    public int layoutsAtLeast() {
        return Math.min(layouts().size(), cutting.proof().layouts());
    }

    /** A number of sheets that no plan can do with fewer than. */
    public int atLeast() {
        return cutting.sheetsAtLeast();
    }

    /** Whether no plan can use fewer sheets. */
    public boolean isProven() {
        return cutting.isProven();
    }

    /** What cannot be cut from this paper, each with the reason. */
    public List<Missing> unplaced() {
        return cutting.missing();
    }

    /** How many sheets of a size are cut. */
    public int sheetsOf(Paper size) {
        return cutting.sheetsByStock().getOrDefault(SheetPlanner.stockOf(size), 0);
    }

    /**
     * A size of the paper that is cut.
     *
     * @param size the paper in that size
     * @param sheets how many sheets of it are cut; at least 1
     */
    public record CutSize(Paper size, int sheets) {

        /** How many are missing; 0 when there are enough. */
        public int missing() {
            return Math.max(0, sheets - size.onHand());
        }
    }

    /** The sizes that are cut, the chosen one first; leftovers are not told of. */
    public List<CutSize> cutSizes() {
        return order.sizes().stream()
                .map(size -> new CutSize(size, sheetsOf(size)))
                .filter(each -> each.sheets() > 0)
                .toList();
    }

    /** How many sheets are missing; 0 when there are enough. */
    public int shortOfSheets() {
        return cutSizes().stream().mapToInt(CutSize::missing).sum();
    }

    /** The share of the paper that becomes wanted pieces, 0 to 1; none when no sheet is cut. */
    public Optional<Double> usedShare() {
        return layouts().isEmpty() ? Optional.empty() : Optional.of(cutting.usedShare());
    }

    /**
     * The part of that name.
     *
     * @throws IllegalArgumentException when the order has none
     */
    public CutPart part(PartId id) {
        return order.parts().stream()
                .filter(part -> part.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no part " + id.value() + " is cut from this paper"));
    }

    /**
     * What one piece of a part is called while it is cut: by the name of the part, or by all its uses where another part of that name and size is cut from the
     * same paper.
     *
     * @throws IllegalArgumentException when the order has none
     */
    public String called(PartId id) {
        CutPart part = part(id);
        boolean isAlone = order.parts().stream().filter(part::looksLike).count() == 1;
        return isAlone ? part.name() : part.usedAs();
    }
}
