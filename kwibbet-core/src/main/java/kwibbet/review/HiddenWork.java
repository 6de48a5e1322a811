package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Zone;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.wording.Phrase;

/** Surface work that something stuck over it hides: a sentiment stamped on the wrong layer, or too late. */
record HiddenWork() implements Rule {

    @Override
    public String key() {
        return "hidden-work";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                boolean surface = card.design()
                        .addition(zone.owner())
                        .filter(addition -> addition.feature() instanceof SurfaceWork)
                        .isPresent();
                if (surface && zone.use() == Zone.Use.SURFACE) {
                    card.joinsOn(piece.id()).stream()
                            .filter(join -> join.side() == zone.side() && Overlay.overlap(join.zone(), zone.outline()))
                            .filter(join -> !card.isClear(join.upper()))
                            .findFirst()
                            .ifPresent(join -> findings.add(finding(card, piece, zone, join)));
                }
            }
        }
        return findings;
    }

    private Finding finding(Card card, Piece piece, Zone zone, Join over) {
        Addition work = card.design()
                .addition(zone.owner())
                .orElseThrow(() -> new IllegalStateException(
                        "a zone is owned by " + zone.owner().value() + ", which is not on the card"));
        boolean within = over.zone().bounds().contains(zone.outline().bounds());
        Optional<Remedy> onTop = within && card.design().addition(over.upper()).isPresent()
                ? Optional.of(new Remedy(
                        "do it on " + card.nameOf(over.upper()),
                        card.design().without(work.id()).plus(work.with(new Host.OnPiece(over.upper())))))
                : Optional.empty();
        return finding(
                Severity.TROUBLE,
                piece.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words("“" + work.name() + "” on " + piece.name() + " is hidden by " + card.nameOf(over.upper())
                                + "."),
                onTop);
    }
}
