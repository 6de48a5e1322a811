package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.Rect;
import kwibbet.trial.TrialMaking;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;

/** A tag that is slipped into a pocket, and comes out again. */
class LooseTest {

    private static final Addition POCKET = add("pocket", "pocket", front(), "width", "3", "height", "4");

    private static Addition tag(String host) {
        return tag(host, "1");
    }

    private static Addition tag(String host, String fromTop) {
        return add(
                "mat", "tag", on(host), "raised", "loose", "fit", "size", "width", "2 1/2", "height", "3", "down", "by",
                "fromTop", fromTop);
    }

    private static List<String> steps(Making making) {
        return making.steps().stream()
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    /** Nothing sticks it, its pocket does not hide that it is there, and it is slipped in when the pocket holds. */
    @Test
    void aTagIsSlippedIntoItsPocket() {
        Card card = card(folded("5", "7"), tag("front-outside"), POCKET);
        assertThat(Review.of(card)).isEmpty();
        assertThat(Review.of(card(folded("5", "7"), tag("front-outside", "2"), POCKET)))
                .isEmpty();
        assertThat(card.join(new PieceId("tag")).orElseThrow().adhesive()).isEmpty();
        PressPlan press = PressPlan.of(List.of(line(card, 1)), TOOLS);
        Making making = Making.of(card, press, Way.ONE);
        assertThat(steps(making))
                .last()
                .isEqualTo("Slip tag under pocket on the front: 1 1/4 in from the fold, 1 in from the top edge.");
        assertThat(TrialMaking.of(card, press, making.steps())).isEmpty();
        List<Operation> stuck = making.steps().stream()
                .filter(Operation.Stick.class::isInstance)
                .toList();
        List<Operation> swapped = new ArrayList<>(making.steps());
        Collections.swap(swapped, swapped.indexOf(stuck.get(0)), swapped.indexOf(stuck.get(1)));
        assertThat(TrialMaking.of(card, press, swapped))
                .extracting(TrialMaking.Ruin::what)
                .contains("it slides about, since what keeps it is not there");
    }

    /** Where the tag lies on the shut card. */
    private static Rect seen(Card card) {
        Panel tag = card.panel(new PanelId("tag")).orElseThrow();
        return tag.outline().in(card.shut().of(tag.id())).bounds();
    }

    /** Thought of after the pocket, or on it, it falls out; the way out slips it under. */
    @Test
    void aTagOnAPocketIsSlippedUnderIt() {
        for (String host : List.of("pocket", "front-outside")) {
            Card over = card(folded("5", "7"), POCKET, tag(host, host.equals("pocket") ? "1/2" : "2"));
            Finding finding = Review.of(over).stream()
                    .filter(each -> each.rule().equals("falls-out"))
                    .findFirst()
                    .orElseThrow();
            Design under = finding.remedy().orElseThrow().design();
            assertThat(under.additions()).extracting(each -> each.id().value()).containsExactly("tag", "pocket");
            Card slipped = make(under).orThrow();
            assertThat(Review.of(slipped)).isEmpty();
            assertThat(seen(slipped)).isEqualTo(seen(over));
        }
    }

    /** A brad through it and what it lies on keeps it as well. */
    @Test
    void aBradKeepsATag() {
        Addition brad = add("bits", "brad", on("tag"), "bit", "brad", "count", "1");
        assertThat(Review.of(card(folded("5", "7"), tag("front-outside"), brad)))
                .extracting(Finding::rule)
                .doesNotContain("falls-out");
    }
}
