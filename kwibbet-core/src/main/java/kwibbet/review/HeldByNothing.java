package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.feature.Held;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Something lies in the middle of a hole in what it is stuck to, or is too narrow for what it is stuck with: nothing holds it. */
record HeldByNothing() implements Rule {

    @Override
    public String key() {
        return "held-by-nothing";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (!join.adhesion().kind().sticks()) {
                continue;
            }
            Optional<Opening> hole = hole(card, join);
            if (hole.isPresent()) {
                findings.add(finding(card, join, hole.get()));
            } else if (join.adhesive().isEmpty()) {
                glued(card, join).ifPresent(glued -> findings.add(noRoom(card, join, glued)));
            }
        }
        return findings;
    }

    private static Optional<Opening> hole(Card card, Join join) {
        return card.pieceOf(join.lower()).openings().stream()
                .filter(opening -> Overlay.contains(Region.of(opening.outline()), join.zone()))
                .findFirst();
    }

    /** Stuck all over with glue, which takes less room than anything else. */
    private static Optional<Design> glued(Card card, Join join) {
        return card.additionOf(join.upper()).flatMap(addition -> Held.glued(
                        addition.feature(), card.design().present(addition))
                .map(settings -> card.design().settled().with(addition.with(settings))));
    }

    private Finding noRoom(Card card, Join join, Design glued) {
        return finding(
                Severity.WARNING,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(join.upper()) + " is too narrow for "
                                + join.adhesion().kind().words() + " where it is to be held, which stays ")
                        .length(join.adhesion().kind().offEdge())
                        .words(" off its edges: nothing holds it."),
                Optional.of(new Remedy("stick it with liquid glue", glued)));
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
