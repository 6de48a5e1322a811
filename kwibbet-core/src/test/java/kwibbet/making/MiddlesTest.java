package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.CutShape;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.trial.TrialMaking;
import kwibbet.trial.TrialRun;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/**
 * A mat of 4 1/2 by 6 1/2 under one of 4 1/4 by 6 1/4 that hides half an inch less all round: 3 1/4 by 5 1/4 come out of it. That makers cut the next smaller
 * piece from that is common practice, no source.
 */
class MiddlesTest {

    private static Card card(String width, String height) {
        Design design = base("folded", "5", "7")
                .plus(add("mat", "ground", front(), "border", "1/4", "hollow", "used"))
                .plus(add("mat", "field", on("ground"), "border", "1/8"))
                .plus(add("ornament", "plate", on("field"), "width", width, "height", height));
        return make(design).orThrow();
    }

    private static List<String> cut(RunPlan plan) {
        return plan.order().papers().stream()
                .flatMap(order -> order.wanted().stream())
                .map(wanted -> wanted.piece().name())
                .toList();
    }

    private static RunPlan plan(Card card, Die... dies) {
        PaperShelf papers = shelf(paper(size("12", "12")));
        return RunPlan.of(line(card, 6), papers, Thrift.FEWEST_SHEETS, TOOLS.withDies(List.of(dies)));
    }

    @Test
    void aPieceThatFitsIsCutFromWhatComesOut() {
        Card card = card("3", "5 1/4");
        RunPlan plan = plan(card);
        assertThat(cut(plan)).contains("ground", "field").doesNotContain("plate");
        Making making = plan.makeOf(card, Way.ONE);
        List<String> told = making.steps().stream()
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
        assertThat(told).contains("Cut plate, 3 × 5 1/4 in, from the middle that came out of ground.");
        assertThat(TrialMaking.of(card, plan.bench().press().plan(), making.steps()))
                .isEmpty();
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        assertThat(Review.of(card)).extracting(Finding::rule).doesNotContain("middle-unused");
    }

    /** Stuck before it is cut, or cut before anything came out, there is nothing in hand. */
    @Test
    void handsFindNothingToStickBefore() {
        Card card = card("3", "2");
        PressPlan press = plan(card).bench().press().plan();
        List<Operation> steps = Making.of(card, press, Way.ONE).steps();
        Operation cut = steps.stream()
                .filter(Operation.FromMiddle.class::isInstance)
                .findFirst()
                .orElseThrow();
        List<Operation> first = new ArrayList<>(steps);
        first.remove(cut);
        first.add(0, cut);
        assertThat(TrialMaking.of(card, press, first))
                .anySatisfy(ruin -> assertThat(ruin.what()).contains("nothing to cut it from"));
        first.remove(cut);
        first.add(cut);
        assertThat(TrialMaking.of(card, press, first))
                .anySatisfy(ruin -> assertThat(ruin.what()).contains("still in the middle"));
    }

    @Test
    void whatFitsNothingIsTold() {
        Card card = card("4", "3 1/2");
        assertThat(cut(plan(card))).contains("plate");
        assertThat(Review.of(card))
                .filteredOn(finding -> finding.rule().equals("middle-unused"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.remedy()).isPresent());
    }

    /** A die that cuts the plate and its window at once wants paper for its metal, so the plate comes from a sheet; no plain piece is left then. */
    @Test
    void whatADieCutsOutTakesASheet() {
        CutShape plate = new CutShape(CutShape.Kind.OVAL, size("3", "2"));
        Die die = new Die(new DieId("plate"), "plate", plate, in("1/16"), Die.Detail.PLAIN, Sides.STRAIGHT, "", 1);
        Design design = base("folded", "5", "7")
                .plus(add("mat", "ground", front(), "border", "1/4", "hollow", "used"))
                .plus(add("mat", "field", on("ground"), "border", "1/8"))
                .plus(add("ornament", "plate", on("field"), "width", "3", "height", "2", "shape", "oval"));
        assertThat(cut(plan(make(design).orThrow(), die))).contains("plate");
    }
}
