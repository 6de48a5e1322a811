package kwibbet.app.api;

import java.math.BigDecimal;
import java.util.List;

import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;

/**
 * How a job is cut. Lengths are texts with their unit, exact; x runs right and y down from the left top corner of a sheet.
 *
 * @param sheets the layouts, sheets cut alike together
 * @param sheetsUsed how many sheets
 * @param sheetsAtLeast no plan that cuts as much uses fewer
 * @param proven whether no plan that cuts as much reaches the aim better
 * @param yield the share of the paper that becomes pieces
 * @param cost what the sheets cost
 * @param value what one sheet is worth, where that was asked for; otherwise 0
 * @param unplaced what is not cut, and why
 */
@Schema(name = "Layouts", description = "How a job is cut. Lengths are texts with their unit, exact.")
record LayoutView(
        List<SheetView> sheets,
        int sheetsUsed,
        int sheetsAtLeast,
        boolean proven,
        double yield,
        BigDecimal cost,
        long value,
        List<UnplacedView> unplaced) {

    @Schema(name = "LayoutSheet")
    record SheetView(
            String stock, int copies, List<PlacementView> placements, List<CutView> cuts, List<OffcutView> offcuts) {
        static SheetView of(SheetLayout layout) {
            return new SheetView(
                    layout.stock().value(),
                    layout.copies(),
                    layout.placements().stream().map(PlacementView::of).toList(),
                    layout.cuts().stream().map(CutView::of).toList(),
                    layout.offcuts().stream().map(OffcutView::of).toList());
        }
    }

    @Schema(name = "LayoutPlacement")
    record PlacementView(String piece, String x, String y, String width, String height, boolean turned) {
        static PlacementView of(SheetLayout.Placement placement) {
            Rect area = placement.area();
            return new PlacementView(
                    placement.part().value(),
                    area.left().toString(),
                    area.top().toString(),
                    area.size().width().toString(),
                    area.size().height().toString(),
                    placement.turned());
        }
    }

    /** A cut along x = at or y = at, between two ends. */
    @Schema(name = "LayoutCut")
    record CutView(String axis, String at, String from, String to) {
        static CutView of(Cut cut) {
            Rect inHand = cut.inHand();
            boolean upright = cut.axis() == Axis.VERTICAL;
            Length at = upright ? inHand.left() : inHand.top();
            return new CutView(
                    upright ? "vertical" : "horizontal",
                    at.plus(cut.setting()).toString(),
                    (upright ? inHand.top() : inHand.left()).toString(),
                    (upright ? inHand.bottom() : inHand.right()).toString());
        }
    }

    @Schema(name = "LayoutOffcut")
    record OffcutView(String x, String y, String width, String height) {
        static OffcutView of(Rect area) {
            return new OffcutView(
                    area.left().toString(),
                    area.top().toString(),
                    area.size().width().toString(),
                    area.size().height().toString());
        }
    }

    @Schema(name = "LayoutUnplaced")
    record UnplacedView(String piece, int count, String reason, String message) {
        static UnplacedView of(Missing missing) {
            String message =
                    switch (missing.reason()) {
                        case NO_STOCK -> "There is no stock it may be cut from.";
                        case NO_SHEETS_ON_HAND -> "There are no sheets on hand.";
                        case LARGER_THAN_SHEET -> "It is larger than any sheet it may be cut from.";
                        case ONLY_FITS_TURNED -> "It would fit only turned a quarter, which is not allowed.";
                        case GRAIN_AGAINST_PATTERN -> "What is asked of the way it lies contradicts itself.";
                        case CUT_TOO_LONG -> "It needs a cut longer than the longest cut.";
                        case NOT_ENOUGH_SHEETS -> "There are not sheets enough.";
                    };
            return new UnplacedView(
                    missing.part().id().value(),
                    missing.count(),
                    missing.reason().name(),
                    message);
        }
    }

    static LayoutView of(CuttingPlan plan, long value) {
        return new LayoutView(
                plan.layouts().stream().map(SheetView::of).toList(),
                plan.sheets(),
                plan.sheetsAtLeast(),
                plan.isProven(),
                plan.usedShare(),
                BigDecimal.valueOf(plan.cents(), 2),
                value,
                plan.missing().stream().map(UnplacedView::of).toList());
    }
}
