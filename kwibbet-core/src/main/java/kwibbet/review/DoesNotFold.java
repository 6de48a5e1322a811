package kwibbet.review;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Panel;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.Misfold;
import kwibbet.fold.CardFolding;
import kwibbet.fold.CardPattern;
import kwibbet.outcome.Outcome;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/**
 * The card cannot be shut flat: however its panels are laid, some would pass through each other.
 *
 * @param closing how the card closes
 */
record DoesNotFold(CardFolding closing) implements Rule {

    @Override
    public String key() {
        return "does-not-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        return closing.folding() instanceof FlatFolding.CannotFold cannot
                ? cannot.reasons().stream().map(reason -> finding(card, reason)).toList()
                : List.of();
    }

    private static FlatFolding folding(Card card) {
        return FlatFolding.of(CardPattern.of(card, false).pattern());
    }

    private Finding finding(Card card, Misfold reason) {
        Panel panel = closing.pattern().facets().get(reason.facets().get(0));
        return finding(
                Severity.TROUBLE,
                panel.piece(),
                panel.outline(),
                Phrase.in(card.design().system()).words("The card cannot be shut. " + reason.message()),
                otherWay(card));
    }

    /** On a strip of one's own, the first score that lets it fold if it goes the other way. */
    private static Optional<Remedy> otherWay(Card card) {
        Design design = card.design();
        return design.base().withOneFoldTurned(design.present()).stream()
                .map(way -> Remedy.of(design, way))
                .filter(way -> CardMaker.make(way.design(), card.materials()) instanceof Outcome.Made<Card> made
                        && folding(made.value()) instanceof FlatFolding.Folds)
                .findFirst();
    }
}
