package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Something lies in the middle of a hole in what it is stuck to: nothing holds it. */
record HeldByNothing() implements Rule {

    @Override
    public String key() {
        return "held-by-nothing";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (join.adhesion().kind() != Adhesion.Kind.NONE) {
                hole(card, join).ifPresent(hole -> findings.add(finding(card, join, hole)));
            }
        }
        return findings;
    }

    private static Optional<Opening> hole(Card card, Join join) {
        return card.pieceOf(join.lower()).openings().stream()
                .filter(opening -> Overlay.contains(Region.of(opening.outline()), join.zone()))
                .findFirst();
    }

    private Finding finding(Card card, Join join, Opening hole) {
        return finding(
                Severity.TROUBLE,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(join.upper()) + " lies within the " + hole.name() + " in "
                                + card.nameOf(join.lower())
                                + ": nothing holds it. Stick it to what lies behind, or hang it on film."),
                Optional.empty());
    }
}
