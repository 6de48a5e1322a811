package kwibbet.app.api;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.app.api.LayoutView.OffcutView;
import kwibbet.app.api.LayoutView.UnplacedView;
import kwibbet.bench.PressSetting;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Piece;
import kwibbet.cutting.SheetLayout;
import kwibbet.layout.CutPart;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/**
 * How a run is cut, scored and pressed. Lengths are texts with their unit, exact; sentences are those of the lists.
 *
 * @param layouts the sheets, those cut alike together
 * @param layoutsAtLeast no plan that is as good otherwise has fewer
 * @param parts what is cut, like pieces as one, with what they serve as
 * @param sheets how many sheets
 * @param sheetsAtLeast no plan uses fewer
 * @param proven whether nothing better can be found of what is spared
 * @param cost what the sheets cost; left out where a price is not known
 * @param unplaced what is not cut, and why
 * @param fence what the trimmer is set to, in order
 * @param fenceAtLeast no order of these cuts needs fewer settings
 * @param scores what is scored, setting after setting
 * @param press what goes through the press, load after load
 */
@Schema(name = "Plan", description = "How a run is cut, scored and pressed. Lengths are texts with their unit, exact.")
record PlanView(
        List<SheetView> layouts,
        int layoutsAtLeast,
        List<PartView> parts,
        int sheets,
        int sheetsAtLeast,
        boolean proven,
        Optional<BigDecimal> cost,
        List<UnplacedView> unplaced,
        List<FenceView> fence,
        int fenceAtLeast,
        List<ScoreView> scores,
        List<PressView> press) {

    /** A layout: its letter, its paper, whether it is a leftover of that paper, how many sheets, and what lies where. */
    @Schema(name = "PlanLayout")
    record SheetView(
            String letter,
            String paper,
            boolean leftover,
            int count,
            String width,
            String height,
            List<RectangleView> rectangles,
            List<OffcutView> offcuts) {
        static SheetView of(Lettered sheet) {
            return new SheetView(
                    sheet.letter(),
                    sheet.paper().id().value(),
                    sheet.leftover().isPresent(),
                    sheet.copies(),
                    sheet.layout().sheet().width().toString(),
                    sheet.layout().sheet().height().toString(),
                    sheet.layout().placements().stream().map(RectangleView::of).toList(),
                    sheet.layout().offcuts().stream().map(OffcutView::of).toList());
        }
    }

    /** Where a part lies on its sheet: x right and y down from its left top corner. */
    @Schema(name = "PlanRectangle")
    record RectangleView(String part, String x, String y, String width, String height, boolean turned) {
        static RectangleView of(SheetLayout.Placement placement) {
            Rect area = placement.area();
            return new RectangleView(
                    placement.part().value(),
                    area.left().toString(),
                    area.top().toString(),
                    area.size().width().toString(),
                    area.size().height().toString(),
                    placement.turned());
        }
    }

    /** What is cut: its size, its paper, how many, and the pieces it serves as. */
    @Schema(name = "PlanPart")
    record PartView(String part, String paper, String width, String height, int count, List<UseView> uses) {
        static PartView of(PaperId paper, CutPart part) {
            return new PartView(
                    part.id().value(),
                    paper.value(),
                    part.blank().width().toString(),
                    part.blank().height().toString(),
                    part.count(),
                    part.uses().stream()
                            .map(use ->
                                    new UseView(use.part().value(), use.piece().name(), use.count()))
                            .toList());
        }
    }

    /** A piece of a card of the run, by its id after the number of its line where there are several. */
    @Schema(name = "PlanUse")
    record UseView(String piece, String name, int count) {}

    /** What is set, what the trimmer shows and how far that is off, with which blade, and what is cut at it. */
    @Schema(name = "PlanFence")
    record FenceView(String set, String shown, String error, String blade, List<StepView> steps) {
        static FenceView of(TrimSetting setting, MeasureSystem system) {
            return new FenceView(
                    setting.set().exact().toString(),
                    setting.set().shown().toString(),
                    setting.set().error().toString(),
                    setting.blade().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    setting.steps().stream()
                            .map(step -> new StepView(
                                    step.sheet().letter(),
                                    step.passes(),
                                    Phrase.in(system)
                                            .phrase(step.line().sentence())
                                            .words(" ")
                                            .phrase(step.line().result())
                                            .end()
                                            .text()))
                            .toList());
        }
    }

    /** What is done at a setting: of which sheet or piece, how often, and how. */
    @Schema(name = "PlanStep")
    record StepView(String of, int count, String sentence) {}

    /** How pieces are laid on the board, and what is scored. */
    @Schema(name = "PlanScore")
    record ScoreView(String sentence, List<StepView> steps) {
        static ScoreView of(ScoreSetting setting, MeasureSystem system) {
            return new ScoreView(
                    setting.sentence(system).text(),
                    setting.steps().stream()
                            .map(step -> new StepView(
                                    step.names(),
                                    step.count(),
                                    step.sentence(system).text()))
                            .toList());
        }
    }

    /** What lies on the bed together, and how many passes that takes. */
    @Schema(name = "PlanLoad")
    record PressView(int passes, List<StepView> steps) {
        static PressView of(PressSetting setting, MeasureSystem system) {
            List<StepView> steps = new ArrayList<>();
            setting.steps()
                    .forEach(step -> steps.add(new StepView(
                            step.name(),
                            step.count(),
                            String.join(
                                    " ",
                                    step.sentences(system).stream()
                                            .map(Phrase::text)
                                            .toList()))));
            return new PressView(setting.load().passes(), steps);
        }
    }

    static PlanView of(RunPlan plan) {
        MeasureSystem system = plan.card().design().system();
        List<PartView> parts = new ArrayList<>();
        List<UnplacedView> unplaced = new ArrayList<>();
        for (PaperPlan paper : plan.sheets().papers()) {
            paper.order()
                    .parts()
                    .forEach(part -> parts.add(PartView.of(paper.paper().id(), part)));
            paper.unplaced().forEach(missing -> unplaced.add(UnplacedView.of(missing)));
        }
        for (Piece piece : plan.sheets().withoutPaper()) {
            unplaced.add(new UnplacedView(
                    piece.id().value(),
                    plan.copies().cards(),
                    "NO_PAPER",
                    piece.name() + ": its paper, " + piece.paper().value() + ", is not among the papers."));
        }
        return new PlanView(
                plan.sheets().lettered().stream().map(SheetView::of).toList(),
                plan.sheets().papers().stream()
                        .mapToInt(PaperPlan::layoutsAtLeast)
                        .sum(),
                parts,
                plan.sheets().sheets(),
                plan.sheets().papers().stream().mapToInt(PaperPlan::atLeast).sum(),
                plan.sheets().isProven(),
                plan.cents().map(cents -> BigDecimal.valueOf(cents, 2)),
                unplaced,
                plan.bench().trim().settings().stream()
                        .map(setting -> FenceView.of(setting, system))
                        .toList(),
                plan.bench().trim().atLeast(),
                plan.bench().score().settings().stream()
                        .map(setting -> ScoreView.of(setting, system))
                        .toList(),
                plan.bench().press().settings().stream()
                        .map(setting -> PressView.of(setting, system))
                        .toList());
    }
}
