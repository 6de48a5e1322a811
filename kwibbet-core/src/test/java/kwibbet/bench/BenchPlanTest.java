package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.PieceId;
import kwibbet.layout.SheetLayout;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

class BenchPlanTest {

    private static final Card TWO_MATS = card(
            folded("5", "7"),
            24,
            mat("mat-1", front(), border("1/8")),
            mat("mat-2", new Host.OnPiece(new PieceId("mat-1")), border("1/8")));

    private static RunPlan plan(Card card) {
        return RunPlan.of(card, shelf(paper(SheetSizes.TWELVE_SQUARE)), TOOLS);
    }

    /** Every cut is made on a part that is there, and what is left in the end is what the sheet was planned to give. */
    @Test
    void doingTheCutsInOrderGivesThePlannedPieces() {
        RunPlan plan = plan(TWO_MATS);
        plan.sheets().lettered().forEach(sheet -> {
            List<Rect> parts =
                    new ArrayList<>(List.of(Rect.atOrigin(sheet.layout().sheet())));
            plan.bench().trim().stream()
                    .filter(step -> step.sheet().equals(sheet))
                    .flatMap(step -> step.cuts().stream())
                    .forEach(cut -> {
                        assertThat(parts.remove(cut.inHand())).isTrue();
                        parts.add(cut.first());
                        parts.add(cut.second());
                    });
            List<Rect> planned = new ArrayList<>(sheet.layout().offcuts());
            sheet.layout().placements().stream()
                    .map(SheetLayout.Placement::area)
                    .forEach(planned::add);
            assertThat(parts).containsExactlyInAnyOrderElementsOf(planned);
        });
    }

    @Test
    void equalStripsShareOneSetting() {
        RunPlan plan = plan(card(folded("2", "12"), 3));
        assertThat(plan.bench().trim()).singleElement().satisfies(step -> {
            assertThat(step.cuts()).hasSize(2);
            assertThat(step.numbers()).isEqualTo("1–2");
            assertThat(step.sentence(MeasureSystem.INCH).text()).contains("set 4 in and cut 2 times");
        });
    }

    @Test
    void equalStripsAreTakenTogether() {
        RunPlan plan = plan(card(folded("1 1/2", "5"), 16));
        TrimStep strips = plan.bench().trim().get(1);
        assertThat(strips.parts()).hasSizeGreaterThan(1);
        assertThat(strips.parts()).allSatisfy(part -> assertThat(part)
                .hasSameSizeAs(strips.parts().get(0)));
        assertThat(strips.sentence(MeasureSystem.INCH).text())
                .startsWith("Take the " + strips.parts().size() + " strips ")
                .contains(" and cut each");
        assertThat(strips.result(plan.card(), MeasureSystem.INCH).text())
                .startsWith("Gives " + strips.cuts().size() + " × Base");
    }

    @Test
    void whatATrimmerCannotShowIsRoundedAndTheErrorSaid() {
        RunPlan plan = plan(card(folded("2 1/64", "7"), 1));
        TrimStep step = plan.bench().trim().stream()
                .filter(each -> !each.set().isExact())
                .findFirst()
                .orElseThrow();
        assertThat(step.set().exact()).isEqualTo(in("4 1/32"));
        assertThat(step.sentence(MeasureSystem.INCH).text())
                .contains("set 4 1/16 in")
                .contains("the nearest mark, 1/32 in over");
    }

    @Test
    void theScoreIsSaidFromBothHandsEdges() {
        ScoreStep step = plan(TWO_MATS).bench().score().get(0);
        assertThat(step.count()).isEqualTo(24);
        assertThat(step.onBoard().orElseThrow().measured().from()).isEqualTo(Edge.LEFT);
        assertThat(step.sentence(MeasureSystem.INCH).text())
                .isEqualTo("Inside up, score at 5 in from the left edge, from end to end.");
        assertThat(step.otherHand(MeasureSystem.INCH).text()).isEqualTo("Left-handed: 5 in from the right edge.");
        ScoreStep far = plan(card(folded("14", "5"), 1)).bench().score().get(0);
        assertThat(far.sentence(MeasureSystem.INCH).text()).contains("Your board ends before that");
    }

    @Test
    void matsAreStuckOnEachOtherBeforeTheyGoOnTheCard() {
        assertThat(plan(TWO_MATS).bench().make())
                .extracting(step -> step.sentence(MeasureSystem.INCH).text())
                .containsExactly(
                        "Fold the base along its score, inside faces together, and press the crease flat.",
                        "Stick mat-2 on mat-1, centred: 1/8 in shows all round.",
                        "Stick mat-1 on the front, centred: 1/8 in shows all round.");
    }

    @Test
    void cutsBeyondTheTrimmerAreSaid() {
        RunPlan plan = RunPlan.of(card(folded("7", "15"), 1), shelf(paper(size("20", "30"))), TOOLS);
        assertThat(plan.bench().trim().get(0).sentence(MeasureSystem.INCH).text())
                .contains("longer than your trimmer");
        assertThat(plan.sheets().lettered().get(0).letter()).isEqualTo("A");
    }
}
