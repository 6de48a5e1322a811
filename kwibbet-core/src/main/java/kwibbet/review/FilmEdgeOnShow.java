package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** The raw edge of a film runs through an opening that the film is to close. */
record FilmEdgeOnShow() implements Rule {

    /** A part of an opening too small to be seen. */
    private static final double UNSEEN = 0.01;

    @Override
    public String key() {
        return "film-edge-on-show";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (card.isClear(join.upper())) {
                Region film = card.pieceOf(join.upper()).material().in(join.placement());
                card.pieceOf(join.lower()).openings().stream()
                        .filter(opening -> opening.isLookedThrough() && isCrossed(opening, film))
                        .findFirst()
                        .ifPresent(opening -> findings.add(finding(card, join, opening)));
            }
        }
        return findings;
    }

    private static boolean isCrossed(Opening opening, Region film) {
        double covered = Overlay.sharedArea(film, Region.of(opening.outline()))
                / opening.outline().area();
        return covered > UNSEEN && covered < 1 - UNSEEN;
    }

    private Finding finding(Card card, Join join, Opening opening) {
        return finding(
                Severity.WARNING,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words("The edge of " + card.nameOf(join.upper()) + " runs through the " + opening.name()
                                + " in " + card.nameOf(join.lower())
                                + ", where it is seen. Let the film lap it all round."),
                Optional.empty());
    }
}
