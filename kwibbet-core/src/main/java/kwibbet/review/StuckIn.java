package kwibbet.review;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** What is to lie loose lies where what keeps it is stuck: it does not come out again. */
record StuckIn() implements Rule {

    /** Less than this of it, in square inches, is a hair. */
    private static final double SEEN = 0.01;

    @Override
    public String key() {
        return "stuck-in";
    }

    @Override
    public List<Finding> check(Card card) {
        return card.joins().stream()
                .flatMap(loose -> card.keeping(loose).stream()
                        .filter(over -> touched(loose, over) > SEEN)
                        .map(over -> finding(card, loose, over)))
                .toList();
    }

    private static double touched(Join loose, Join over) {
        return over.adhesive().stream()
                .mapToDouble(tape -> Overlay.sharedArea(Region.of(loose.zone()), tape))
                .sum();
    }

    private Finding finding(Card card, Join loose, Join over) {
        return finding(
                Severity.WARNING,
                loose.upper(),
                card.pieceOf(loose.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(loose.upper()) + " is to lie loose, and lies where "
                                + over.adhesion().kind().words() + " holds " + card.nameOf(over.upper())
                                + ": make it smaller, or what it is slipped under larger, or held elsewhere."),
                Optional.empty());
    }
}
