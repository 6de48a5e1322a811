package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.feature.Shaker;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A see-through shaker sits on a layer that is cut, and what that layer is stuck to is not. */
record NotSeenThrough() implements Rule {

    /** So much of the opening is seen through in any case. */
    private static final double MOST = 0.6;

    @Override
    public String key() {
        return "not-seen-through";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Addition addition : card.design().additions()) {
            if (addition.feature() instanceof Shaker
                    && card.design().present(addition).is(Shaker.BACK, Shaker.CLEAR)
                    && addition.host() instanceof Host.OnPiece host) {
                card.pieceOf(host.piece()).openings().stream()
                        .filter(opening -> opening.owner().equals(addition.id()))
                        .forEach(opening -> uncut(card, card.join(host.piece()), opening)
                                .ifPresent(join -> findings.add(finding(card, addition, opening, join))));
            }
        }
        return findings;
    }

    /** The join below which the opening is closed, if there is one. */
    private static Optional<Join> uncut(Card card, Optional<Join> join, Opening opening) {
        return join.flatMap(on -> {
            Opening there = opening.in(on.placement());
            double closed = Overlay.sharedArea(card.pieceOf(on.lower()).material(), Region.of(there.outline()));
            return closed > MOST * there.outline().area() ? join : uncut(card, card.join(on.lower()), there);
        });
    }

    private Finding finding(Card card, Addition addition, Opening opening, Join on) {
        return finding(
                Severity.WARNING,
                ((Host.OnPiece) addition.host()).piece(),
                opening.outline(),
                Phrase.in(card.design().system())
                        .words("“" + addition.name() + "” is see-through, and " + card.nameOf(on.lower())
                                + " behind it is not cut: add an opening there."),
                Optional.of(new Remedy(
                        "open all it sits on in register",
                        card.design()
                                .settled()
                                .with(addition.with(card.design()
                                        .present(addition)
                                        .with(Shaker.BACK, Shaker.CLEAR_TO_THE_BACK))))));
    }
}
