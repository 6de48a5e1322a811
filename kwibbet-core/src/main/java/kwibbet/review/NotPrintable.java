package kwibbet.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperKind;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/**
 * A picture on what no home printer takes, on a colour that shows through it, or up to the edge of sheets of which nothing is said about the edge that a printer leaves bare. Common practice, no source.
 */
record NotPrintable() implements Rule {

    private static final Set<PaperKind> TOO_THICK = EnumSet.of(PaperKind.CHIPBOARD, PaperKind.FOAM, PaperKind.FILM);

    /** As light as cream, from 0 for black to 1 for white. */
    private static final double PALE = 0.72;

    @Override
    public String key() {
        return "not-printable";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            if (piece.isPrinted()) {
                card.materials()
                        .shelf()
                        .find(piece.paper())
                        .flatMap(paper -> check(card, piece, paper))
                        .ifPresent(findings::add);
            }
        }
        return findings;
    }

    private Optional<Finding> check(Card card, Piece piece, Paper paper) {
        if (TOO_THICK.contains(paper.kind())) {
            return Optional.of(finding(
                    Severity.TROUBLE,
                    piece.id(),
                    piece.outline(),
                    Phrase.in(card.design().system())
                            .words(piece.name() + " is to be printed, and no printer at home takes " + paper.name()
                                    + ", which is " + paper.kind().words() + ". Choose a paper for it."),
                    Optional.empty()));
        }
        if (paper.colour().luminance() < PALE) {
            return Optional.of(finding(
                    Severity.WARNING,
                    piece.id(),
                    piece.outline(),
                    Phrase.in(card.design().system())
                            .words(piece.name() + " is to be printed on " + paper.name()
                                    + ". A printer has no white: the colours of the picture come out on that of the"
                                    + " paper. Choose a white one."),
                    Optional.empty()));
        }
        return paper.margin().isZero()
                ? Optional.of(finding(
                        Severity.NOTE,
                        piece.id(),
                        piece.outline(),
                        Phrase.in(card.design().system())
                                .words(piece.name() + " is to be printed up to the edge of its sheets. Most printers"
                                        + " leave an edge bare: say under Supplies how wide that is on "
                                        + paper.name() + "."),
                        Optional.empty()))
                : Optional.empty();
    }
}
