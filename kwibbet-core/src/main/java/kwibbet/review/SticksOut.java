package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.ShutFold;
import kwibbet.card.feature.PullTab;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Something sticks out past the shut card, and past its envelope. A tab is meant to. */
record SticksOut() implements Rule {

    private static final Length SEEN = Length.GRAIN.multipliedBy(4);

    @Override
    public String key() {
        return "sticks-out";
    }

    @Override
    public List<Finding> check(Card card) {
        ShutFold shut = card.shut();
        Rect whole = new Outline(card.form().panels().stream()
                        .flatMap(panel -> panel.outline().in(shut.of(panel.id())).corners().stream())
                        .toList())
                .bounds();
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            boolean meant = card.isOfBase(join.upper())
                    || join.adhesion().kind() == Adhesion.Kind.NONE
                    || card.additionOf(join.upper())
                            .filter(addition -> addition.feature() instanceof PullTab)
                            .isPresent();
            Panel panel = card.stuckPanel(join);
            Length out = Margins.of(panel.outline().in(shut.of(panel.id())).bounds(), whole)
                    .least()
                    .negated();
            if (!meant && out.isLongerThan(SEEN)) {
                findings.add(finding(
                        Severity.NOTE,
                        join.upper(),
                        card.pieceOf(join.upper()).outline(),
                        Phrase.in(card.design().system())
                                .words(card.nameOf(join.upper()) + " sticks out past the shut card by ")
                                .length(out)
                                .words(": choose the envelope accordingly."),
                        Optional.empty()));
            }
        }
        return findings;
    }
}
