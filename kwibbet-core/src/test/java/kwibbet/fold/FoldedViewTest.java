package kwibbet.fold;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.card.Card;
import kwibbet.card.Side;
import kwibbet.card.base.FoldedBase;
import kwibbet.shape.Point;

import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.in;
import static org.assertj.core.api.Assertions.assertThat;

class FoldedViewTest {

    private static Card folding(String edge, String shortBy) {
        return card(folded("5", "7").with(FoldedBase.FOLD, edge).with(FoldedBase.SHORT_BY, in(shortBy)));
    }

    private static FoldedView view(Card card, String pose) {
        return FoldedView.of(card, card.form().pose(pose));
    }

    private static List<Point> outline(SeenPanel seen) {
        return seen.outline(seen.panel().outline());
    }

    @ParameterizedTest
    @ValueSource(strings = {FoldedBase.AT_SIDE, FoldedBase.AT_TOP})
    void shutTheFrontLiesOverTheBackWithItsOutsideUp(String edge) {
        Card card = folding(edge, "0");
        List<SeenPanel> panels = view(card, "shut").panels();
        assertThat(panels).extracting(seen -> seen.panel().id().value()).containsExactly("back", "front");
        assertThat(panels).extracting(SeenPanel::side).containsExactly(Side.UP, Side.UNDER);
        assertThat(outline(panels.get(1))).containsExactlyInAnyOrderElementsOf(outline(panels.get(0)));
    }

    @Test
    void shutAShortFrontLeavesTheFarEdgeOfTheInsideInSight() {
        Card card = folding(FoldedBase.AT_SIDE, "1 1/2");
        List<SeenPanel> panels = view(card, "shut").panels();
        // The crease lies at 3 1/2; the back goes on 5 from there, the front 3 1/2.
        assertThat(outline(panels.get(0))).extracting(Point::x).contains(in("8 1/2"));
        assertThat(outline(panels.get(1))).extracting(Point::x).containsOnly(in("3 1/2"), in("7"));
    }

    @Test
    void openEverythingLiesWhereItIsFlatWithTheInsideUp() {
        Card card = folding(FoldedBase.AT_TOP, "0");
        for (SeenPanel seen : view(card, "open").panels()) {
            assertThat(seen.side()).isEqualTo(Side.UP);
            assertThat(outline(seen).get(0))
                    .isEqualTo(seen.panel().outline().corners().get(0));
        }
    }

    @Test
    void fromBehindTheBackIsSeenFirstAndMirrored() {
        Card card = folding(FoldedBase.AT_SIDE, "0");
        SeenPanel nearest = view(card, "behind").panels().get(1);
        assertThat(nearest.panel().id().value()).isEqualTo("back");
        assertThat(nearest.side()).isEqualTo(Side.UNDER);
        assertThat(outline(nearest)).extracting(Point::x).containsOnly(in("-5"), in("-10"));
    }

    @ParameterizedTest
    @ValueSource(strings = {FoldedBase.AT_SIDE, FoldedBase.AT_TOP})
    void standingBothPanelsKeepTheirCommonCrease(String edge) {
        Card card = folding(edge, "0");
        List<SeenPanel> panels = view(card, "standing").panels();
        assertThat(panels.get(1).panel().id().value()).isEqualTo("front");
        long shared = outline(panels.get(0)).stream()
                .filter(outline(panels.get(1))::contains)
                .count();
        assertThat(shared).isEqualTo(2);
    }
}
