package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.artwork.Artwork;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Piece;
import kwibbet.card.Print;
import kwibbet.card.Zone;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** A picture that is printed so large that its dots can be seen. Common practice, no source. */
record CoarsePrint() implements Rule {

    @Override
    public String key() {
        return "coarse-print";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                zone.print()
                        .filter(print -> print.dotsPerInch() < Artwork.COARSE)
                        .ifPresent(print -> findings.add(found(card, piece, zone, print)));
            }
        }
        return findings;
    }

    private Finding found(Card card, Piece piece, Zone zone, Print print) {
        String name = print.artwork().name();
        return finding(
                Severity.WARNING,
                piece.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words("“" + name + "” on " + piece.name() + " is printed with "
                                + (int) print.dotsPerInch() + " dots to the inch, and looks coarse under "
                                + Artwork.COARSE + ". It is fine up to ")
                        .length(fine(card, print))
                        .words(" wide."),
                card.design().addition(zone.owner()).flatMap(work -> smaller(card, work, print)));
    }

    private static Length fine(Card card, Print print) {
        return print.artwork()
                .widestFine()
                .roundedDownTo(card.materials().trim())
                .shown();
    }

    private static Optional<Remedy> smaller(Card card, Addition work, Print print) {
        Length width = fine(card, print);
        if (width.isShorterThan(PrintedPicture.WIDTH.least())) {
            return Optional.empty();
        }
        Design smaller = card.design()
                .settled()
                .with(work.with(card.design()
                        .present(work)
                        .with(PrintedPicture.FIT, PrintedPicture.SIZE)
                        .with(PrintedPicture.WIDTH, width)));
        return Optional.of(new Remedy("print it that wide", smaller));
    }
}
