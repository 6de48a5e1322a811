package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.feature.Held;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** Wet glue between film and anything: it does not dry there, and shows. Common practice, no source. */
record WetOnFilm() implements Rule {

    @Override
    public String key() {
        return "wet-on-film";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (join.adhesion().kind().isWet() && (card.isClear(join.upper()) || card.isClear(join.lower()))) {
                findings.add(finding(
                        Severity.WARNING,
                        join.upper(),
                        card.pieceOf(join.upper()).outline(),
                        Phrase.in(card.design().system())
                                .words(
                                        card.nameOf(join.upper())
                                                + " is stuck with wet glue where there is film: it does not dry there, and shows. Take tape or dots."),
                        taped(card, join)));
            }
        }
        return findings;
    }

    /** The same, held by tape. */
    static Optional<Remedy> taped(Card card, Join join) {
        Design settled = card.design().settled();
        return settled.addition(join.upper())
                .flatMap(addition -> Held.heldBy(
                                addition.feature(), card.design().present(addition), Held.FLAT)
                        .map(taped -> settled.with(addition.with(taped))))
                .map(design -> new Remedy("tape it", design));
    }
}
