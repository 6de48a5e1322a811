package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperKind;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** Liquid glue under paper that is thin: it takes the water up and dries in waves. Common practice, no source: from 120 g/m² on it stays flat. */
record GlueOnThin() implements Rule {

    private static final int STAYS_FLAT = 120;

    @Override
    public String key() {
        return "glue-on-thin";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (join.adhesion().kind() == Adhesion.Kind.GLUE) {
                thin(card, join)
                        .ifPresent(paper -> findings.add(finding(
                                Severity.WARNING,
                                join.upper(),
                                card.pieceOf(join.upper()).outline(),
                                Phrase.in(card.design().system())
                                        .words(card.nameOf(join.upper()) + " is stuck with liquid glue, and "
                                                + paper.name() + ", of " + paper.gramsPerSquareMetre()
                                                + " g/m², dries in waves. Take tape."),
                                WetOnFilm.taped(card, join))));
            }
        }
        return findings;
    }

    /** Of the two that are stuck to each other the one that is thin. */
    private static Optional<Paper> thin(Card card, Join join) {
        return Stream.of(join.upper(), join.lower())
                .map(card::pieceOf)
                .map(Piece::paper)
                .flatMap(paper -> card.materials().shelf().find(paper).stream())
                .filter(paper -> paper.kind() != PaperKind.FILM && paper.kind() != PaperKind.FOAM)
                .filter(paper -> paper.gramsPerSquareMetre() < STAYS_FLAT)
                .findFirst();
    }
}
